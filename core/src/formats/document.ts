import stringify from 'json-stringify-pretty-compact'
import { ValidationError, type Schema } from 'yup'
import { householdFlaws } from '../household/consistency'
import { HOUSEHOLD_FORMAT, HOUSEHOLD_VERSION, type Household } from '../household/household'
import { householdSchema } from '../household/householdSchema'
import { trailerFlaws } from '../trailer/consistency'
import { TRAILER_FORMAT, TRAILER_VERSION, type Trailer } from '../trailer/trailer'
import { trailerSchema } from '../trailer/trailerSchema'
import { brokenLetters } from '../flaws/brokenLetters'
import { flawsOf } from '../flaws/expectations'
import { error, type Flaw } from '../flaws/flaw'
import { householdFromV1, trailerFromV1 } from './migrations'

/** A document read from a file, or what is wrong with it. Warnings may stand beside a good document. */
export type Parsed<T> = { document: T; flaws: Flaw[] } | { document?: undefined; flaws: Flaw[] }

/** Any document of ours. */
export type AnyDocument = Trailer | Household

interface Format<T> {
  name: string
  version: number
  schema: Schema
  /** From version n to n + 1, at index n - 1. */
  migrations: ((old: Record<string, unknown>) => Record<string, unknown>)[]
  flaws(document: T): Flaw[]
}

const TRAILERS: Format<Trailer> = {
  name: TRAILER_FORMAT,
  version: TRAILER_VERSION,
  schema: trailerSchema,
  migrations: [trailerFromV1],
  flaws: trailerFlaws,
}
const HOUSEHOLDS: Format<Household> = {
  name: HOUSEHOLD_FORMAT,
  version: HOUSEHOLD_VERSION,
  schema: householdSchema,
  migrations: [householdFromV1],
  flaws: householdFlaws,
}

/** Longest file that is read, characters: a trailer is some 30,000. */
const LONGEST = 2_000_000

/** Longest list that is looked into; what each may hold is said by the schema. */
const LONGEST_LIST = 1_000

/** Deepest nesting that is read: a trailer has nine levels. */
const DEEPEST = 20

/** The one way in: demo data, imports, the editor and the command line all pass here. */
export const parseTrailer = (source: unknown): Parsed<Trailer> => parse(TRAILERS, source)
export const parseHousehold = (source: unknown): Parsed<Household> => parse(HOUSEHOLDS, source)

/** A document that says itself what it is. */
export function parseAny(source: unknown): Parsed<AnyDocument> {
  const { value, flaws } = read(source)
  if (flaws) return { flaws }
  const { format } = value
  if (format === TRAILER_FORMAT) return parse(TRAILERS, value)
  if (format === HOUSEHOLD_FORMAT) return parse(HOUSEHOLDS, value)
  return { flaws: [error('format', format, `"${TRAILER_FORMAT}" or "${HOUSEHOLD_FORMAT}"`)] }
}

/** The document as it is written to a file: short things on one line, so that people can read and edit it. */
export const documentText = (document: AnyDocument): string => `${stringify(document, { maxLength: 150 })}\n`

function parse<T>(format: Format<T>, source: unknown): Parsed<T> {
  const { value, flaws } = read(source)
  if (flaws) return { flaws }
  const { name, version, schema, migrations } = format
  if (value.format !== name) return { flaws: [error('format', value.format, `"${name}"`)] }
  const from = value.version
  if (typeof from !== 'number' || !Number.isInteger(from) || from < 1 || from > version) {
    return { flaws: [error('version', from, `a version from 1 to ${version}; a newer file needs a newer Hitchet`)] }
  }
  let current: Record<string, unknown>
  try {
    current = migrations.slice(from - 1).reduce((old, migrate) => migrate(old), value)
  } catch {
    return { flaws: [error('', `version ${from}`, `a complete document of version ${from} (see docs/formats)`)] }
  }
  try {
    schema.validateSync(current, { strict: true, abortEarly: false })
  } catch (failure) {
    if (!(failure instanceof ValidationError)) throw failure
    const flaws = flawsOf(failure, current, schema)
    return { flaws: [...flaws, ...contradictionsBesides(format, current, flaws)] }
  }
  const document = current as T
  const found = format.flaws(document)
  return found.some(({ severity }) => severity === 'error') ? { flaws: found } : { document, flaws: found }
}

/**
 * What contradicts itself in a document whose schema does not hold, so that a person puts all of it right at once: it is
 * looked for in what is left when unknown keys and readings of the wrong kind are left out, which every document may be
 * without. Where more than that is wrong, it has to wait.
 */
function contradictionsBesides<T>(
  format: Format<T>,
  document: Record<string, unknown>,
  wrong: readonly Flaw[],
): Flaw[] {
  const left = structuredClone(document)
  for (const { path } of wrong) {
    const keys = path.split(/[.[\]]+/).filter(Boolean)
    const readings = keys.findIndex((key) => key === 'readings' || key === 'features')
    const at = readings >= 0 && keys.length > readings + 1 ? keys.slice(0, readings + 2) : keys
    const holder = at.slice(0, -1).reduce<unknown>((value, key) => (value as Record<string, unknown>)?.[key], left)
    if (typeof holder !== 'object' || holder === null || Array.isArray(holder)) return []
    delete (holder as Record<string, unknown>)[at.at(-1)!]
  }
  try {
    if (!format.schema.isValidSync(left, { strict: true })) return []
    return format.flaws(left as T).filter(({ severity }) => severity === 'error')
  } catch {
    return []
  }
}

type Read = { value: Record<string, unknown>; flaws?: undefined } | { value?: undefined; flaws: Flaw[] }

function read(source: unknown): Read {
  let value = source
  if (typeof source === 'string') {
    if (source.length > LONGEST)
      return { flaws: [error('', `${source.length} characters`, `at most ${LONGEST} characters`)] }
    const broken = brokenLetters(source)
    if (broken) return { flaws: [broken] }
    try {
      value = JSON.parse(source.replace(/^\uFEFF/, ''))
    } catch (failure) {
      return { flaws: [error('', source.slice(0, 40), `JSON (${(failure as Error).message})`)] }
    }
  }
  if (value === null || typeof value !== 'object' || Array.isArray(value))
    return { flaws: [error('', value, 'one JSON object with "format" and "version"')] }
  const long = longerThan(LONGEST_LIST, value)
  if (long) return { flaws: [error(long.path, `${long.count} in a list`, `at most ${LONGEST_LIST}`)] }
  if (deeperThan(DEEPEST, value)) return { flaws: [error('', 'lists within lists', `at most ${DEEPEST} levels`)] }
  return { value: value as Record<string, unknown> }
}

/** The first list among the document and its own parts that is too long to be looked into. */
function longerThan(most: number, document: object): { path: string; count: number } | undefined {
  for (const [key, value] of Object.entries(document)) {
    const own = value as unknown
    if (Array.isArray(own) && own.length > most) return { path: key, count: own.length }
    if (own === null || typeof own !== 'object' || Array.isArray(own)) continue
    for (const [inner, list] of Object.entries(own))
      if (Array.isArray(list) && list.length > most) return { path: `${key}.${inner}`, count: list.length }
  }
  return undefined
}

/** Looked through level by level: what is nested too deep for the stack must not be walked by it. */
function deeperThan(most: number, value: unknown): boolean {
  let level = [value]
  for (let depth = 0; level.length; depth++) {
    if (depth > most) return true
    level = level.flatMap((one) => (one !== null && typeof one === 'object' ? Object.values(one) : []))
  }
  return false
}
