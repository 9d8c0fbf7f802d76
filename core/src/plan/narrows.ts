import { nearestOn } from './distance'
import { bounds, type Bounds, type Shape } from './shape'

/** Widths are kept in parts of an inch, rounded down. */
export const EIGHTHS = 8

/** The floor as it is read off the raster (`Clearance`), its widths to be made exact. */
interface Floor {
  x0: number
  y0: number
  columns: number
  rows: number
  squared: Int32Array
  wide: Int16Array
}

/** Wider than this nobody asks for a fraction of an inch; inches. */
const WIDE = 44
/** A little beyond a cell's own edge: the widest spot is looked for no farther off along either side, inches. */
const NEAR = 0.8
/** A cell that only joins two spots of the middle lies one farther off. */
const NEXT = 1.3
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
export function widenNarrows(floor: Floor, things: readonly Shape[]): void {
  const { x0, y0, columns, rows, squared, wide } = floor
  const outlines = things.map((shape): Outline => ({ shape, ...bounds(shape) }))
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
    const beside = outlines.filter(({ y0: top, y1: bottom }) => top - y < WIDE / 2 + 2 && y - bottom < WIDE / 2 + 2)
    for (let cell = row * columns + 1; cell < (row + 1) * columns - 1; cell++) {
      // Where the middle runs aslant, the cells that join one spot of it to the next belong to it.
      const joins =
        squared[cell]! > 0 &&
        crest[cell - 1]! + crest[cell + 1]! > 0 &&
        crest[cell - columns]! + crest[cell + columns]! > 0
      if (!crest[cell] && !joins) continue
      const exact = widestNear(
        x0 + (cell % columns) + 0.5,
        y,
        Math.sqrt(squared[cell]!) + 2,
        crest[cell] ? NEAR : NEXT,
        beside,
      )
      const eighths = Math.floor(2 * EIGHTHS * exact + HAIR)
      if (eighths > wide[cell]!) wide[cell] = eighths
    }
  }
}

/** No nearer to what is in the way than its two neighbors, and farther than one of them. */
const isCrest = (own: number, one: number, other: number): boolean =>
  own >= one && own >= other && (own > one || own > other)

interface Outline extends Bounds {
  shape: Shape
}

/** How far from all things the best spot within a cell is, inches. */
function widestNear(mx: number, my: number, far: number, off: number, things: readonly Outline[]): number {
  let count = 0
  for (const one of things)
    if (one.x0 - mx < far && mx - one.x1 < far && one.y0 - my < far && my - one.y1 < far) near[count++] = one
  let [x, y, best] = [mx, my, 0]
  for (let round = 0; round < ROUNDS; round++) {
    // The nearest point, and the nearest of those that lie across from it.
    let [least, fx, fy] = [Infinity, 0, 0]
    for (let i = 0; i < count; i++) {
      const one = near[i]!
      let [nx, ny] = [x < one.x0 ? one.x0 : x > one.x1 ? one.x1 : x, y < one.y0 ? one.y0 : y > one.y1 ? one.y1 : y]
      if ('polygon' in one.shape) [nx, ny] = nearestOn(one.shape, [x, y])
      ;[xs[i], ys[i]] = [nx - x, ny - y]
      const apart = (nx - x) * (nx - x) + (ny - y) * (ny - y)
      if (apart < least) [least, fx, fy] = [apart, nx - x, ny - y]
    }
    const free = Math.sqrt(least)
    if (free > best) best = free
    if (free === 0 || least === Infinity) return best
    let across = Infinity
    for (let i = 0; i < count; i++) {
      const apart = xs[i]! * xs[i]! + ys[i]! * ys[i]!
      if (xs[i]! * fx + ys[i]! * fy < 0 && apart < across) across = apart
    }
    if (across === Infinity) return best
    // Straight away from the nearest, until what stands across is as near: not along the way.
    const step = (Math.sqrt(across) - free) / 2 / free
    const toX = Math.max(mx - off, Math.min(mx + off, x - fx * step))
    const toY = Math.max(my - off, Math.min(my + off, y - fy * step))
    ;[x, y] = [toX, toY]
  }
  return best
}

/** Lists used within one look and never after. */
const near: Outline[] = []
const xs: number[] = []
const ys: number[] = []
