import { QueryTypes, type Transaction } from 'sequelize'
import { database, inTransaction } from './database'
import { eraseHousehold, holdAlone } from './householdIds'

/** A record that this program cannot read, whole. */
export interface Quarantined {
  id: string
  kind: 'unit' | 'household'
  /** Its stock number or name, as it stands beside the record. */
  name: string
  why: string
  at: Date
}

const TABLES = { unit: 'trailers', household: 'households' } as const
const NAMES = { unit: 'stock', household: 'name' } as const
const LONGEST_WHY = 300

/** Every record of a kind, some at a time: its id, and the document as it stands in the table. */
export async function* everyDocument(kind: Quarantined['kind']): AsyncGenerator<{ id: string; document: string }> {
  for (let after = ''; ;) {
    const rows = await database().query<{ id: string; document: string | object }>(
      `SELECT id, document FROM ${TABLES[kind]} WHERE id > :after ORDER BY id LIMIT 50`,
      { type: QueryTypes.SELECT, replacements: { after } },
    )
    for (const { id, document } of rows)
      yield { id, document: typeof document === 'string' ? document : JSON.stringify(document) }
    if (rows.length === 0) return
    after = rows.at(-1)!.id
  }
}

/** The same record in today's form, unless somebody saved it meanwhile. */
export const renewDocument = (
  kind: Quarantined['kind'],
  id: string,
  before: string,
  now: string,
  transaction: Transaction,
) =>
  database().query(
    `UPDATE ${TABLES[kind]} SET document = :now, version = version + 1 WHERE id = :id AND JSON_EQUALS(document, :before)`,
    { type: QueryTypes.RAW, replacements: { id, before, now }, transaction },
  )

/** Out of the lists and out of all that is reckoned, whole, with why. */
export async function quarantine(
  kind: Quarantined['kind'],
  id: string,
  why: string,
  transaction: Transaction,
): Promise<void> {
  await database().query(
    `INSERT IGNORE INTO set_aside (id, kind, name, document, why, set_aside_at)
      SELECT id, :kind, ${NAMES[kind]}, document, :why, NOW(3) FROM ${TABLES[kind]} WHERE id = :id`,
    { type: QueryTypes.RAW, replacements: { id, kind, why: why.slice(0, LONGEST_WHY) }, transaction },
  )
  await database().query(`DELETE FROM ${TABLES[kind]} WHERE id = :id`, {
    type: QueryTypes.RAW,
    replacements: { id },
    transaction,
  })
}

export const allQuarantined = () =>
  database().query<Quarantined>('SELECT id, kind, name, why, set_aside_at AS at FROM set_aside ORDER BY set_aside_at', {
    type: QueryTypes.SELECT,
  })

/** A record that was put aside, as it stood. */
export async function quarantinedDocument(id: string): Promise<{ name: string; document: string } | undefined> {
  const [row] = await database().query<{ name: string; document: string }>(
    'SELECT name, document FROM set_aside WHERE id = :id',
    { type: QueryTypes.SELECT, replacements: { id } },
  )
  return row
}

/** Households that were put aside under a name, as they stood, the first first; nobody else brings them in meanwhile. */
export const quarantinedHouseholds = (name: string, transaction: Transaction) =>
  database().query<{ id: string; document: string }>(
    "SELECT id, document FROM set_aside WHERE kind = 'household' AND name = :name ORDER BY set_aside_at, id FOR UPDATE",
    { type: QueryTypes.SELECT, replacements: { name }, transaction },
  )

/** It is among the others again. */
export const takenBack = (id: string, transaction: Transaction) =>
  database().query('DELETE FROM set_aside WHERE id = :id', {
    type: QueryTypes.RAW,
    replacements: { id },
    transaction,
  })

/** Nothing is left of it, nor of what hangs on it; whether it lay aside. */
export const eraseQuarantined = (id: string): Promise<boolean> =>
  inTransaction(async (transaction) => {
    await holdAlone(id, transaction)
    const [row] = await database().query<{ kind: Quarantined['kind'] }>(
      'SELECT kind FROM set_aside WHERE id = :id FOR UPDATE',
      { type: QueryTypes.SELECT, replacements: { id }, transaction },
    )
    if (!row) return false
    await takenBack(id, transaction)
    if (row.kind === 'household') await eraseHousehold(id, transaction)
    return true
  })
