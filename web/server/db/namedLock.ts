import { QueryTypes, type Transaction } from 'sequelize'
import { database } from './database'

/** Work of which one process at a time is enough. */
export type LockName = 'reckon all' | 'bring in'

/** Does it unless another process is at it: its row is held meanwhile, and let go by the database if this process dies. */
export async function withNamedLock(chore: LockName, work: () => Promise<void>): Promise<void> {
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

/** From here to its end a transaction is the only one at it, whichever process the others are in: they wait. */
export async function holdNamedLock(chore: LockName, transaction: Transaction): Promise<void> {
  const replacements = { chore }
  const type = QueryTypes.SELECT
  await database().query('SELECT name FROM chores WHERE name = :chore FOR UPDATE', { type, replacements, transaction })
}
