import { QueryTypes, type Transaction } from 'sequelize'
import { v4 as random } from 'uuid'
import { accountOf, type Account } from './accounts'
import { database } from '../database'

/** A link by which somebody chooses a password: it works once, until it is over. The latest alone works. */
export async function addOneTimeLink(
  account: string,
  { hours, by }: { hours: number; by: string },
  transaction: Transaction,
): Promise<string> {
  const id = random()
  await database().query('UPDATE one_time_links SET used_at = NOW(3) WHERE account_id = :account AND used_at IS NULL', {
    type: QueryTypes.RAW,
    replacements: { account },
    transaction,
  })
  await database().query(
    `INSERT INTO one_time_links (id, account_id, made_by, created_at, expires_at)
      VALUES (:id, :account, :by, NOW(3), NOW(3) + INTERVAL :hours HOUR)`,
    { type: QueryTypes.RAW, replacements: { id, account, by, hours }, transaction },
  )
  return id
}

/** Whose a link is, while it works. */
export async function accountOfLink(id: string): Promise<Account | undefined> {
  const [row] = await database().query<Parameters<typeof accountOf>[0]>(
    `SELECT a.id, a.name, a.email, a.role FROM one_time_links l JOIN accounts a ON a.id = l.account_id
      WHERE l.id = :id AND l.used_at IS NULL AND l.expires_at > NOW(3)`,
    { type: QueryTypes.SELECT, replacements: { id } },
  )
  return row && accountOf(row)
}

/** Uses it up; whether it worked still. Of two who open it at once one gets through. */
export async function takeOneTimeLink(id: string, transaction: Transaction): Promise<boolean> {
  const [, changed] = (await database().query(
    'UPDATE one_time_links SET used_at = NOW(3) WHERE id = :id AND used_at IS NULL AND expires_at > NOW(3)',
    { type: QueryTypes.UPDATE, replacements: { id }, transaction },
  )) as unknown as [unknown, number]
  return changed === 1
}
