import { BERTH_READS, EQUIPMENT_KINDS, FIXTURE_KINDS, OUTSIDE_KINDS, TRAILER_READS } from '../readings/catalogue'
import type { Reading, Readings, ReadingSpec, ReadingSpecs } from '../readings/reading'
import { FEATURES } from '../features/catalogue'
import { COMPARTMENT_READS, SLIDE_READS } from '../plan/plan'
import type { Trailer } from './trailer'

/** Something on a trailer that has readings. */
export interface Thing {
  /** What its readings' keys begin with: `readings`, `equipment.gray-1`, `plan.berths.upper`. */
  path: string
  /** Of the fixture, berth, slide ...; the unit as a whole has none. */
  id?: string
  name: string
  specs: ReadingSpecs
  readings?: Readings
}

/** The lists of a plan whose things have readings. */
const PLAN_LISTS = ['fixtures', 'berths', 'slides', 'outside', 'compartments'] as const

/** All that can be read on a trailer, the unit as a whole first. */
export function thingsOf({ readings, features, equipment, plan }: Trailer): Thing[] {
  return [
    { path: 'readings', name: 'The unit', specs: TRAILER_READS, readings },
    { path: 'features', name: 'What it has', specs: FEATURES, readings: features },
    ...equipment.map((one): Thing => ({
      path: `equipment.${one.id}`,
      id: one.id,
      name: one.name ?? EQUIPMENT_KINDS[one.kind].name,
      specs: EQUIPMENT_KINDS[one.kind].reads,
      readings: one.readings,
    })),
    ...plan.fixtures.map((one): Thing => ({
      path: `plan.fixtures.${one.id}`,
      id: one.id,
      name: one.name ?? FIXTURE_KINDS[one.kind].name,
      specs: FIXTURE_KINDS[one.kind].reads,
      readings: one.readings,
    })),
    ...plan.berths.map((one): Thing => ({
      path: `plan.berths.${one.id}`,
      id: one.id,
      name: one.name,
      specs: BERTH_READS,
      readings: one.readings,
    })),
    ...plan.slides.map((one): Thing => ({
      path: `plan.slides.${one.id}`,
      id: one.id,
      name: 'Slide',
      specs: SLIDE_READS,
      readings: one.readings,
    })),
    ...plan.outside.map((one): Thing => ({
      path: `plan.outside.${one.id}`,
      id: one.id,
      name: OUTSIDE_KINDS[one.kind].name,
      specs: OUTSIDE_KINDS[one.kind].reads,
      readings: one.readings,
    })),
    ...plan.compartments.map((one): Thing => ({
      path: `plan.compartments.${one.id}`,
      id: one.id,
      name: one.name,
      specs: COMPARTMENT_READS,
      readings: one.readings,
    })),
  ]
}

/** What a reading's key speaks of; undefined when it leads nowhere. A key may name a piece of equipment by its kind. */
export function thingAt(
  trailer: Trailer,
  key: string,
): { thing: Thing; reading: string; spec: ReadingSpec } | undefined {
  const at = key.lastIndexOf('.')
  const [path, reading] = [key.slice(0, at), key.slice(at + 1)]
  const byKind = trailer.equipment.find(({ kind }) => `equipment.${kind}` === path)
  const thing =
    thingsOf(trailer).find((one) => one.path === path) ??
    (byKind && thingsOf(trailer).find((one) => one.path === `equipment.${byKind.id}`))
  const spec = thing?.specs[reading]
  return thing && spec && { thing, reading, spec }
}

/** The trailer with one more reading, which is written beside those there are; undefined when the key leads nowhere. */
export function withReading(trailer: Trailer, key: string, reading: Reading): Trailer | undefined {
  const found = thingAt(trailer, key)
  if (!found) return undefined
  const { thing, reading: name } = found
  const added = (readings: Readings | undefined): Readings => ({
    ...readings,
    [name]: [...(readings?.[name] ?? []), reading],
  })
  const inList = <T extends { id: string; readings?: Readings }>(list: T[]): T[] =>
    list.map((one) => (one.id === thing.id ? { ...one, readings: added(one.readings) } : one))
  if (thing.path === 'readings') return { ...trailer, readings: added(trailer.readings) }
  if (thing.path === 'features') return { ...trailer, features: added(trailer.features) }
  if (thing.path.startsWith('equipment.')) return { ...trailer, equipment: inList(trailer.equipment) }
  const list = PLAN_LISTS.find((one) => thing.path.startsWith(`plan.${one}.`))!
  return {
    ...trailer,
    plan: { ...trailer.plan, [list]: inList(trailer.plan[list] as { id: string; readings?: Readings }[]) },
  }
}
