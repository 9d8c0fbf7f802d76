import type { Clearance } from './clearance'
import { USUAL_FLOOR, withOwnLists } from './ownLists'
import { fill, type Raster } from './raster'
import type { Bounds, Point, Shape } from './shape'

/** Floor on which nothing may be set down. */
export interface KeptClear {
  /** Walkways, as the middle of someone walking goes, and half the width kept clear along them, inches. */
  ways: readonly (readonly Point[])[]
  half: number
  /** Ground that doors sweep, and rooms in which nothing stands. */
  shapes: readonly Shape[]
}

/** Nothing that is set down for the night is smaller, inches: the smallest dog crates. */
export const SMALLEST = [12, 18] as const

/**
 * Every largest upright rectangle of floor on which things can be set down: each that can't be grown to any side and
 * holds a thing of `SMALLEST`. A rectangle lies on free floor exactly where it lies in one of these, so they say as much
 * of where things go as the floor itself. On the 1-inch raster, so no more than there is. Found row by row from the
 * heights of free floor above it (the largest rectangle in a histogram, common practice).
 */
export function freeFloor({ wide, ...raster }: Clearance, { ways, half, shapes }: KeptClear): Bounds[] {
  const free = Uint8Array.from(wide, (width) => (width === 0 ? 0 : 1))
  for (const path of ways)
    for (let i = 1; i < path.length; i++) fill(free, raster, alongside(path[i - 1]!, path[i]!, half), 0)
  for (const shape of shapes) fill(free, raster, shape, 0)
  return largest(raster)(raster, free)
}

/** A stretch of a walkway: it runs along x or along y, or aslant from cell to cell. */
const alongside = ([ax, ay]: Point, [bx, by]: Point, half: number): Shape => {
  const [x, y] = [Math.min(ax, bx) - half, Math.min(ay, by) - half]
  const straight = ax === bx || ay === by
  if (straight) return { rect: [x, y, Math.abs(bx - ax) + 2 * half, Math.abs(by - ay) + 2 * half] }
  // Aslant: the outline of a square pushed along the stretch.
  const [sx, sy] = [Math.sign(bx - ax), Math.sign(by - ay)]
  const corner = (px: number, py: number, dx: number, dy: number): Point => [px + dx * half, py + dy * half]
  return {
    polygon: [
      corner(ax, ay, -sx, sy),
      corner(ax, ay, -sx, -sy),
      corner(ax, ay, sx, -sy),
      corner(bx, by, sx, -sy),
      corner(bx, by, sx, sy),
      corner(bx, by, -sx, sy),
    ],
  }
}

const largest = ({ columns, rows }: Raster) => searching(Math.max(columns * rows, columns + 1, rows + 1))

const searching = withOwnLists(USUAL_FLOOR, (most) => {
  /** Of each column how many cells up from the row are free; of the stretches that are open, from where and how high. */
  const heights = new Int16Array(most)
  const from = new Int16Array(most)
  const high = new Int16Array(most)
  const [short, long] = SMALLEST

  return ({ x0, y0, columns, rows }: Raster, free: Uint8Array): Bounds[] => {
    const found: Bounds[] = []
    heights.fill(0, 0, columns)
    for (let row = 0; row < rows; row++) {
      for (let column = 0; column < columns; column++)
        heights[column] = free[row * columns + column] ? heights[column]! + 1 : 0
      let open = 0
      for (let column = 0; column <= columns; column++) {
        const height = column < columns ? heights[column]! : 0
        let start = column
        while (open > 0 && high[open - 1]! > height) {
          open--
          start = from[open]!
          take(start, column, row, high[open]!)
        }
        if (height > 0 && (open === 0 || high[open - 1]! < height)) {
          from[open] = start
          high[open++] = height
        }
      }
    }
    return found

    /** Columns up to `end`, not with it: kept where it is large enough, and the row below ends it. */
    function take(start: number, end: number, row: number, height: number): void {
      const across = end - start
      if (Math.min(across, height) < short || Math.max(across, height) < long) return
      if (row + 1 < rows) {
        let goesOn = true
        for (let column = start; goesOn && column < end; column++) goesOn = free[(row + 1) * columns + column] === 1
        if (goesOn) return
      }
      found.push({ x0: x0 + start, x1: x0 + end, y0: y0 + row + 1 - height, y1: y0 + row + 1 })
    }
  }
})
