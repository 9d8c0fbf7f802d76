import { MEASURE_SYSTEMS } from '../../quantity/format'
import { draftOf, type HouseholdDraft } from './draft'
import type { Household } from '../household'
import { GEAR_FIELDS, PET_FIELDS, SIZE_FIELDS } from '../told/alongFields'
import { figuresOf, type Fields } from '../told/field'
import { LIMIT_FIELDS } from '../told/limitFields'
import { PERSON_FIELDS } from '../told/personFields'
import { TRIP_FIELDS } from '../told/tripFields'

/** Every part of a household or its draft that has figures: where it is, and the table of its fields. */
function* partsOf(of: Household | HouseholdDraft): Iterable<{ path: string; table: Fields; part: object }> {
  yield { path: 'trip', table: TRIP_FIELDS, part: of.trip }
  yield { path: 'limits', table: LIMIT_FIELDS, part: of.limits }
  for (const one of of.people) yield { path: `people.${one.id}`, table: PERSON_FIELDS, part: one }
  for (const one of of.pets) {
    yield { path: `pets.${one.id}`, table: PET_FIELDS, part: one }
    if (one.crate) yield { path: `pets.${one.id}.crate`, table: SIZE_FIELDS, part: one.crate }
  }
  for (const one of of.gear) {
    yield { path: `gear.${one.id}`, table: GEAR_FIELDS, part: one }
    if (one.size) yield { path: `gear.${one.id}.size`, table: SIZE_FIELDS, part: one.size }
  }
}

/** Every figure by a key of its own: of a draft its text, of a household its value. */
const figuresIn = <T>(of: Household | HouseholdDraft): Map<string, T> =>
  new Map(
    [...partsOf(of)].flatMap(({ path, table, part }) =>
      figuresOf(table).map(([key]) => [`${path}.${key}`, (part as Record<string, T>)[key]!] as const),
    ),
  )

/**
 * What was not touched keeps its value: a text that still is as the household was opened, in either system, stands for the
 * figure it was made from, not for what its rounded digits come to.
 */
export function asBefore(household: Household, draft: HouseholdDraft, before: Household): Household {
  const texts = figuresIn<string>(draft)
  const values = figuresIn<number | undefined>(before)
  const opened = MEASURE_SYSTEMS.map((system) => figuresIn<string>(draftOf(before, system)))
  const now = structuredClone(household)
  for (const { path, table, part } of partsOf(now))
    for (const [key] of figuresOf(table)) {
      const [at, own] = [`${path}.${key}`, part as Record<string, number>]
      const [text, value] = [texts.get(at), values.get(at)]
      const same = text !== undefined && opened.some((one) => one.get(at) === text)
      // What nobody weighed has no text: its weight is the usual one, of today.
      if (same && value !== undefined && own[key] !== undefined && !(key === 'weight' && 'usualWeight' in own))
        own[key] = value
    }
  return now
}
