import { QueryTypes } from 'sequelize'
import { database } from './database'

/** Work of which one process at a time is enough. */
export type Chore = 'reckon all'

/** Does it unless another process is at it: its row is held meanwhile, and let go by the database if this process dies. */
export async function asOnlyOne(chore: Chore, work: () => Promise<void>): Promise<void> {
  const transaction = await database().transaction()
  try {
    const rows = await database().query('SELECT name FROM chores WHERE name = :chore FOR UPDATE SKIP LOCKED', {
      type: QueryTypes.SELECT,
      replacements: { chore },
      transaction,
    })
    if (rows.length) await work()
  } finally {
    await transaction.rollback()
  }
}
