import { QueryTypes } from 'sequelize'
import { v7 as uuid } from 'uuid'
import { logFault, logLine } from '../../log'
import { database } from '../database'

/** What happens at the doors of the house, in words. */
export const HOUSE_EVENTS = [
  'signed in',
  'signed out',
  'wrong password',
  'wrong code',
  'too many tries',
  'not allowed',
  'sent out',
  'invited',
  'link for a new password',
  'new password',
  'role changed',
  'removed',
  'second factor on',
  'second factor off',
  'second factor asked of',
] as const
export type HouseEventKind = (typeof HOUSE_EVENTS)[number]

export interface HouseEvent {
  kind: HouseEventKind
  /** Somebody of the house, by name; absent where nobody of it was meant. Never a word that somebody typed. */
  about?: string
  by?: string
  /** `lot hand to manager`. */
  detail?: string
}

/** Kept for so long, days. */
const KEPT = 400

/** Into the log and before the office's eyes. Never throws: nobody is kept out because the book cannot be written. */
export async function noteEvent({ kind, about, by, detail = '' }: HouseEvent): Promise<void> {
  logLine(`at the door: ${kind}`)
  try {
    await database().query(
      `INSERT INTO house_events (id, kind, about, \`by\`, detail, happened_at)
        VALUES (:id, :kind, :about, :by, :detail, NOW(3))`,
      { type: QueryTypes.RAW, replacements: { id: uuid(), kind, about: about ?? null, by: by ?? null, detail } },
    )
  } catch (failure) {
    logFault('house events', failure)
  }
}

/** What is older than a house keeps it goes. */
export const forgetEvents = (): Promise<unknown> =>
  database().query('DELETE FROM house_events WHERE happened_at < NOW(3) - INTERVAL :days DAY', {
    type: QueryTypes.RAW,
    replacements: { days: KEPT },
  })

/** The latest first. */
export async function latestEvents(most: number): Promise<(HouseEvent & { id: string; at: Date })[]> {
  const rows = await database().query<HouseEvent & { id: string; at: Date }>(
    'SELECT id, kind, about, `by`, detail, happened_at AS at FROM house_events ORDER BY happened_at DESC, id DESC LIMIT :most',
    { type: QueryTypes.SELECT, replacements: { most } },
  )
  return rows
}
