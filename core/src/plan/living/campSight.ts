import { entersAt } from '../shape/distance'
import { OPPOSITE, outerWall, TOWARDS } from '../facing'
import { wallShape } from '../overlap'
import { placesAt } from '../floor/places'
import type { Plan, Side } from '../plan'
import { shellAt } from '../shell'
import type { Point } from '../shape/shape'
import { bodiesAt } from '../times'

/** What whoever cooks sees of the side on which one camps. */
export interface CampSight {
  side: Side
  /** From the sink or the cooktop through a window: its id, or false; absent: no window or no kitchen is drawn. */
  kitchen?: string | false
  /** From the outside kitchen; absent without one. */
  outside?: boolean
}

/** So far out from a counter's edge are the eyes of whoever works at it, inches (common practice). */
const STANDS = 8
/** Over this and under that nothing stands between the eyes and a window: under overheads and a hood, over a counter. Inches above the
 * floor (common practice). */
const LOOKS = [48, 56] as const
/** The window itself lies in the wall: one looks to just inside it, inches. */
const BEFORE = 3

/** The camp is where the awning is, or else before the entry door; whoever cooks outside looks away from the wall. */
export function campSight(plan: Plan): CampSight {
  const side = campSide(plan)
  const kitchens = plan.outside.filter(({ kind }) => kind === 'outside-kitchen')
  const cooks = cooksAt(plan)
  return {
    side,
    ...(cooks.length > 0 && plan.windows.length > 0 && { kitchen: seenThrough(plan, cooks, side) ?? false }),
    ...(kitchens.length > 0 && { outside: kitchens.some(({ wall }) => wall === side) }),
  }
}

function campSide(plan: Plan): Side {
  const awning = plan.outside.find(({ kind }) => kind === 'awning')
  const entry = plan.doors.find(({ kind }) => kind === 'entry')
  return awning?.wall ?? (entry ? outerWall(plan, entry) : 'door')
}

/** Where somebody stands at the sink and at the cooktop. */
const cooksAt = (plan: Plan): Point[] =>
  placesAt(plan, 'parked')
    .filter(({ use }) => use === 'sink' || use === 'cooktop')
    .flatMap(({ fronts }) =>
      fronts.map(({ a, b, way }): Point => [(a[0] + b[0]) / 2 + way[0] * STANDS, (a[1] + b[1]) / 2 + way[1] * STANDS]),
    )

/** The first window on that side that is in sight from one of the places, over counters and seats. */
function seenThrough(plan: Plan, from: readonly Point[], side: Side): string | undefined {
  const bindingConstraints = [
    ...bodiesAt(plan, 'parked')
      .filter(({ band }) => band[0] < LOOKS[1] && band[1] > LOOKS[0])
      .map(({ shape }) => shape),
    ...plan.walls.map(wallShape),
    ...shellAt(plan, 'parked').map(({ shape }) => shape),
  ]
  const [dx, dy] = TOWARDS[OPPOSITE[side]]
  return plan.windows
    .filter((window) => outerWall(plan, window) === side)
    .find(({ from: a, to: b }) => {
      const [x, y] = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2]
      const deep = plan.box.wall + BEFORE
      const before: Point = [x + dx * deep, y + dy * deep]
      return from.some((eye) => bindingConstraints.every((shape) => entersAt(shape, eye, before) === undefined))
    })?.id
}
