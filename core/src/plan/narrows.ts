import { EIGHTHS, type Clearance } from './clearance'
import { nearestOn } from './distance'
import { bounds, type Bounds, type Point, type Shape } from './shape'

/** Wider than this nobody asks for a fraction of an inch; inches. */
const WIDE = 60
/** A little beyond a cell's own edge: the widest spot is looked for no farther off along either side, inches. */
const NEAR = 0.8
/** So many times the middle between two things is looked for anew. */
const ROUNDS = 3
/** What a drawing means to be an inch, is one: rounding is no eighth. */
const HAIR = 0.02

/**
 * Widens the cells along the middle of every narrow way to the width that is there: from the middle of the cell one
 * steps away from what is nearest until what stands across is as near, and measures there.
 *
 *      ###########          A way that is 14 1/4 in wide between two outlines is read so, wherever they lie on the
 *   a  - - - - - -          raster. What is measured is a circle that is free, never one that would be.
 *          o  m
 *   b  - - - - - -
 *      ###########
 */
export function widenNarrows(clearance: Clearance, things: readonly Shape[]): void {
  const { x0, y0, columns, rows, squared, wide } = clearance
  const boxed = things.map((shape) => ({ shape, box: bounds(shape) }))
  const crest = new Uint8Array(squared.length)
  for (let cell = columns; cell < squared.length - columns; cell++) {
    const own = squared[cell]!
    if (own === 0 || own > (WIDE / 2) ** 2) continue
    if (
      isCrest(own, squared[cell - 1]!, squared[cell + 1]!) ||
      isCrest(own, squared[cell - columns]!, squared[cell + columns]!)
    )
      crest[cell] = 1
  }
  for (let row = 1; row < rows - 1; row++) {
    // Of all things those that this row comes near to.
    const y = y0 + row + 0.5
    const beside = boxed.filter(({ box }) => box.y0 - y < WIDE / 2 + 2 && y - box.y1 < WIDE / 2 + 2)
    for (let cell = row * columns + 1; cell < (row + 1) * columns - 1; cell++) {
      // Where the middle runs aslant, the cells that join one spot of it to the next belong to it.
      const joins =
        squared[cell]! > 0 &&
        crest[cell - 1]! + crest[cell + 1]! > 0 &&
        crest[cell - columns]! + crest[cell + columns]! > 0
      if (!crest[cell] && !joins) continue
      const exact = widestNear([x0 + (cell % columns) + 0.5, y], Math.sqrt(squared[cell]!) + 2, beside)
      const eighths = Math.floor(2 * EIGHTHS * exact + HAIR)
      if (eighths > wide[cell]!) wide[cell] = eighths
    }
  }
}

/** No nearer to what is in the way than its two neighbors, and farther than one of them. */
const isCrest = (own: number, one: number, other: number): boolean =>
  own >= one && own >= other && (own > one || own > other)

/** How far from all things the best spot within a cell is, inches. */
function widestNear(middle: Point, far: number, things: readonly { shape: Shape; box: Bounds }[]): number {
  const [mx, my] = middle
  const near = things.filter(
    ({ box }) => box.x0 - mx < far && mx - box.x1 < far && box.y0 - my < far && my - box.y1 < far,
  )
  let [at, best] = [middle, 0]
  for (let round = 0; round < ROUNDS; round++) {
    const points = near.map(({ shape }) => nearestOn(shape, at))
    const [first, free] = nearest(points, at)
    if (!first) return best
    best = Math.max(best, free)
    const across = points.filter(([x, y]) => (x - at[0]) * (first[0] - at[0]) + (y - at[1]) * (first[1] - at[1]) < 0)
    const [second, beyond] = nearest(across, at)
    if (!second || free === 0) return best
    // Straight away from the nearest, until what stands across is as near: not along the way.
    const step = (beyond - free) / 2 / free
    const next: Point = [at[0] + (at[0] - first[0]) * step, at[1] + (at[1] - first[1]) * step]
    if (Math.max(Math.abs(next[0] - mx), Math.abs(next[1] - my)) > NEAR) return best
    at = next
  }
  return best
}

function nearest(points: readonly Point[], [x, y]: Point): [Point | undefined, number] {
  let [found, least]: [Point | undefined, number] = [undefined, Infinity]
  for (const point of points) {
    const far = (point[0] - x) ** 2 + (point[1] - y) ** 2
    if (far < least) [found, least] = [point, far]
  }
  return [found, Math.sqrt(least)]
}
