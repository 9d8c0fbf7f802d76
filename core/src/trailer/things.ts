import { FEATURES } from '../features/catalogue'
import { COMPARTMENT_READS, SLIDE_READS } from '../plan/plan'
import {
  BERTH_READS,
  EQUIPMENT_KINDS,
  FIXTURE_KINDS,
  OUTSIDE_KINDS,
  TRAILER_READS,
  type EquipmentKind,
  type FixtureKind,
  type OutsideKind,
} from '../readings/catalogue'
import type { Reading, Readings, ReadingSpec, ReadingSpecs } from '../readings/reading'
import { namedThings, type NamedThing } from './namedThings'
import type { Trailer } from './trailer'
import { withReadings } from './watched'

/** Something on a trailer, with what can be read on it. */
export interface Thing extends NamedThing {
  specs: ReadingSpecs
}

const SPECS: Record<NamedThing['list'], (kind: string) => ReadingSpecs> = {
  readings: () => TRAILER_READS,
  features: () => FEATURES,
  equipment: (kind) => EQUIPMENT_KINDS[kind as EquipmentKind].reads,
  fixtures: (kind) => FIXTURE_KINDS[kind as FixtureKind].reads,
  berths: () => BERTH_READS,
  slides: () => SLIDE_READS,
  outside: (kind) => OUTSIDE_KINDS[kind as OutsideKind].reads,
  compartments: () => COMPARTMENT_READS,
}

/** The lists of a plan whose things have readings. */
const PLAN_LISTS = ['fixtures', 'berths', 'slides', 'outside', 'compartments'] as const

/** All that can be read on a trailer, the unit as a whole first. */
export const thingsOf = (trailer: Trailer): Thing[] =>
  namedThings(trailer).map((one) => ({ ...one, specs: SPECS[one.list](one.kind ?? '') }))

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

/** The trailer without the last reading that somebody took there; undefined when they took none. */
export function withoutReading(trailer: Trailer, key: string, by: string): Trailer | undefined {
  const found = thingAt(trailer, key)
  const all = found?.thing.readings?.[found.reading] ?? []
  const last = all.findLast((one) => one.by === by)
  if (!found || !last) return undefined
  const { thing, reading: name } = found
  return withReadings(trailer, (path, readings) => {
    if (path !== thing.path) return readings
    const { [name]: _all, ...others } = readings
    const left = all.filter((one) => one !== last)
    return left.length ? { ...others, [name]: left } : others
  })
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
