import { existsSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { FEATURES } from '../../core/src/features/catalogue'
import { householdSchema } from '../../core/src/household/householdSchema'
import { STANCES } from '../../core/src/household/wishes/stances'
import { COMPARTMENT_READS, SLIDE_READS } from '../../core/src/plan/plan'
import { ALL } from '../../core/src/questions/index'
import {
  BERTH_READS,
  EQUIPMENT_KINDS,
  FIXTURE_KINDS,
  OUTSIDE_KINDS,
  TRAILER_READS,
} from '../../core/src/readings/catalogue'
import { emptyPlan } from '../../core/src/testing/unit'
import { trailerSchema } from '../../core/src/trailer/trailerSchema'

const text = readFileSync(new URL('../../docs/coverage.md', import.meta.url), 'utf8')
const rows = text
  .split('\n')
  .map((line) => /^\| (.+) \| (.+) \| (.+) \|$/.exec(line))
  .filter((row) => row !== null && !/^(fact or judgement|-+)$/.test(row[1]!))
  .map((row) => ({ fact: row![1]!, where: row![3]! }))
const NOT_KEPT = /^not kept: .{12,}/

type Kinds = Readonly<Record<string, { reads: object }>>
const read = (kinds: Kinds) => (kind: string, key: string) => kind in kinds && key in kinds[kind]!.reads
const fields = (schema: { fields: object }): object => schema.fields

/** Whether a path of the coverage leads to something the program keeps or asks. */
function leads(path: string): boolean {
  const [first, a = '', b = '', c = ''] = path.split('.')
  switch (first) {
    case 'features':
      return a in FEATURES
    case 'readings':
      return a === 'source' || a in TRAILER_READS
    case 'equipment':
      return read(EQUIPMENT_KINDS)(a, b)
    case 'questions':
      return ALL.some(({ id }) => id === a)
    case 'stances':
      return a in STANCES
    case 'household':
      return a in fields(householdSchema as never)
    case 'trailer':
      return a in fields(trailerSchema as never)
    case 'parks':
      return existsSync(new URL('../../core/src/parks/fits.ts', import.meta.url))
    case 'plan':
      if (!b) return a in emptyPlan()
      if (a === 'fixtures') return read(FIXTURE_KINDS)(b, c)
      if (a === 'outside') return read(OUTSIDE_KINDS)(b, c)
      return b in ({ berths: BERTH_READS, slides: SLIDE_READS, compartments: COMPARTMENT_READS }[a] ?? {})
    default:
      return false
  }
}

describe('every fact that is told on a lot stands somewhere, or it is said why not', () => {
  it('all 329 are on the list', () => expect(rows).toHaveLength(329))

  it.each(rows.map(({ fact, where }) => [fact, where]))('%s', (_, where) => {
    const paths = [...where.matchAll(/`([^`]+)`/g)].map(([, path]) => path!)
    if (!NOT_KEPT.test(where)) expect(paths.length).toBeGreaterThan(0)
    expect(paths.filter((path) => !leads(path))).toEqual([])
  })

  it('nine of ten are kept', () => {
    const kept = rows.filter(({ where }) => !NOT_KEPT.test(where))
    expect(kept.length / rows.length).toBeGreaterThan(0.9)
  })

  it('no feature is kept that nobody tells', () => {
    const told = new Set([...text.matchAll(/`features\.(\w+)`/g)].map(([, id]) => id))
    expect(Object.keys(FEATURES).filter((id) => !told.has(id))).toEqual([])
  })
})
