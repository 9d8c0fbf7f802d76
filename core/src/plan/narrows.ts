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
/** As near to the middle as this is on it, inches. */
const MIDDLE = 0.01
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
  const outlines = things.map((shape): Outline => {
    const { x0: left, y0: top, x1: right, y1: bottom } = bounds(shape)
    return { x0: left, y0: top, x1: right, y1: bottom, polygon: 'polygon' in shape ? shape : undefined }
  })
  const cells = columns * rows
  const [crest, middle] = listsFor(cells)
  let count = 0
  const widest = (WIDE / 2) ** 2
  for (let cell = columns; cell < cells - columns; cell++) {
    const own = squared[cell]!
    if (own === 0 || own > widest) continue
    const left = squared[cell - 1]!
    const right = squared[cell + 1]!
    const above = squared[cell - columns]!
    const below = squared[cell + columns]!
    if (
      (own >= left && own >= right && (own > left || own > right)) ||
      (own >= above && own >= below && (own > above || own > below))
    ) {
      crest[cell] = 1
      middle[count++] = cell
    }
  }
  // Where the middle runs aslant, the cells that join one spot of it to the next belong to it.
  const spots = count
  for (let i = 0; i < spots; i++)
    for (let step = -1; step <= 1; step += 2) {
      const cell = middle[i]! + step
      if (crest[cell] !== 0 || squared[cell]! === 0) continue
      if (crest[cell - columns] !== 1 && crest[cell + columns] !== 1) continue
      crest[cell] = 2
      middle[count++] = cell
    }
  const byRow: Outline[][] = []
  for (let i = 0; i < count; i++) {
    const cell = middle[i]!
    const row = Math.floor(cell / columns)
    const y = y0 + row + 0.5
    // Of all things those that this row comes near to.
    const beside = (byRow[row] ??= outlines.filter(
      ({ y0: top, y1: bottom }) => top - y < WIDE / 2 + 2 && y - bottom < WIDE / 2 + 2,
    ))
    const x = x0 + (cell - row * columns) + 0.5
    const exact = widestNear(x, y, Math.sqrt(squared[cell]!) + 2, crest[cell] === 1 ? NEAR : NEXT, beside)
    const eighths = Math.floor(2 * EIGHTHS * exact + HAIR)
    if (eighths > wide[cell]!) wide[cell] = eighths
  }
  for (let i = 0; i < count; i++) crest[middle[i]!] = 0
}

/** Arrays as long as floors are, used within one look and never after; `crest` is left empty. */
let lists: [crest: Uint8Array, middle: Int32Array] = [new Uint8Array(0), new Int32Array(0)]

function listsFor(cells: number): typeof lists {
  if (lists[0].length < cells) lists = [new Uint8Array(cells), new Int32Array(2 * cells)]
  return lists
}

interface Outline extends Bounds {
  /** Absent: it fills its bounds. */
  polygon?: Shape
}

/**
 * How far from all things the best spot within a cell is, inches. Asked for thousands of cells: nothing is made anew in
 * here.
 */
function widestNear(mx: number, my: number, far: number, off: number, things: readonly Outline[]): number {
  let count = 0
  for (const one of things)
    if (one.x0 - mx < far && mx - one.x1 < far && one.y0 - my < far && my - one.y1 < far) near[count++] = one
  let x = mx
  let y = my
  let best = 0
  for (let round = 0; round < ROUNDS; round++) {
    // The nearest point, and the nearest of those that lie across from it.
    let least = Infinity
    let fx = 0
    let fy = 0
    for (let i = 0; i < count; i++) {
      const one = near[i]!
      let dx = x < one.x0 ? one.x0 - x : x > one.x1 ? one.x1 - x : 0
      let dy = y < one.y0 ? one.y0 - y : y > one.y1 ? one.y1 - y : 0
      if (one.polygon) {
        const on = nearestOn(one.polygon, [x, y])
        dx = on[0] - x
        dy = on[1] - y
      }
      xs[i] = dx
      ys[i] = dy
      const apart = dx * dx + dy * dy
      squares[i] = apart
      if (apart < least) {
        least = apart
        fx = dx
        fy = dy
      }
    }
    const free = Math.sqrt(least)
    if (free > best) best = free
    if (free === 0 || least === Infinity) return best
    let across = Infinity
    for (let i = 0; i < count; i++) if (squares[i]! < across && xs[i]! * fx + ys[i]! * fy < 0) across = squares[i]!
    if (across === Infinity) return best
    // Straight away from the nearest, until what stands across is as near: not along the way.
    const aside = (Math.sqrt(across) - free) / 2
    if (aside < MIDDLE) return best
    const step = aside / free
    x = Math.max(mx - off, Math.min(mx + off, x - fx * step))
    y = Math.max(my - off, Math.min(my + off, y - fy * step))
  }
  return best
}

/** Lists used within one look and never after; a plan holds fewer things than this, all lists together. */
const MOST = 4096
const near: Outline[] = []
const xs = new Float64Array(MOST)
const ys = new Float64Array(MOST)
const squares = new Float64Array(MOST)
