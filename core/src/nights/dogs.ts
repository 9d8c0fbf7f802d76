import type { Household } from '../household/household'
import type { NightRules } from './rules'

/** A dog that sleeps loose: on a bed or on one of its own. Pounds; absent: nobody asked. */
export interface Dog {
  /** The key under which its weight is asked. */
  key: string
  name: string
  weight?: number
}

/** The dogs without a crate, the heaviest first; one that nobody weighed may be the heaviest. */
export const looseDogs = ({ pets }: Pick<Household, 'pets'>): Dog[] =>
  pets
    .filter(({ kind, crate }) => kind === 'dog' && !crate)
    .map(({ id, name, weight }) => ({ key: `household.pets.${id}.weight`, name, weight }))
    .sort((a, b) => (b.weight ?? Infinity) - (a.weight ?? Infinity) || (a.key < b.key ? -1 : 1))

/** A dog on the bed of a household that noted none: it is asked about. */
export const UNKNOWN_DOG: Dog = { key: 'household.pets', name: 'the dog' }

/** Of the dogs that sleep on beds, the heaviest first, how many lie on this one's. */
export interface WithDogs {
  dogs: readonly Dog[]
  dogShare: number
}

/** Those who lie in the bed of a group: of each who wants them there their share, the heaviest. */
export function dogsOf(group: readonly WithDogs[]): readonly Dog[] {
  let share = 0
  for (const { dogShare } of group) share += dogShare
  return share === 0 ? NONE : group.find(({ dogShare }) => dogShare > 0)!.dogs.slice(0, share)
}

const NONE: readonly Dog[] = []

/** Inches of mattress that dogs take beside people: the least and the most, as heavy as they may be. */
export function widthOfDogs(dogs: readonly Dog[], { dogWidths }: Pick<NightRules, 'dogWidths'>): [number, number] {
  const all = dogWidths.map(([, width]) => width)
  let [least, most] = [0, 0]
  for (const { weight } of dogs) {
    const width = weight === undefined ? undefined : ofWeight(dogWidths, weight)[1]
    least += width ?? Math.min(...all)
    most += width ?? Math.max(...all)
  }
  return [least, most]
}

/** The row of a table for a dog of this weight: the last takes whatever is heavier. */
export const ofWeight = <Row extends readonly [upTo: number, ...rest: number[]]>(
  rows: readonly Row[],
  weight: number,
): Row => rows.find(([upTo]) => weight <= upTo) ?? rows.at(-1)!
