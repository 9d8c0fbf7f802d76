import { createHash } from 'node:crypto'
import { QueryTypes, Transaction, type Sequelize } from 'sequelize'
import { executedMigrations, isKnown, migrate } from './migrate'

/** What cannot be made again, those that others hang on first. What is reckoned, sessions and tries are not in it. */
const TABLES = [
  'accounts',
  'house_settings',
  'house_rules',
  'house_events',
  'one_time_links',
  'trailers',
  'household_ids',
  'erased',
  'households',
  'walk_events',
  'take_homes',
  'contacts',
  'outgoing',
  'follow_ups',
  'set_aside',
] as const
type Table = (typeof TABLES)[number]
type Row = Record<string, string | number | null>

interface Head {
  archive: 'hitchet'
  migrations: string[]
}
interface TableRow {
  table: Table
  row: Row
}
interface Foot {
  rows: Record<Table, number>
  /** SHA-256 of all lines before this one, in hex. */
  sha256: string
}

/** What is wrong with an archive, or with where it is to go. Nothing was written then. */
export class BadArchive extends Error {}

/** Rows read at a time. */
const AT_ONCE = 100

/** All that a house has put in, as one moment saw it: a line of JSON each, with a head and a foot that says whether it is whole. */
export async function* archiveLines(db: Sequelize): AsyncGenerator<string> {
  const hash = createHash('sha256')
  const line = (value: unknown) => {
    const text = JSON.stringify(value)
    hash.update(`${text}\n`)
    return text
  }
  // Everything is read as it stood when the first table was: whoever saves meanwhile is in the next archive.
  const transaction = await db.transaction({ isolationLevel: Transaction.ISOLATION_LEVELS.REPEATABLE_READ })
  try {
    yield line({ archive: 'hitchet', migrations: await executedMigrations(db) } satisfies Head)
    const rows = {} as Foot['rows']
    for (const table of TABLES) {
      rows[table] = 0
      for await (const row of rowsOf(db, table, transaction)) {
        rows[table] += 1
        yield line({ table, row })
      }
    }
    yield JSON.stringify({ rows, sha256: hash.digest('hex') } satisfies Foot)
  } finally {
    await transaction.rollback()
  }
}

/** Checks an archive to its end and writes nothing. @throws BadArchive. */
export async function checkArchive(lines: AsyncIterable<string>): Promise<Foot['rows']> {
  const read = readArchive(lines)
  for (;;) {
    const { done, value } = await read.next()
    if (done) return value
  }
}

/** Who was erased by the time an archive was made. @throws BadArchive. */
export async function erasedIn(lines: AsyncIterable<string>): Promise<string[]> {
  const erased: string[] = []
  for await (const one of readArchive(lines))
    if ('table' in one && one.table === 'erased') erased.push(String(one.row['household_id']))
  return erased
}

/**
 * Puts an archive into a database that has nothing in it yet: all or nothing, and then reads it all back and compares every row.
 * Households in `erased`, which were erased after it was made, are erased again. @throws BadArchive, NewerDatabase.
 */
export async function restoreArchive(
  db: Sequelize,
  lines: AsyncIterable<string>,
  erased: readonly string[] = [],
): Promise<Foot['rows']> {
  const read = readArchive(lines)
  const { value: head } = (await read.next()) as { value: Head }
  // The tables as they were when it was made: then the migrations since bring the rows along.
  await migrate(db, head.migrations.at(-1))
  for (const table of TABLES) {
    const [found] = await db
      .query<{ n: number }>(`SELECT COUNT(*) AS n FROM ${table}`, { type: QueryTypes.SELECT })
      .catch(() => [])
    if (Number(found?.n ?? 0) > 0)
      throw new BadArchive(`the database is not empty: there are ${found!.n} rows in ${table}`)
  }
  const digests = new Map<string, string>()
  const transaction = await db.transaction()
  let counted: Foot['rows']
  try {
    let some: { table: Table; rows: Row[] } | undefined
    const put = async () => {
      if (some) await insert(db, some.table, some.rows, transaction)
      some = undefined
    }
    let next = await read.next()
    for (; !next.done; next = await read.next()) {
      const { table, row } = next.value as TableRow
      if (some && (some.table !== table || some.rows.length >= AT_ONCE)) await put()
      some = { table, rows: [...(some?.rows ?? []), row] }
      digests.set(nameOf(table, row), digest(row))
    }
    await put()
    counted = next.value
    await compare(db, digests, transaction)
    await transaction.commit()
  } catch (failure) {
    await transaction.rollback()
    throw failure
  }
  await migrate(db)
  await eraseAgain(db, erased)
  return counted
}

async function eraseAgain(db: Sequelize, erased: readonly string[]): Promise<void> {
  if (erased.length === 0) return
  const run = (sql: string, ids: unknown) => db.query(sql, { type: QueryTypes.RAW, replacements: { ids } })
  await run('DELETE FROM household_ids WHERE id IN (:ids)', erased)
  await run("DELETE FROM set_aside WHERE kind = 'household' AND id IN (:ids)", erased)
  await run(
    'INSERT IGNORE INTO erased (household_id, erased_at) VALUES :ids',
    erased.map((id) => [id, new Date()]),
  )
}

