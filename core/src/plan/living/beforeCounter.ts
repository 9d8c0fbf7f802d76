import { convexParts, shared } from '../shape/convex'
import { facesOf } from '../facing'
import { frontOf, frontsOf, type Front } from '../fronts'
import { SIDES, type Plan } from '../plan'
import { LOUNGE_KINDS, TABLE_KINDS } from './seats'
import { area, bounds, type Point, type Shape } from '../shape/shape'
import { bodiesAt, type Body, type TimeOfDay } from '../times'

/** What is sat on or at; another counter or the refrigerator round the corner belongs to the kitchen. */
const SAT_AT = new Set<string>([...LOUNGE_KINDS, ...TABLE_KINDS])
/** In front of a counter one stands this deep, inches (common practice). */
const STAND = 20

/**
 * What stands right in front of a counter, so that one cannot work at all of it: by id, and how many inches of its
 * front it takes. A counter round a corner has a front along each of its arms.
 */
export function beforeCounter(
  plan: Plan,
  time: TimeOfDay = 'parked',
): { counter: string; by: string; takes: number }[] {
  const bodies = bodiesAt(plan, time)
  const seats = bodies.filter(({ fixture }) => fixture && SAT_AT.has(fixture.kind))
  return bodies
    .filter(({ fixture }) => fixture?.kind === 'counter')
    .flatMap((counter) =>
      seats.flatMap(({ id, shape }) => {
        const takes = workFronts(plan, counter).reduce((sum, front) => sum + takenOf(front, shape), 0)
        return takes > 1 ? [{ counter: counter.id, by: id, takes }] : []
      }),
    )
}

/** The edges one works at: where it faces, and of a polygon all that are not along its outermost sides. */
function workFronts(plan: Plan, { shape, fixture }: Body): Front[] {
  const box = bounds(shape)
  const faces = facesOf(plan, fixture!, box)
  if ('rect' in shape) return [frontOf(box, faces)]
  const isOuter = ({ a, b }: Front) =>
    (a[0] === b[0] && (a[0] === box.x0 || a[0] === box.x1)) || (a[1] === b[1] && (a[1] === box.y0 || a[1] === box.y1))
  const inner = frontsOf(shape, SIDES).filter((front) => !isOuter(front))
  // Round a corner the ends of its arms are nowhere one works, unless that is all there is.
  const own = frontsOf(shape, [faces])
  return own.some((front) => !isOuter(front)) || fixture!.faces !== faces ? inner : [...inner, ...own.filter(isOuter)]
}

/** How much of a front something takes that stands where one would, inches. */
function takenOf({ a, b, way }: Front, shape: Shape): number {
  const out = ([x, y]: Point): Point => [x + way[0] * STAND, y + way[1] * STAND]
  const long = Math.hypot(b[0] - a[0], b[1] - a[1])
  const [ux, uy] = [(b[0] - a[0]) / long, (b[1] - a[1]) / long]
  const zone: Shape = { polygon: [a, b, out(b), out(a)] }
  let [from, to] = [Infinity, -Infinity]
  for (const one of convexParts(zone))
    for (const other of convexParts(shape)) {
      const both = shared(one, other)
      if (both.length < 3 || area({ polygon: both }) < 1) continue
      for (const [x, y] of both) {
        const at = (x - a[0]) * ux + (y - a[1]) * uy
        ;[from, to] = [Math.min(from, at), Math.max(to, at)]
      }
    }
  return Math.max(0, to - from)
}
