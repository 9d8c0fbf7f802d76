import { bedSides } from '../plan/bedSides'
import { OPPOSITE } from '../plan/facing'
import { roomsFor } from '../plan/freeFloor'
import { ofGeometry } from '../plan/geometry'
import { nightWays } from '../plan/nightWays'
import type { Berth, Plan, Room, Side } from '../plan/plan'
import { floorOf } from '../plan/reach'
import { bounds } from '../plan/shape'
import { apartFrom, nightsOf } from '../plan/together'
import { BERTH_KINDS, type BerthKind } from '../readings/catalogue'
import { figure, flag } from '../readings/reading'
import type { WayRules } from '../plan/wayRules'
import type { NightRules } from './rules'
import type { Trailer } from '../trailer/trailer'

/** The berths as they are, and the nights there can be. Inches and pounds; absent: not read. */
export interface NightFacts {
  berths: BerthFact[]
  conversions: { id: string; name: string; minutes: number; excludes: string[] }[]
  nights: MadeNight[]
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
 * One set of conversions that can be made together: how one gets from each berth to a toilet, and in which
 * rooms there is still floor for a crib.
 */
export interface MadeNight {
  made: string[]
  ways: { berth: string; length: number; passes: string[] }[]
  cribRooms: string[]
}

export function nightFacts({ plan }: Trailer, { crib }: Pick<NightRules, 'crib'>, ways: WayRules): NightFacts {
  const sides = ofGeometry(plan, ['bed sides', ways], () => sidesOnEveryNight(plan, ways))
  return {
    berths: plan.berths.map((berth) => berthFact(plan, berth, sides[berth.id] ?? berth.access)),
    conversions: plan.conversions.map(({ id, name, minutes }) => ({
      id,
      name,
      minutes,
      excludes: apartFrom(plan, id),
    })),
    nights: ofGeometry(plan, ['nights', crib, ways], () =>
      nightsOf(plan).map((made) => madeNight(plan, made, crib, ways)),
    ),
  }
}

function berthFact(
  { rooms }: Plan,
  { id, name, kind, shape, conversion, room, head, readings }: Berth,
  open: readonly Side[],
): BerthFact {
  const { x0, x1, y0, y1 } = bounds(shape)
  const own = rooms.find((one) => one.id === room)!
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

function madeNight(plan: Plan, made: string[], crib: NightRules['crib'], rules: WayRules): MadeNight {
  const floor = floorOf(plan, 'night', made)
  const ways = nightWays(floor, rules)
  return {
    made,
    ways: ways.map(({ berth, length, passes }) => ({ berth, length, passes })),
    cribRooms: roomsFor(
      floor,
      [crib],
      ways.map(({ path }) => path),
      rules,
    )[0]!,
  }
}

export const isBunk = ({ kind }: { kind: BerthKind }): boolean => BERTH_KINDS[kind].bunk
export const isUpper = ({ kind }: BerthFact): boolean => BERTH_KINDS[kind].upper
export const isLimited = ({ kind }: BerthFact): boolean => BERTH_KINDS[kind].limited
/** What may be too low over it to sit up in: bunks and lofts, not a bed under the ceiling. */
export const isLow = ({ kind }: BerthFact): boolean => BERTH_KINDS[kind].bunk || kind === 'loft'
