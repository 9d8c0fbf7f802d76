import { SIDES, type Plan, type Side } from '../plan/plan'
import { bounds, type Point, type Shape } from '../plan/shape/shape'
import type { Trailer } from './trailer'
import { oncePerAndItself } from '../memory/remembered'

/**
 * The trailer with each of its lists in one order, from the hitch to the rear, whatever order its file has: answers and
 * words don't depend on which berth or compartment was written down first.
 */
export const inOrder = oncePerAndItself((trailer: Trailer): Trailer => {
  const { plan, equipment, absent } = trailer
  return {
    ...trailer,
    equipment: sorted(equipment, ({ kind }) => kind),
    ...(absent && { absent: [...absent].sort((a, b) => compare(a.kind, b.kind)) }),
    plan: planInOrder(plan),
  }
})

const planInOrder = oncePerAndItself((plan: Plan): Plan => {
  const along = ({ shape }: { shape: Shape }) => bounds(shape).x0
  const opening = ({ from, to }: { from: Point; to: Point }) => Math.min(from[0], to[0])
  const onWall = ({ wall, start }: { wall: Side; start: number }) =>
    wall === 'front' ? -Infinity : wall === 'rear' ? Infinity : start
  return {
    ...plan,
    rooms: sorted(plan.rooms, along),
    walls: sorted(plan.walls, opening),
    doors: sorted(plan.doors, opening),
    windows: sorted(plan.windows, opening),
    slides: sorted(plan.slides, onWall),
    canvasEnds: sorted(plan.canvasEnds, onWall),
    fixtures: sorted(plan.fixtures, along),
    berths: sorted(
      plan.berths.map((berth) => ({ ...berth, access: SIDES.filter((side) => berth.access.includes(side)) })),
      along,
    ),
    conversions: sorted(
      plan.conversions.map((one) => ({
        ...one,
        uses: [...one.uses].sort(),
        takes: [...one.takes].sort(),
        excludes: [...one.excludes].sort(),
      })),
      () => 0,
    ),
    outside: sorted(plan.outside, onWall),
    compartments: sorted(
      plan.compartments.map((one) => ({
        ...one,
        openings: [...one.openings].sort((a, b) => compare(a.wall, b.wall) || a.width - b.width || a.height - b.height),
        ...(one.shares && { shares: [...one.shares].sort() }),
      })),
      // Not by where they are: what goes into which must not change when that is measured.
      () => 0,
    ),
  }
})

const compare = (a: string | number, b: string | number): number => (a < b ? -1 : a > b ? 1 : 0)

/** By what is asked, then by id. */
const sorted = <One extends { id: string }>(list: readonly One[], by: (one: One) => string | number): One[] =>
  [...list].sort((a, b) => compare(by(a), by(b)) || compare(a.id, b.id))
