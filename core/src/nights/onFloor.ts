import type { Household } from '../household/household'
import type { Bounds } from '../plan/shape'
import { looseDogs, ofWeight } from './dogs'
import type { MadeNight, NightFacts } from './facts'
import { standOnFloor, type Footprint } from './floorPacking'
import type { Sleeper } from './need'
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

/** Where each of them stands on a night, by id of the room; what finds no floor, and what may or may not. */
export interface OnFloor {
  stands: { thing: FloorThing; room?: string; at: Bounds }[]
  left: FloorThing[]
  open: FloorThing[]
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
  { id, name, age }: Pick<Sleeper, 'id' | 'name' | 'age'>,
  { crib, berthFrom }: NightRules,
): FloorThing => ({
  id: `crib ${id}`,
  kind: 'crib',
  ...(age < berthFrom && { infant: true }),
  name,
  length: crib[0],
  width: crib[1],
})

/** Everything that stands on the floor of one night, placed together: cribs first, by the bed of their parents. */
export function onFloor(
  { floorRooms }: Pick<NightFacts, 'floorRooms'>,
  made: MadeNight | undefined,
  things: readonly FloorThing[],
  parents?: string,
): OnFloor {
  if (things.length === 0) return NOTHING
  if (!made) return { stands: [], left: [...things], open: [] }
  const known = found.get(made) ?? new Map<string, OnFloor>()
  found.set(made, known)
  const key = `${parents}|${things.map(({ id, name, length, width }) => `${id} ${name} ${length} ${width}`).join('|')}`
  const before = known.get(key)
  if (before) return before
  const room = (at: Bounds) => roomAt(floorRooms, at)
  const floor = made.floor.map(([x0, y0, x1, y1]) => ({ x0, y0, x1, y1 }))
  const better = ({ id }: Footprint, at: Bounds) => (id.startsWith('crib') && room(at) !== parents ? 1 : 0)
  const { stood, left } = standOnFloor(floor, things, better)
  const at = (id: string) => stood.find((one) => one.id === id)?.at
  const unsure = left.some(({ id }) => things.find((one) => one.id === id)!.least)
  // What would stand if every dog that nobody weighed were a small one.
  const hoped = unsure
    ? standOnFloor(
        floor,
        things.map((one) => ({ ...one, ...one.least })),
        better,
      ).stood
    : stood
  const all: OnFloor = {
    stands: things.flatMap((thing) => {
      const place = at(thing.id)
      return place ? [{ thing, room: room(place), at: place }] : []
    }),
    open: things.filter((thing) => !at(thing.id) && thing.least && hoped.some(({ id }) => id === thing.id)),
    left: [],
  }
  all.left = things.filter((thing) => !at(thing.id) && !all.open.includes(thing))
  known.set(key, all)
  return all
}

const NOTHING: OnFloor = { stands: [], left: [], open: [] }

const found = new WeakMap<MadeNight, Map<string, OnFloor>>()

/** The room in which the middle of it lies. */
function roomAt(rooms: NightFacts['floorRooms'], { x0, x1, y0, y1 }: Bounds): string | undefined {
  const [x, y] = [(x0 + x1) / 2, (y0 + y1) / 2]
  return rooms.find(({ at: [left, top, right, bottom] }) => x >= left && x <= right && y >= top && y <= bottom)?.id
}