/** Head and rows, and at the end how many of each. */
async function* readArchive(lines: AsyncIterable<string>): AsyncGenerator<Head | TableRow, Foot['rows']> {
  const hash = createHash('sha256')
  const rows = Object.fromEntries(TABLES.map((table) => [table, 0])) as Foot['rows']
  let number = 0
  let hasHead = false
  for await (const line of lines) {
    number += 1
    const value = parsed(line, number)
    if (!hasHead) {
      checkHead(value as Partial<Head>)
      hasHead = true
    } else if ('sha256' in value) {
      const whole = value as unknown as Foot
      if (hash.digest('hex') !== whole.sha256)
        throw new BadArchive(`line ${number}: something in it was changed or lost`)
      return rows
    } else {
      const { table } = value as { table: Table }
      if (!TABLES.includes(table)) throw new BadArchive(`line ${number}: found a row of “${String(table)}”`)
      rows[table] += 1
    }
    hash.update(`${line}\n`)
    yield value as Head | TableRow
  }
  throw new BadArchive(number === 0 ? 'it is empty' : `it ends after line ${number}, before it is whole`)
}

/** @throws BadArchive also for one of a newer program, whose tables nobody here knows. */
function checkHead({ archive, migrations }: Partial<Head>): void {
  if (archive !== 'hitchet' || !Array.isArray(migrations) || migrations.length === 0)
    throw new BadArchive('line 1: this is no archive of Hitchet')
  const newer = migrations.filter((name) => !isKnown(name))
  if (newer.length)
    throw new BadArchive(`it was made by a newer Hitchet (${newer.join(', ').slice(0, 200)}): restore it with that one`)
}

function parsed(line: string, number: number): object {
  let value: unknown
  try {
    value = JSON.parse(line)
  } catch {
    throw new BadArchive(`line ${number}: what stands there is no JSON`)
  }
  if (typeof value !== 'object' || value === null) throw new BadArchive(`line ${number}: this is no line of an archive`)
  return value
}

/** Every row of a table by its key; moments as text to the millisecond. */
async function* rowsOf(db: Sequelize, table: Table, transaction: Transaction): AsyncGenerator<Row> {
  const columns = await columnsOf(db, table, transaction)
  // One that came later than the archive.
  if (columns.length === 0) return
  const selected = columns.map(({ name, type }) =>
    /^(datetime|date|timestamp)$/.test(type) ? `CAST(\`${name}\` AS CHAR) AS \`${name}\`` : `\`${name}\``,
  )
  const key = keyOf(table)
  for (let after = ''; ;) {
    const rows = await db.query<Row>(
      `SELECT ${selected.join(', ')} FROM ${table} WHERE ${key} > :after ORDER BY ${key} LIMIT ${AT_ONCE}`,
      { type: QueryTypes.SELECT, replacements: { after }, transaction },
    )
    for (const row of rows) yield Object.fromEntries(Object.entries(row).map(([name, value]) => [name, plain(value)]))
    if (rows.length === 0) return
    after = String(rows.at(-1)![key])
  }
}

const columnsOf = (db: Sequelize, table: Table, transaction: Transaction) =>
  db.query<{ name: string; type: string }>(
    `SELECT column_name AS name, data_type AS type FROM information_schema.columns
      WHERE table_schema = DATABASE() AND table_name = :table ORDER BY ordinal_position`,
    { type: QueryTypes.SELECT, replacements: { table }, transaction },
  )

/** JSON columns come as text or as values, as the driver likes; here they are text. */
const plain = (value: unknown): string | number | null =>
  typeof value === 'object' && value !== null ? JSON.stringify(value) : (value as string | number | null)

const KEYS: Partial<Record<Table, string>> = {
  contacts: 'household_id',
  erased: 'household_id',
  house_settings: 'name',
}
const keyOf = (table: Table): string => KEYS[table] ?? 'id'
const nameOf = (table: Table, row: Row): string => `${table} ${row[keyOf(table)]}`
const digest = (row: Row): string => createHash('sha256').update(JSON.stringify(row)).digest('base64')

async function insert(db: Sequelize, table: Table, rows: readonly Row[], transaction: Transaction): Promise<void> {
  const names = Object.keys(rows[0]!)
  const columns = new Set((await columnsOf(db, table, transaction)).map(({ name }) => name))
  for (const row of rows)
    for (const name of Object.keys(row))
      if (!columns.has(name) || !names.includes(name))
        throw new BadArchive(`a row of ${table} has “${name.slice(0, 60)}”; right would be ${[...columns].join(', ')}`)
  await db.query(
    `INSERT INTO ${table} (${names.map((name) => `\`${name}\``).join(', ')}) VALUES ${rows.map(() => '(?)').join(', ')}`,
    { type: QueryTypes.RAW, replacements: rows.map((row) => names.map((name) => row[name] ?? null)), transaction },
  )
}

/** What stands in the tables now is what stood in the archive, row by row. */
async function compare(db: Sequelize, digests: ReadonlyMap<string, string>, transaction: Transaction): Promise<void> {
  const left = new Map(digests)
  for (const table of TABLES)
    for await (const row of rowsOf(db, table, transaction)) {
      const name = nameOf(table, row)
      if (left.get(name) !== digest(row)) throw new BadArchive(`${name} does not come out as it went in`)
      left.delete(name)
    }
  if (left.size) throw new BadArchive(`${left.size} rows did not arrive`)
}
