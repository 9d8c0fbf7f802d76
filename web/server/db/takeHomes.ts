import { QueryTypes } from 'sequelize'
import { database, inTransaction } from './database'
import { holdHousehold } from './householdIds'
import { models } from './models'

/** A page that was handed out, without its contents. */
export interface HandedPage {
  id: string
  householdId: string
  stocks: string[]
  madeAt: Date
  by: string | null
  expiresAt: Date
  withdrawnAt: Date | null
  visits: number
  visitedAt: Date | null
}

/** So many are listed: nobody looks through more. */
const LISTED = 30

/** Keeps one under the id that whoever asked for it made: asked for twice it is kept once. @throws Gone. */
export async function addTakeHome(page: {
  id: string
  householdId: string
  stocks: readonly string[]
  document: string
  madeBy: string
  expiresAt: Date
}): Promise<void> {
  await inTransaction(async (transaction) => {
    await holdHousehold(page.householdId, transaction)
    await models().TakeHomeRow.bulkCreate([{ ...page, stocks: page.stocks.join(',') }], {
      transaction,
      ignoreDuplicates: true,
    })
  })
}

/** A household's pages, the latest first. */
export async function takeHomesOf(householdId: string): Promise<HandedPage[]> {
  const rows = await database().query<Omit<HandedPage, 'stocks'> & { stocks: string }>(
    `SELECT t.id, t.household_id AS householdId, t.stocks, t.created_at AS madeAt, a.name AS \`by\`,
        t.expires_at AS expiresAt, t.withdrawn_at AS withdrawnAt, t.visits, t.visited_at AS visitedAt
      FROM take_homes t LEFT JOIN accounts a ON a.id = t.made_by
      WHERE t.household_id = :householdId ORDER BY t.created_at DESC, t.id LIMIT ${LISTED}`,
    { type: QueryTypes.SELECT, replacements: { householdId } },
  )
  return rows.map(({ stocks, ...row }) => ({ ...row, stocks: stocks.split(',') }))
}

/** What was handed out, whether or not its link still works: for those who are signed in. */
export async function takeHomeDocument(id: string): Promise<string | undefined> {
  return (await models().TakeHomeRow.findByPk(id, { attributes: ['document'] }))?.document
}

/** The same for who holds the link: only until it expires or is withdrawn. */
export async function openDocument(id: string): Promise<string | undefined> {
  const row = await models().TakeHomeRow.findByPk(id, { attributes: ['document', 'expiresAt', 'withdrawnAt'] })
  return row && !row.withdrawnAt && row.expiresAt.valueOf() > Date.now() ? row.document : undefined
}

export async function countVisit(id: string): Promise<void> {
  await database().query(
    `UPDATE take_homes SET visits = visits + 1, visited_at = NOW(3)
      WHERE id = :id AND withdrawn_at IS NULL AND expires_at > NOW(3)`,
    { type: QueryTypes.UPDATE, replacements: { id } },
  )
}

/** Its link works no more; whether there was one. */
export async function withdrawTakeHome(id: string): Promise<boolean> {
  const [, count] = await database().query(
    'UPDATE take_homes SET withdrawn_at = COALESCE(withdrawn_at, NOW(3)) WHERE id = :id',
    { type: QueryTypes.UPDATE, replacements: { id } },
  )
  return count > 0 || (await models().TakeHomeRow.count({ where: { id } })) > 0
}
