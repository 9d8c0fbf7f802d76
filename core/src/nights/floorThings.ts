import type { Household } from '../household/household'
import { looseDogs, ofWeight } from './dogs'
import type { Footprint } from './floorPacking'
import type { NightRules } from './rules'

/** What stands on the floor while they sleep. Inches. */
export interface FloorThing extends Footprint {
  kind: 'crib' | 'crate' | 'dog bed'
  /** Whose it is. */
  name: string
  /** A child that has to lie in its crib. */
  infant?: boolean
  /** Of a dog that nobody weighed: the smallest bed it may need, and the key to ask. */
  least?: { length: number; width: number }
  asks?: string
}

/** Crates as they are, and a bed for each dog that has neither a crate nor a place on somebody's bed. */
export function petThings(household: Household, dogOnBed: boolean, { dogBeds }: NightRules): FloorThing[] {
  const crates = household.pets.flatMap(({ id, name, crate }): FloorThing[] =>
    crate ? [{ id: `crate ${id}`, kind: 'crate', name, length: crate.length, width: crate.width }] : [],
  )
  const [[, ...small], [, ...large]] = [dogBeds[0]!, dogBeds.at(-1)!]
  const beds = (dogOnBed ? [] : looseDogs(household)).map(({ key, name, weight }): FloorThing => {
    const [length, width] = weight === undefined ? large : (ofWeight(dogBeds, weight).slice(1) as [number, number])
    return {
      id: `dog bed ${key}`,
      kind: 'dog bed',
      name,
      length,
      width,
      ...(weight === undefined && { least: { length: small[0], width: small[1] }, asks: key }),
    }
  })
  return [...crates, ...beds].sort((a, b) => b.length * b.width - a.length * a.width || (a.id < b.id ? -1 : 1))
}

export const cribThing = (
  { id, name, age }: { id: string; name: string; age: number },
  { crib, berthFrom }: NightRules,
): FloorThing => ({
  id: `crib ${id}`,
  kind: 'crib',
  ...(age < berthFrom && { infant: true }),
  name,
  length: crib[0],
  width: crib[1],
})
