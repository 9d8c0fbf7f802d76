import { QueryTypes } from 'sequelize'
import { database } from '../db/database'

/** Whoever asks wants to know now, milliseconds. */
const PATIENCE_MS = 2_000

let asking: Promise<boolean> | undefined

/** Whether the database answers at the moment. However many ask, one of them asks it. */
export function isReady(): Promise<boolean> {
  asking ??= Promise.race([answers(), late()]).finally(() => (asking = undefined))
  return asking
}

const answers = (): Promise<boolean> =>
  database()
    .query('SELECT 1', { type: QueryTypes.SELECT, retry: { max: 1 } })
    .then(() => true)
    .catch(() => false)

const late = (): Promise<boolean> => new Promise((resolve) => setTimeout(() => resolve(false), PATIENCE_MS).unref())
