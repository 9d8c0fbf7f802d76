import { createHmac } from 'node:crypto'
import { QueryTypes } from 'sequelize'
import { v4 as random } from 'uuid'
import { settings } from '../settings'
import { accountOf, type Account } from './accounts'
import { database } from './database'

/** Twelve hours: a working day on the lot. */
export const LASTS_SECONDS = 12 * 60 * 60

/** Whence somebody came is known again for so long, days; then nothing is left of a session. */
const KNOWN_DAYS = 30

const run = (sql: string, replacements: Record<string, unknown>) =>
  database().query(sql, { type: QueryTypes.RAW, replacements })

/** Somebody has signed in: the id of the new session, which nobody guesses. Sessions of long ago go. */
export async function beginSession(account: string, address: string): Promise<string> {
  const id = random()
  await run('DELETE FROM sessions WHERE expires_at < NOW(3) - INTERVAL :days DAY', { days: KNOWN_DAYS })
  await run(
    `INSERT INTO sessions (id, account_id, address_seal, created_at, expires_at)
      VALUES (:id, :account, :seal, NOW(3), NOW(3) + INTERVAL :seconds SECOND)`,
    { id, account, seal: sealOf(address), seconds: LASTS_SECONDS },
  )
  return id
}

/** Whose a session is, while it lasts. */
export async function accountInSession(id: string): Promise<Account | undefined> {
  const [row] = await database().query<Parameters<typeof accountOf>[0] & { until: Date }>(
    `SELECT a.id, a.name, a.email, a.role, s.expires_at AS until FROM sessions s JOIN accounts a ON a.id = s.account_id
      WHERE s.id = :id AND s.ended_at IS NULL AND s.expires_at > NOW(3)`,
    { type: QueryTypes.SELECT, replacements: { id } },
  )
  return row && { ...accountOf(row), signedInUntil: row.until }
}

export const endSession = (id: string): Promise<unknown> =>
  run('UPDATE sessions SET ended_at = NOW(3) WHERE id = :id AND ended_at IS NULL', { id })

/** Wherever they are signed in, they are not any more. */
export const endSessionsOf = (account: string): Promise<unknown> =>
  run('UPDATE sessions SET ended_at = NOW(3) WHERE account_id = :account AND ended_at IS NULL', { account })

/** Whether somebody has come in from there before. */
export async function hasComeFrom(email: string, address: string): Promise<boolean> {
  const rows = await database().query(
    `SELECT 1 FROM sessions s JOIN accounts a ON a.id = s.account_id
      WHERE a.email = :email AND s.address_seal = :seal LIMIT 1`,
    { type: QueryTypes.SELECT, replacements: { email, seal: sealOf(address) } },
  )
  return rows.length > 0
}

/** For each account where it is signed in: how often, and since when at the earliest. */
export async function openSessions(): Promise<Map<string, { open: number; since: Date }>> {
  const rows = await database().query<{ account: string; open: number; since: Date }>(
    `SELECT account_id AS account, COUNT(*) AS open, MIN(created_at) AS since FROM sessions
      WHERE ended_at IS NULL AND expires_at > NOW(3) GROUP BY account_id`,
    { type: QueryTypes.SELECT },
  )
  return new Map(rows.map(({ account, open, since }) => [account, { open: Number(open), since }]))
}

/** Addresses are known again, and stand nowhere. */
const sealOf = (address: string): string =>
  createHmac('sha256', settings().sessionSecret).update('signed in from ').update(address).digest('hex')
