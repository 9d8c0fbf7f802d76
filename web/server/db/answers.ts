import { QueryTypes } from 'sequelize'
import { STANDINGS, type Standing } from '@hitchet/core/match/standing'
import type { Waited } from '@hitchet/core/match/asking/tapeList'
import { bitsOf, type CachedMatch } from '@hitchet/core/match/cachedMatch'
import type { Household } from '@hitchet/core/household/household'
import { database, inTransaction } from './database'
import { fromColumn } from './models'

/** A household and a unit, each in the version that something was reckoned from. */
export interface Pair {
  household: string
  householdVersion: number
  trailer: string
  trailerVersion: number
}

/** Right or not there: a row is read only where both are as they were, and the program and its rules too. */
const fresh = (a: string) =>
  `${a}.household_id = h.id AND ${a}.trailer_id = t.id AND ${a}.household_version = h.version
    AND ${a}.trailer_version = t.version AND ${a}.made_by = :key`

/** Which households and units something is kept of. */
export type KeptTable = 'kept_answers' | 'kept_waits'

interface Missing {
  households?: readonly string[]
  units?: readonly string[]
  /** Of so many parts only this one: two threads share the work. */
  part?: { of: number; number: number }
  most: number
}

/** Pairs of which nothing is kept, of some households in hand or all of them, and of some units or all. */
export const missingPairs = (table: KeptTable, key: string, { households, units, part, most }: Missing) =>
  database().query<{ household: string; trailer: string }>(
    `SELECT h.id AS household, t.id AS trailer FROM households h JOIN trailers t
      LEFT JOIN ${table} a ON ${fresh('a')}
      WHERE a.household_id IS NULL AND ${households ? 'h.id IN (:households)' : 'h.closed_at IS NULL'}
      ${units ? 'AND t.id IN (:units)' : ''} ${part ? 'AND CRC32(CONCAT(h.id, t.id)) % :of = :number' : ''}
      LIMIT :most`,
    { type: QueryTypes.SELECT, replacements: { key, households, units, most, ...part } },
  )

/** How many answers are still to be reckoned for those in hand, and since when the oldest of what they wait for was saved. */
export async function openPairs(key: string): Promise<{ left: number; since?: Date }> {
  const [row] = await database().query<{ left: number; since: Date | null }>(
    `SELECT COUNT(*) AS \`left\`, MIN(GREATEST(h.updated_at, t.updated_at)) AS since FROM households h JOIN trailers t
      LEFT JOIN kept_answers a ON ${fresh('a')} WHERE a.household_id IS NULL AND h.closed_at IS NULL`,
    { type: QueryTypes.SELECT, replacements: { key } },
  )
  return { left: Number(row!.left), ...(row!.since && { since: row!.since }) }
}

/** Some households as they are now. */
export async function householdsAsTheyAre(
  ids: readonly string[],
): Promise<Map<string, { version: number; household: Household }>> {
  const rows = await database().query<{ id: string; version: number; document: string | object }>(
    'SELECT id, version, document FROM households WHERE id IN (:ids)',
    { type: QueryTypes.SELECT, replacements: { ids } },
  )
  return new Map(rows.map(({ id, version, document }) => [id, { version, household: fromColumn(document) }]))
}

/** So many rows go into one statement. */
const ROWS = 250

/** A row for each pair; what stood there was of older versions. One whose household or unit is gone meanwhile is left out. */
export async function keep<Row extends Pair>(
  table: KeptTable,
  key: string,
  rows: readonly Row[],
  columns: Record<string, (row: Row) => string | number | null>,
): Promise<void> {
  const names = [
    'household_id',
    'trailer_id',
    'household_version',
    'trailer_version',
    'made_by',
    ...Object.keys(columns),
  ]
  const renewed = names.slice(2).map((name) => `${name} = VALUES(${name})`)
  for (let from = 0; from < rows.length; from += ROWS) {
    const some = rows.slice(from, from + ROWS)
    const values = some.map((row) => [
      row.household,
      row.trailer,
      row.householdVersion,
      row.trailerVersion,
      key,
      ...Object.values(columns).map((column) => column(row)),
    ])
    await inTransaction((transaction) =>
      database().query(
        // IGNORE: a household that was taken out while it was reckoned for has no row to hang this on.
        `INSERT IGNORE INTO ${table} (${names.join(', ')}) VALUES ${values.map(() => '(?)').join(', ')}
          ON DUPLICATE KEY UPDATE ${renewed.join(', ')}`,
        { type: QueryTypes.RAW, replacements: values, transaction },
      ),
    )
  }
}

/** What was worked out of a pair, or what kind of failure it came to. */
export type Outcome<Kept> = Pair & ({ kept: Kept; failed?: undefined } | { kept?: undefined; failed: string })

