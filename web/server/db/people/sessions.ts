import { createHmac } from 'node:crypto'
import { QueryTypes } from 'sequelize'
import { v4 as random } from 'uuid'
import { settings } from '../../settings'
import { accountOf, type Account } from './accounts'
import { database } from '../database'
import { isAskedOf, SECOND_FACTOR } from './houseSettings'

/** Twelve hours: a working day on the lot. */
export const LASTS_SECONDS = 12 * 60 * 60

/** Who does nothing for so long is asked who they are once more. */
const idleSeconds = (): number => settings().idleMinutes * 60

/** A session is written down as used so often at the most, seconds: not with each picture. */
const SEEN_EVERY = 60

/** Whence somebody came is known again for so long, days; then nothing is left of a session. */
const KNOWN_DAYS = 30

const run = (sql: string, replacements: Record<string, unknown>) =>
  database().query(sql, { type: QueryTypes.RAW, replacements })

/** Somebody has signed in: the id of the new session, which nobody guesses. Sessions of long ago go. */
export async function beginSession(account: string, address: string): Promise<string> {
  const id = random()
  await run('DELETE FROM sessions WHERE expires_at < NOW(3) - INTERVAL :days DAY', { days: KNOWN_DAYS })
  await run(
    `INSERT INTO sessions (id, account_id, address_seal, created_at, seen_at, expires_at)
      VALUES (:id, :account, :seal, NOW(3), NOW(3), NOW(3) + INTERVAL :seconds SECOND)`,
    { id, account, seal: sealOf(address), seconds: LASTS_SECONDS },
  )
  return id
}

/** Whose a session is, while it lasts and is used. */
export async function accountInSession(id: string): Promise<Account | undefined> {
  const [row] = await database().query<Parameters<typeof accountOf>[0] & Found>(
    `SELECT a.id, a.name, a.email, a.role, s.expires_at AS until, a.second_factor IS NOT NULL AS hasFactor,
        s.seen_at < NOW(3) - INTERVAL :seen SECOND AS isLongAgo,
        (SELECT value FROM house_settings WHERE name = :setting) AS factorOf
      FROM sessions s JOIN accounts a ON a.id = s.account_id WHERE s.id = :id AND ${OPEN}`,
    {
      type: QueryTypes.SELECT,
      replacements: { id, idle: idleSeconds(), seen: SEEN_EVERY, setting: SECOND_FACTOR },
    },
  )
  if (!row) return undefined
  if (row.isLongAgo) await run('UPDATE sessions SET seen_at = NOW(3) WHERE id = :id', { id })
  const account = accountOf(row)
  const mustSetUp = !row.hasFactor && isAskedOf(row.factorOf, account.role)
  return { ...account, signedInUntil: row.until, ...(mustSetUp && { mustSetUp }) }
}

interface Found {
  until: Date
  hasFactor: number
  isLongAgo: number
  factorOf: string | null
}

/** Of a session `s`: it was not ended, lasts, and was used of late. */
const OPEN = 's.ended_at IS NULL AND s.expires_at > NOW(3) AND s.seen_at > NOW(3) - INTERVAL :idle SECOND'

export const endSession = (id: string): Promise<unknown> =>
  run('UPDATE sessions SET ended_at = NOW(3) WHERE id = :id AND ended_at IS NULL', { id })

/** Wherever they are signed in, they are not any more; but for one of their sessions. */
export const endSessionsOf = (account: string, { but = '' } = {}): Promise<unknown> =>
  run('UPDATE sessions SET ended_at = NOW(3) WHERE account_id = :account AND ended_at IS NULL AND id <> :but', {
    account,
    but,
  })

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
    `SELECT s.account_id AS account, COUNT(*) AS open, MIN(s.created_at) AS since FROM sessions s
      WHERE ${OPEN} GROUP BY s.account_id`,
    { type: QueryTypes.SELECT, replacements: { idle: idleSeconds() } },
  )
  return new Map(rows.map(({ account, open, since }) => [account, { open: Number(open), since }]))
}

/** Addresses are known again, and stand nowhere. */
const sealOf = (address: string): string =>
  createHmac('sha256', settings().sessionSecret).update('signed in from ').update(address).digest('hex')
