import { QueryTypes } from 'sequelize'
import { v7 as uuid } from 'uuid'
import { kindOf, logFault } from '../log'
import { database } from './database'

/** Something that failed where nobody waited for it. */
export interface Fault {
  place: string
  kind: string
  at: Date
}

/** So many are kept. */
const MOST = 200

/** Into the log and before the office's eyes: place and kind, never what was in it. Never throws: the database itself may be away. */
export async function noteFault(place: string, failure: unknown): Promise<void> {
  logFault(place, failure)
  const replacements = { id: uuid(), place: place.slice(0, 120), kind: kindOf(failure).slice(0, 80), most: MOST }
  try {
    await database().query('INSERT INTO faults (id, place, kind, happened_at) VALUES (:id, :place, :kind, NOW(3))', {
      type: QueryTypes.RAW,
      replacements,
    })
    await database().query(
      `DELETE FROM faults WHERE happened_at < (SELECT happened_at FROM (
        SELECT happened_at FROM faults ORDER BY happened_at DESC LIMIT 1 OFFSET :most) AS oldest)`,
      { type: QueryTypes.RAW, replacements },
    )
  } catch {
    // It stands in the log.
  }
}

export const latestFaults = (most: number) =>
  database().query<Fault>('SELECT place, kind, happened_at AS at FROM faults ORDER BY happened_at DESC LIMIT :most', {
    type: QueryTypes.SELECT,
    replacements: { most },
  })
