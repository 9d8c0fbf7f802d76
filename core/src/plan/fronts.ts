import { TOWARDS } from './facing'
import type { Side } from './plan'
import { corners, type Bounds, type Point, type Shape } from './shape/shape'

/** An edge of a thing before which one stands: from corner to corner, and straight out from it, one inch. */
export interface Front {
  a: Point
  b: Point
  way: Point
}

/** An edge looks to a side when it is turned less than this away from it; the cosine of 60 degrees. */
const LOOKS = 0.5
/** Over a counter's edge one reaches this far back to a sink or a cooktop, inches (common practice). */
const OVER_EDGE = 26

/** The edges of a shape that look to one of some sides. */
export function frontsOf(shape: Shape, sides: readonly Side[]): Front[] {
  return edgesOf(shape).filter(({ way }) =>
    sides.some((side) => way[0] * TOWARDS[side][0] + way[1] * TOWARDS[side][1] > LOOKS),
  )
}

/** The edge of a box that looks to a side. */
export const frontOf = ({ x0, y0, x1, y1 }: Bounds, side: Side): Front =>
  frontsOf({ rect: [x0, y0, x1 - x0, y1 - y0] }, [side])[0]!

/** The stretches of a counter's edge straight before what is let into it. */
export function counterFronts(counter: Shape, letIn: Shape, sides: readonly Side[]): Front[] {
  const points = corners(letIn)
  return frontsOf(counter, sides).flatMap(({ a, b, way }): Front[] => {
    const long = Math.hypot(b[0] - a[0], b[1] - a[1])
    const along: Point = [(b[0] - a[0]) / long, (b[1] - a[1]) / long]
    const at = points.map(([x, y]) => (x - a[0]) * along[0] + (y - a[1]) * along[1])
    const back = Math.min(...points.map(([x, y]) => -((x - a[0]) * way[0] + (y - a[1]) * way[1])))
    const [from, to] = [Math.max(0, Math.min(...at)), Math.min(long, Math.max(...at))]
    if (to - from < 1 || back > OVER_EDGE) return []
    const on = (s: number): Point => [a[0] + along[0] * s, a[1] + along[1] * s]
    return [{ a: on(from), b: on(to), way }]
  })
}

/** Every edge with its way out. */
function edgesOf(shape: Shape): Front[] {
  const points = corners(shape)
  const twice = points.reduce((sum, [x, y], i) => {
    const [nextX, nextY] = points[(i + 1) % points.length]!
    return sum + x * nextY - nextX * y
  }, 0)
  const out = Math.sign(twice) || 1
  return points.flatMap((a, i): Front[] => {
    const b = points[(i + 1) % points.length]!
    const long = Math.hypot(b[0] - a[0], b[1] - a[1])
    return long === 0 ? [] : [{ a, b, way: [(out * (b[1] - a[1])) / long, (out * (a[0] - b[0])) / long] }]
  })
}
