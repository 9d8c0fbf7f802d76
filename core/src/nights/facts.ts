import { bedSides } from '../plan/ways/bedSides'
import { OPPOSITE } from '../plan/facing'
import { freeFloor } from '../plan/floor/freeFloor'
import { ofGeometry } from '../plan/geometry'
import { nightWays } from '../plan/ways/nightWays'
import { leavesAt, opensInward, sweepOf } from '../plan/leaves/leaves'
import type { Berth, Plan, Room, Side } from '../plan/plan'
import { floorOf, waysFrom } from '../plan/ways/reach'
import { wayTo } from '../plan/ways/ways'
import { bounds, type Point } from '../plan/shape/shape'
import { apartFrom, nightsOf } from '../plan/together'
import { BERTH_KINDS, type BerthKind } from '../readings/catalogue'
import { figure, flag } from '../readings/reading'
import type { WayRules } from '../plan/wayRules'
import type { Trailer } from '../trailer/trailer'
import { withId } from '../plan/withId'

/** The berths as they are, and the nights there can be. Inches and pounds; absent: not read. */
export interface NightFacts {
  berths: BerthFact[]
  conversions: { id: string; name: string; minutes: number; excludes: string[] }[]
  nights: MadeNight[]
  /** The rooms in which something can stand at night: from the front off-door corner to the other, inches. */
  floorRooms: { id: string; name: string; at: [x0: number, y0: number, x1: number, y1: number] }[]
}

export interface BerthFact {
  id: string
  name: string
  kind: BerthKind
  length?: number
  width?: number
  /** As it lies on the plan: what is known until the mattress is measured. */
  drawn: { length: number; width: number }
  limit?: number
  conversion?: string
  /** Mattress top above the floor, and from there to whatever is above. */
  height?: number
  headroom?: number
  outlet?: boolean
  ladder?: boolean
  /** How far the guard stands above the mattress. */
  guard?: number
  light?: boolean
  window?: boolean
  /** The room by id and name, and what closes it off. */
  room: string
  roomName: string
  closedBy: Room['closedBy']
  /** Of two side by side the inner one climbs over the other: from one long side only one lies down in it. */
  climbsOver: boolean
}

/**
 * One set of conversions that can be made together: how to get from each berth to a toilet, and the largest upright
 * rectangles of floor that are still free then: clear of walkways, ways out and doors, and those of which only doors are kept
 * clear.
 */
export interface MadeNight {
  made: string[]
  ways: { berth: string; length: number; passes: string[] }[]
  floor: FloorBox[]
  inWays: FloorBox[]
}

export type FloorBox = [x0: number, y0: number, x1: number, y1: number]

export function nightFacts({ plan }: Trailer, _rules: object, ways: WayRules): NightFacts {
  const sides = ofGeometry(plan, ['bed sides', ways], () => sidesOnEveryNight(plan, ways))
  return {
    berths: plan.berths.map((berth) => berthFact(plan, berth, sides[berth.id] ?? berth.access)),
    conversions: plan.conversions.map(({ id, name, minutes }) => ({
      id,
      name,
      minutes,
      excludes: apartFrom(plan, id),
    })),
    nights: ofGeometry(plan, ['nights', ways], () => nightsOf(plan).map((made) => madeNight(plan, made, ways))),
    floorRooms: plan.rooms.filter(isDry).map(({ id, name, shape }) => {
      const { x0, y0, x1, y1 } = bounds(shape)
      return { id, name, at: [x0, y0, x1, y1] }
    }),
  }
}

function berthFact(
  { rooms }: Plan,
  { id, name, kind, shape, conversion, room, head, readings }: Berth,
  open: readonly Side[],
): BerthFact {
  const { x0, x1, y0, y1 } = bounds(shape)
  const own = withId(rooms, room)
  const along = lengthwise(head) ? (['door', 'off-door'] as const) : (['front', 'rear'] as const)
  return {
    id,
    name,
    kind,
    length: figure(readings, 'mattressLength'),
    width: figure(readings, 'mattressWidth'),
    drawn: lengthwise(head) ? { length: x1 - x0, width: y1 - y0 } : { length: y1 - y0, width: x1 - x0 },
    limit: figure(readings, 'weightLimit'),
    conversion,
    height: figure(readings, 'heightAboveFloor'),
    headroom: figure(readings, 'headroom'),
    outlet: flag(readings, 'outlet'),
    ladder: flag(readings, 'ladder'),
    guard: figure(readings, 'guardHeight'),
    light: flag(readings, 'ownLight'),
    window: flag(readings, 'window'),
    room,
    roomName: own.name,
    closedBy: own.closedBy,
    climbsOver: !open.includes(OPPOSITE[head]) && !along.every((side) => open.includes(side)),
  }
}

/** With the head to the hitch or to the rear. */
const lengthwise = (head: Berth['head']): boolean => head === 'front' || head === 'rear'

/**
 * From which sides one lies down in each berth, whatever else is made up while it is. A night on which one gets to no
 * side of it tells nothing of its sides: that nobody gets there is for the ways to say.
 */
function sidesOnEveryNight(plan: Plan, rules: WayRules): Record<string, Side[]> {
  const found: Record<string, Side[]> = {}
  for (const made of nightsOf(plan))
    for (const [berth, sides] of bedSides(floorOf(plan, 'night', made), rules))
      if (sides.length) found[berth] = found[berth] ? found[berth].filter((side) => sides.includes(side)) : sides
  return found
}

const isDry = ({ kind }: Room): boolean => kind !== 'bath'

export function madeNight(plan: Plan, made: string[], rules: WayRules): MadeNight {
  const floor = floorOf(plan, 'night', made)
  const ways = nightWays(floor, rules)
  // With no toilet to go to they still go out.
  const from = waysFrom(floor, ways.length ? 'toilet' : 'entry')
  const out = floor.places
    .filter(({ use }) => use === 'door' || use === 'exit window' || (ways.length === 0 && use === 'bed'))
    .flatMap((place) => {
      const path = wayTo(from, floor.standsOf(place), rules.comfortable)?.path
      return path ? [path] : []
    })
  const swept = leavesAt(plan, 'night', made, floor.bodies).filter(({ of, id }) =>
    of === 'doorway'
      ? !made.some((one) => plan.conversions.find((other) => other.id === one)?.takes.includes(id))
      : of === 'outer wall' && opensInward(plan, withId(plan.doors, id)),
  )
  const shapes = [
    ...swept.map((leaf) => ({ polygon: sweepOf(leaf) })),
    ...plan.rooms.filter((room) => !isDry(room)).map(({ shape }) => shape),
  ]
  const free = (kept: Point[][]): FloorBox[] =>
    freeFloor(floor.clearance, { ways: kept, half: rules.sideways / 2, shapes }).map(({ x0, y0, x1, y1 }) => [
      x0,
      y0,
      x1,
      y1,
    ])
  return {
    made,
    ways: ways.map(({ berth, length, passes }) => ({ berth, length, passes })),
    floor: free([...ways.map(({ path }) => path), ...out]),
    inWays: free([]),
  }
}

export const isBunk = ({ kind }: { kind: BerthKind }): boolean => BERTH_KINDS[kind].bunk
export const isUpper = ({ kind }: BerthFact): boolean => BERTH_KINDS[kind].upper
export const isLimited = ({ kind }: BerthFact): boolean => BERTH_KINDS[kind].limited
/** What may be too low over it to sit up in: bunks and lofts, not a bed under the ceiling. */
export const isLow = ({ kind }: BerthFact): boolean => BERTH_KINDS[kind].bunk || kind === 'loft'
