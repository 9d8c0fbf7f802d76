import { MEASURE_SYSTEMS } from '../quantity/format'
import { draftOf, type HouseholdDraft, type SizeDraft } from './draft'
import type { Household } from './household'
import { otherFigures } from './otherFigures'

/** Every figure of people, pets, gear, trip and limits by a key of its own: of a draft its text, of a household its value. */
interface Figures<T> {
  people: readonly { id: string; height?: T; weight?: T }[]
  pets: readonly { id: string; crate?: { length?: T; width?: T; height?: T } }[]
}

function* figuresOf<T>(from: Figures<T> & Parameters<typeof otherFigures<T>>[0]): Iterable<[string, T]> {
  for (const { id, ...one } of from.people)
    for (const key of ['height', 'weight'] as const) if (one[key] !== undefined) yield [`people.${id}.${key}`, one[key]]
  for (const { id, crate } of from.pets)
    for (const key of ['length', 'width', 'height'] as const)
      if (crate?.[key] !== undefined) yield [`pets.${id}.crate.${key}`, crate[key]]
  for (const { figure, value } of otherFigures<T>(from)) yield [figure, value]
}

/**
 * What was not touched keeps its value: a text that still is as the household was opened, in either system, stands for the
 * figure it was made from, not for what its rounded digits come to.
 */
export function asBefore(household: Household, draft: HouseholdDraft, before: Household): Household {
  const texts = new Map(figuresOf<string>(draft))
  const values = new Map(figuresOf<number>(before))
  const opened = MEASURE_SYSTEMS.map((system) => new Map(figuresOf<string>(draftOf(before, system))))
  const kept = <T extends number | undefined>(key: string, typed: T): T => {
    const text = texts.get(key)
    const same = text !== undefined && opened.some((one) => one.get(key) === text)
    return same ? ((values.get(key) ?? typed) as T) : typed
  }
  const size = <S extends Record<keyof SizeDraft, number>>(key: string, of: S): S => ({
    ...of,
    length: kept(`${key}.length`, of.length),
    width: kept(`${key}.width`, of.width),
    height: kept(`${key}.height`, of.height),
  })
  const each = <T extends object>(one: T, figures: Partial<T>): T => ({
    ...one,
    ...Object.fromEntries(Object.entries(figures).filter(([, value]) => value !== undefined)),
  })
  const { people, pets, gear, trip, limits } = household
  return {
    ...household,
    people: people.map((one) =>
      each(one, {
        height: kept(`people.${one.id}.height`, one.height),
        weight: kept(`people.${one.id}.weight`, one.weight),
      }),
    ),
    pets: pets.map((one) =>
      each(one, {
        weight: kept(`pets.${one.id}.weight`, one.weight),
        crate: one.crate && size(`pets.${one.id}.crate`, one.crate),
      }),
    ),
    gear: gear.map((one) =>
      each(one, {
        weight: one.usualWeight ? one.weight : kept(`gear.${one.id}.weight`, one.weight),
        size: one.size && size(`gear.${one.id}.size`, one.size),
      }),
    ),
    trip: each(trip, {
      belongings: kept('trip.belongings', trip.belongings),
      hitch: kept('trip.hitch', trip.hitch),
    }),
    limits: each(limits, {
      budget: kept('limits.budget', limits.budget),
      trailerLength: kept('limits.trailerLength', limits.trailerLength),
      rigLength: kept('limits.rigLength', limits.rigLength),
    }),
  }
}
