import { BERTH_READS, EQUIPMENT_KINDS, FIXTURE_KINDS, TRAILER_READS } from '../readings/catalogue'
import type { ReadingSpecs } from '../readings/reading'
import type { Trailer } from './trailer'

/** A reading's key in words: `plan.berths.upper.weightLimit` on a trailer is `Upper bunk: weight limit`. A key that leads nowhere is said as it is. */
export function readingName({ plan, equipment }: Trailer, key: string): string {
  const [first, ...rest] = key.split('.')
  if (first === 'readings') return label(TRAILER_READS, rest[0]) ?? key
  if (first === 'equipment') {
    const found = equipment.find(({ id, kind }) => id === rest[0] || kind === rest[0])
    const kind = found?.kind ?? rest[0]!
    const spec = kind in EQUIPMENT_KINDS ? EQUIPMENT_KINDS[kind as keyof typeof EQUIPMENT_KINDS] : undefined
    return spec ? of(found?.name ?? spec.name, label(spec.reads, rest[1])) : key
  }
  const [list, id, reading] = rest
  const berth = list === 'berths' ? plan.berths.find((one) => one.id === id) : undefined
  if (berth) return of(berth.name, label(BERTH_READS, reading))
  const fixture = list === 'fixtures' ? plan.fixtures.find((one) => one.id === id) : undefined
  if (fixture) return of(fixture.name ?? FIXTURE_KINDS[fixture.kind].name, label(FIXTURE_KINDS[fixture.kind].reads, reading))
  return key
}

const label = (reads: ReadingSpecs, key: string | undefined): string | undefined => (key ? reads[key]?.label : undefined)

const of = (thing: string, what: string | undefined): string => `${thing}: ${(what ?? 'reading').replace(/^[A-Z](?=[a-z])/, (letter) => letter.toLowerCase())}`