const KIND = 80

export async function keepAnswers(key: string, rows: readonly Outcome<CachedMatch>[]): Promise<void> {
  const [made, failed] = [
    rows.filter((row) => row.failed === undefined),
    rows.filter((row) => row.failed !== undefined),
  ]
  await keep('kept_answers', key, made as readonly (Pair & { kept: CachedMatch })[], ANSWER_COLUMNS)
  const nothing = Object.fromEntries(
    Object.keys(ANSWER_COLUMNS).map((name) => [name, () => (name in NOTHING ? NOTHING[name]! : 0)]),
  )
  await keep('kept_answers', key, failed, { ...nothing, failed: ({ failed: kind }) => kind!.slice(0, KIND) })
}

/** What stands in the columns of a failed one. */
const NOTHING: Record<string, string | null> = { standing: null, plan: '', model: '', told: '' }

const ANSWER_COLUMNS: Record<string, (row: Pair & { kept: CachedMatch }) => string | number | null> = {
  standing: ({ kept }) => STANDINGS.indexOf(kept.standing),
  size: ({ kept }) => kept.size,
  objections: ({ kept }) => kept.objections,
  score: ({ kept }) => kept.score,
  // Told besides as it is: these are for what is ordered by the database.
  plan: ({ kept }) => kept.plan,
  model: ({ kept }) => kept.model,
  against: ({ kept }) => bitsOf(kept.against),
  waits: ({ kept }) => kept.waits,
  passed: ({ kept }) => kept.passed,
  told: ({ kept: { standing: _standing, size: _size, objections: _objections, score: _score, ...told } }) =>
    JSON.stringify(told),
  failed: () => null,
}

/** A unit of the yard, with what is kept of it for a household, or what kind of failure it came to; neither: it is still to be reckoned. */
export interface KeptRow {
  id: string
  stock: string
  version: number
  kept?: CachedMatch
  failed?: string
}

interface AnswerRow {
  id: string
  stock: string
  version: number
  standing: number | null
  size: number
  objections: number
  score: number
  told: string
  failed: string | null
}

/** Another text as soon as a household, or any unit of the yard, is other than it was. */
export async function revisionOf(household: string): Promise<string> {
  const [row] = await database().query<{
    version: number | null
    units: number
    versions: number
    latest: Date | null
  }>(
    `SELECT (SELECT version FROM households WHERE id = :household) AS version,
      COUNT(*) AS units, SUM(version) AS versions, MAX(updated_at) AS latest FROM trailers`,
    { type: QueryTypes.SELECT, replacements: { household } },
  )
  return `${row!.version}/${row!.units}/${row!.versions}/${row!.latest?.valueOf()}`
}

/** Every unit with what is kept of it for a household as it is now, by stock number. */
export async function keptFor(household: string, key: string): Promise<KeptRow[]> {
  const rows = await database().query<AnswerRow>(
    `SELECT t.id, t.stock, t.version, a.standing, a.size, a.objections, a.score, a.told, a.failed
      FROM households h JOIN trailers t LEFT JOIN kept_answers a ON ${fresh('a')}
      WHERE h.id = :household ORDER BY t.stock`,
    { type: QueryTypes.SELECT, replacements: { household, key } },
  )
  return rows.map(({ id, stock, version, standing, size, objections, score, told, failed }) => ({
    id,
    stock,
    version,
    ...(failed !== null && { failed }),
    ...(standing !== null && {
      kept: {
        standing: STANDINGS[standing]!,
        size,
        objections,
        score,
        ...(JSON.parse(told) as Omit<CachedMatch, 'standing' | 'size' | 'objections' | 'score'>),
      },
    }),
  }))
}

/** How the yard stands for a household. */
export interface YardStanding {
  household: string
  /** Of the household; absent where nothing is kept of it. */
  version?: number
  /** Units that are kept of it, with those that failed. */
  known: number
  /** Of those with nothing against them. */
  left: number
  /** Ids and standings of the first places, the best first. */
  first: { id: string; stock: string; standing: Standing }[]
}

const at = (standing: Standing): number => STANDINGS.indexOf(standing)

