import type { Bounds } from '../plan/shape/shape'
import type { MadeNight, NightFacts } from './facts'
import { standOnFloor, without, type Footprint } from './floorPacking'
import type { FloorThing } from './floorThings'
import { withId } from '../plan/withId'
import { latest, oncePer } from '../memory/remembered'

/**
 * Where each of them stands on a night, by id of the room; what stands only in a walkway, what finds no floor at all, and what
 * may or may not.
 */
export interface OnFloor {
  stands: { thing: FloorThing; room?: string; at: Bounds }[]
  inWay: FloorThing[]
  left: FloorThing[]
  open: FloorThing[]
}

/** Everything that stands on the floor of one night, placed together: cribs first, by the bed of their parents. */
export function onFloor(
  { floorRooms }: Pick<NightFacts, 'floorRooms'>,
  made: MadeNight | undefined,
  things: readonly FloorThing[],
  parents?: string,
): OnFloor {
  if (things.length === 0) return NOTHING
  if (!made) return { ...NOTHING, left: [...things] }
  const key = JSON.stringify([parents, things])
  return stoodOn(made)(key, () => standing(made, things, parents, floorRooms))
}

/** On the floor of one night so many sets of things are tried, as households are. */
const stoodOn = oncePer((_: MadeNight) => latest<OnFloor>(200))

function standing(
  made: MadeNight,
  things: readonly FloorThing[],
  parents: string | undefined,
  floorRooms: NightFacts['floorRooms'],
): OnFloor {
  const room = (at: Bounds) => roomAt(floorRooms, at)
  const boxes = (some: MadeNight['floor']) => some.map(([x0, y0, x1, y1]) => ({ x0, y0, x1, y1 }))
  const floor = boxes(made.floor)
  const better = ({ id }: Footprint, at: Bounds) => (id.startsWith('crib') && room(at) !== parents ? 1 : 0)
  const { stood, left } = standOnFloor(floor, things, better)
  const at = (id: string) => stood.find((one) => one.id === id)?.at
  const unsure = left.some(({ id }) => withId(things, id).least)
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
    inWay: [],
    left: [],
  }
  const rest = things.filter((thing) => !at(thing.id) && !all.open.includes(thing))
  const around = stood.reduce<Bounds[]>((free, one) => without(free, one.at), boxes(made.inWays))
  const squeezed = rest.length ? standOnFloor(around, rest).stood : []
  all.inWay = rest.filter(({ id }) => squeezed.some((one) => one.id === id))
  all.left = rest.filter((thing) => !all.inWay.includes(thing))
  return all
}

const NOTHING: OnFloor = { stands: [], inWay: [], left: [], open: [] }

/** The room in which the middle of it lies. */
function roomAt(rooms: NightFacts['floorRooms'], { x0, x1, y0, y1 }: Bounds): string | undefined {
  const [x, y] = [(x0 + x1) / 2, (y0 + y1) / 2]
  return rooms.find(({ at: [left, top, right, bottom] }) => x >= left && x <= right && y >= top && y <= bottom)?.id
}
