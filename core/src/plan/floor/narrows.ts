import { nearestOn } from '../shape/distance'
import { EIGHTHS, WIDE, type Distances } from './distanceTransform'
import { withScratchBuffers } from './scratchBuffers'
import type { Raster } from './raster'
import { bounds, type Shape } from '../shape/shape'

/** A little beyond a cell's own edge: the widest spot is looked for no farther off along either side, inches. */
const NEAR = 0.8
/** A cell that only joins two spots of the middle lies one farther off. */
const NEXT = 1.3
/** As near to the middle as this is on it, inches. */
const MIDDLE = 0.01
/** So many times the middle between two things is looked for anew. */
const ROUNDS = 3
/** Things are sorted out by squares of this side, inches. */
const TILE = 16
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
export function widenNarrows(raster: Raster, distances: Distances, wide: Int16Array, things: readonly Shape[]): void {
  widen(Math.max(things.length, Math.ceil(raster.columns / TILE)))(raster, distances, wide, things)
}

// eslint-disable-next-line max-lines-per-function -- a search over flat lists: its steps share a dozen of them
const widen = withScratchBuffers(64, (most) => {
  const left = new Float64Array(most)
  const top = new Float64Array(most)
  const right = new Float64Array(most)
  const bottom = new Float64Array(most)
  /** 1 where one does not fill its bounds. */
  const shaped = new Uint8Array(most)
  let shapes: readonly Shape[] = []
  /** For each tile of the row of tiles that is looked at, from where to where its things stand in `beside`. */
  const starts = new Int32Array(most)
  const ends = new Int32Array(most)
  const beside = new Int16Array(most * most)
  let listed = 0
  /** Those that a spot comes near to. */
  const near = new Int16Array(most)
  /** From a spot to the nearest point of each of those. */
  const xs = new Float64Array(most)
  const ys = new Float64Array(most)
  const squares = new Float64Array(most)

  return ({ x0, y0, columns }: Raster, distances: Distances, wide: Int16Array, things: readonly Shape[]): void => {
    const { squared, middle, spots, joined } = distances
    shapes = things
    things.forEach((shape, i) => take(shape, i))
    let tileRow = -1
    for (let i = 0; i < spots + joined; i++) {
      const cell = middle[i]!
      const row = Math.floor(cell / columns)
      const column = cell - row * columns
      const [tile, tileY] = [Math.floor(column / TILE), Math.floor(row / TILE)]
      if (tileY !== tileRow) {
        tileRow = tileY
        listed = 0
        ends.fill(0)
      }
      if (ends[tile] === 0) listBeside(tile, x0 + tile * TILE, y0 + tileY * TILE, things.length)
      const far = Math.sqrt(squared[cell]!) + 2
      const exact = widestNear(x0 + column + 0.5, y0 + row + 0.5, far, i < spots ? NEAR : NEXT, tile)
      const eighths = Math.floor(2 * EIGHTHS * exact + HAIR)
      if (eighths > wide[cell]!) wide[cell] = eighths
    }
  }

  function take(shape: Shape, i: number): void {
    const box = bounds(shape)
    left[i] = box.x0
    top[i] = box.y0
    right[i] = box.x1
    bottom[i] = box.y1
    shaped[i] = 'polygon' in shape ? 1 : 0
  }

  /** Of all things those that any spot of a tile may come near to. */
  function listBeside(tile: number, x: number, y: number, things: number): void {
    const [reach, end] = [WIDE / 2 + 2, WIDE / 2 + 2 + TILE]
    starts[tile] = listed
    for (let i = 0; i < things; i++)
      if (left[i]! - x < end && x - right[i]! < reach && top[i]! - y < end && y - bottom[i]! < reach)
        beside[listed++] = i
    ends[tile] = listed
  }

  /** How far from all things the best spot within a cell is, inches. Asked for thousands of cells. */
  // eslint-disable-next-line complexity -- a search over flat lists: its steps share a dozen of them
  function widestNear(mx: number, my: number, far: number, off: number, tile: number): number {
    let count = 0
    // The nearest point.
    let least = Infinity
    let fx = 0
    let fy = 0
    for (let i = starts[tile]!, end = ends[tile]!; i < end; i++) {
      const one = beside[i]!
      const dx = mx < left[one]! ? left[one]! - mx : mx > right[one]! ? right[one]! - mx : 0
      if (dx >= far || dx <= -far) continue
      const dy = my < top[one]! ? top[one]! - my : my > bottom[one]! ? bottom[one]! - my : 0
      if (dy >= far || dy <= -far) continue
      near[count] = one
      const apart = shaped[one] === 0 ? keepAt(count, dx, dy) : keepOn(count, one, mx, my)
      if (apart < least) {
        least = apart
        fx = xs[count]!
        fy = ys[count]!
      }
      count++
    }
    let x = mx
    let y = my
    let best = 0
    for (let round = 1; ; round++) {
      const free = Math.sqrt(least)
      if (free > best) best = free
      if (free === 0 || least === Infinity || round === ROUNDS) return best
      // Of those that lie across from it the nearest.
      let across = Infinity
      let over = 0
      for (let i = 0; i < count; i++)
        if (squares[i]! < across && xs[i]! * fx + ys[i]! * fy < 0) {
          across = squares[i]!
          over = i
        }
      if (across === Infinity) return best
      // Straight away from the nearest, until what stands across is as near: not along the way.
      const aside = (Math.sqrt(across) - free) / 2
      if (aside < MIDDLE) return best
      if (round === 1 && ((fx === 0 && xs[over] === 0) || (fy === 0 && ys[over] === 0))) {
        const moved = aside < off ? aside : off
        if (betweenTwo(count, fx, fy, over, free + 2 * moved)) return free + moved
      }
      const step = aside / free
      x = Math.max(mx - off, Math.min(mx + off, x - fx * step))
      y = Math.max(my - off, Math.min(my + off, y - fy * step))
      least = Infinity
      for (let i = 0; i < count; i++) {
        const one = near[i]!
        const dx = x < left[one]! ? left[one]! - x : x > right[one]! ? right[one]! - x : 0
        const dy = y < top[one]! ? top[one]! - y : y > bottom[one]! ? bottom[one]! - y : 0
        const apart = shaped[one] === 0 ? keepAt(i, dx, dy) : keepOn(i, one, x, y)
        if (apart < least) {
          least = apart
          fx = xs[i]!
          fy = ys[i]!
        }
      }
    }
  }

  /** Whether it lies between two boxes, straight across, and all others are so far off that they stay so. */
  function betweenTwo(count: number, fx: number, fy: number, over: number, others: number): boolean {
    for (let i = 0; i < count; i++) {
      const isOne = i === over || (xs[i] === fx && ys[i] === fy)
      if (isOne ? shaped[near[i]!] !== 0 : squares[i]! < others * others) return false
    }
    return true
  }

  function keepAt(i: number, dx: number, dy: number): number {
    xs[i] = dx
    ys[i] = dy
    return (squares[i] = dx * dx + dy * dy)
  }

  function keepOn(i: number, one: number, x: number, y: number): number {
    const on = nearestOn(shapes[one]!, [x, y])
    return keepAt(i, on[0] - x, on[1] - y)
  }
})