/** For some households counts and first places, in one query; in the order of `inCachedOrder`. */
export async function standingsOf(households: readonly string[], key: string, most: number): Promise<YardStanding[]> {
  if (households.length === 0) return []
  const failures = database().query<{ household: string; version: number; failed: number }>(
    `SELECT h.id AS household, h.version, COUNT(*) AS failed FROM households h JOIN trailers t
      JOIN kept_answers a ON ${fresh('a')} WHERE h.id IN (:households) AND a.failed IS NOT NULL GROUP BY h.id`,
    { type: QueryTypes.SELECT, replacements: { households, key } },
  )
  const ranked = database().query<{
    household: string
    version: number
    known: number
    open: number
    id: string
    stock: string
    standing: number
  }>(
    `WITH beside AS (
      SELECT h.id AS household, h.version, t.id, t.stock, a.standing, a.size, a.objections, a.score,
        a.standing NOT IN (${at('out')}, ${at('sold')}) AND a.waits
          & (BIT_OR(a.against) OVER (PARTITION BY h.id, a.plan) | BIT_OR(a.against) OVER (PARTITION BY h.id, a.model))
          & ~(BIT_OR(a.passed) OVER (PARTITION BY h.id, a.plan) | BIT_OR(a.passed) OVER (PARTITION BY h.id, a.model))
          <> 0 AS likely_no
      FROM households h JOIN trailers t JOIN kept_answers a ON ${fresh('a')}
        WHERE h.id IN (:households) AND a.failed IS NULL
    ), ranked AS (
      SELECT household, version, id, stock, standing,
        COUNT(*) OVER (PARTITION BY household) AS known,
        SUM(standing <= ${at('measure')}) OVER (PARTITION BY household) AS open,
        ROW_NUMBER() OVER (PARTITION BY household
          ORDER BY IF(standing = ${at('measure')} AND likely_no, ${at('nearly')}, standing) + likely_no / 2, size,
            IF(standing = ${at('out')}, objections, 0), score DESC, id) AS place
      FROM beside
    ) SELECT * FROM ranked WHERE place <= :most ORDER BY household, place`,
    { type: QueryTypes.SELECT, replacements: { households, key, most } },
  )
  const [rows, failed] = await Promise.all([ranked, failures])
  return households.map((household) => {
    const own = rows.filter((row) => row.household === household)
    const without = failed.find((row) => row.household === household)
    const version = own[0]?.version ?? without?.version
    return {
      household,
      ...(version !== undefined && { version }),
      known: Number(own[0]?.known ?? 0) + Number(without?.failed ?? 0),
      left: Number(own[0]?.open ?? 0),
      first: own.map(({ id, stock, standing }) => ({ id, stock, standing: STANDINGS[standing]! })),
    }
  })
}

/** Households with which it has not ended, those last touched first. */
export async function householdsInHand(): Promise<string[]> {
  const rows = await database().query<{ id: string }>(
    'SELECT id FROM households WHERE closed_at IS NULL ORDER BY updated_at DESC, id',
    { type: QueryTypes.SELECT },
  )
  return rows.map(({ id }) => id)
}

export async function unitsInYard(): Promise<number> {
  const [row] = await database().query<{ units: number }>('SELECT COUNT(*) AS units FROM trailers', {
    type: QueryTypes.SELECT,
  })
  return Number(row!.units)
}

export const keepWaits = (key: string, rows: readonly Outcome<Waited[]>[]): Promise<void> =>
  keep('kept_waits', key, rows, {
    waits: ({ kept = [] }) => JSON.stringify(kept),
    failed: ({ failed }) => failed?.slice(0, KIND) ?? null,
  })

/** Pairs of households in hand with units that could not be worked out as they are, by unit, and what went wrong. */
export const failedPairs = (key: string, most: number) =>
  database().query<{ stock: string; households: number; kind: string }>(
    `SELECT t.stock, COUNT(*) AS households, MIN(a.failed) AS kind FROM households h JOIN trailers t
      JOIN kept_answers a ON ${fresh('a')} WHERE h.closed_at IS NULL AND a.failed IS NOT NULL
      GROUP BY t.stock ORDER BY t.stock LIMIT :most`,
    { type: QueryTypes.SELECT, replacements: { key, most } },
  )

/** What a household waits for on a unit; `old`: as it was before one of them, or what is reckoned, changed. */
export interface PendingReadings {
  waits: Waited[]
  old: boolean
}

/** What is waited for by each of some households on each of some units; nothing where it was never reckoned. */
export async function waitsOf(
  households: readonly string[],
  units: readonly string[],
  key: string,
): Promise<{ household: string; trailer: string; kept?: PendingReadings }[]> {
  if (households.length === 0 || units.length === 0) return []
  const rows = await database().query<{ household: string; trailer: string; waits: string | null; fresh: number }>(
    `SELECT h.id AS household, t.id AS trailer, a.waits, (${fresh('a')}) AS fresh FROM households h JOIN trailers t
      LEFT JOIN kept_waits a ON a.household_id = h.id AND a.trailer_id = t.id WHERE h.id IN (:households) AND t.id IN (:units)`,
    { type: QueryTypes.SELECT, replacements: { households, units, key } },
  )
  return rows.map(({ household, trailer, waits, fresh: isFresh }) => ({
    household,
    trailer,
    ...(waits !== null && { kept: { waits: JSON.parse(waits) as Waited[], old: !isFresh } }),
  }))
}
