import { QueryTypes, type Transaction } from 'sequelize'
import { Gone } from './conflict'
import { database } from './database'

/**
 * From here to its end a transaction may write what hangs on a household: whoever erases it waits, and finds that too.
 * @throws Gone when it was erased.
 */
export async function holdHousehold(id: string, transaction: Transaction): Promise<void> {
  if (!(await isHeld(id, transaction))) throw new Gone()
}

/** The same, told. */
export const isHeld = (id: string, transaction: Transaction): Promise<boolean> =>
  isHere(id, 'LOCK IN SHARE MODE', transaction)

/** Nobody else writes of it from here on; whether it is there. */
export const holdAlone = (id: string, transaction: Transaction): Promise<boolean> =>
  isHere(id, 'FOR UPDATE', transaction)

async function isHere(id: string, how: string, transaction: Transaction): Promise<boolean> {
  const rows = await database().query(`SELECT id FROM household_ids WHERE id = :id ${how}`, {
    type: QueryTypes.SELECT,
    replacements: { id },
    transaction,
  })
  return rows.length > 0
}

/** Households come in under these ids, those that were put aside under their own. @throws Gone when one of them was erased. */
export async function enterHouseholds(ids: readonly string[], transaction: Transaction): Promise<void> {
  if (ids.length === 0) return
  await run('INSERT IGNORE INTO household_ids (id) VALUES :ids', { ids: ids.map((id) => [id]) }, transaction)
  const erased = await database().query(
    'SELECT household_id FROM erased WHERE household_id IN (:ids) LOCK IN SHARE MODE',
    {
      type: QueryTypes.SELECT,
      replacements: { ids },
      transaction,
    },
  )
  if (erased.length) throw new Gone()
}

/** The household and all that hangs on it is gone; that it was here is all that stays. */
export async function eraseHousehold(id: string, transaction: Transaction): Promise<void> {
  await run('DELETE FROM household_ids WHERE id = :id', { id }, transaction)
  await run('REPLACE INTO erased (household_id, erased_at) VALUES (:id, NOW(3))', { id }, transaction)
}

/** It is not erased after all. */
export const unerase = (id: string, transaction: Transaction): Promise<unknown> =>
  run('DELETE FROM erased WHERE household_id = :id', { id }, transaction)

const run = (sql: string, replacements: Record<string, unknown>, transaction: Transaction) =>
  database().query(sql, { type: QueryTypes.RAW, replacements, transaction })
