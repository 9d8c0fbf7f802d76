import type { Clearance } from './clearance'
import { USUAL_FLOOR, withScratchBuffers } from './scratchBuffers'
import { fill, type Raster } from './raster'
import type { Bounds, Point, Shape } from '../shape/shape'

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
  const free = nothingKept(wide.length)(wide)
  for (const path of ways)
    for (let i = 1; i < path.length; i++) fill(free, raster, alongside(path[i - 1]!, path[i]!, half), 0)
  for (const shape of shapes) fill(free, raster, shape, 0)
  return largest(raster)(raster, free)
}

/** 1 where one can stand: the floor before it has been read off. */
const nothingKept = withScratchBuffers(USUAL_FLOOR, (most) => {
  const free = new Uint8Array(most)
  const walked = new Int16Array(most)
  return (wide: Int16Array): Uint8Array => {
    walked.set(wide)
    mark(wide.length)
    return free.subarray(0, wide.length)
  }

  function mark(cells: number): void {
    for (let cell = 0; cell < cells; cell++) free[cell] = walked[cell] === 0 ? 0 : 1
  }
})

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

const searching = withScratchBuffers(USUAL_FLOOR, (most) => {
  /** Of the floor that is looked at. */
  const free = new Uint8Array(most)
  /** Of each column how many cells up from the row are free; of the stretches that are open, from where and how high. */
  const heights = new Int16Array(most)
  const from = new Int16Array(most)
  const high = new Int16Array(most)
  /** Stretches that ended on a row: from, to, height. */
  const ended = new Int16Array(most)
  const [short, long] = SMALLEST

  return ({ x0, y0, columns, rows }: Raster, floor: Uint8Array): Bounds[] => {
    const found: Bounds[] = []
    free.set(floor)
    heights.fill(0, 0, columns)
    for (let row = 0; row < rows; row++) {
      rise(row, columns)
      if (row + 1 < rows && !narrows(row, columns)) continue
      const many = ends(columns)
      for (let i = 0; i < many; i += 3) {
        const [start, end, height] = [ended[i]!, ended[i + 1]!, ended[i + 2]!]
        if (row + 1 < rows && goesOn(start, end, (row + 1) * columns)) continue
        found.push({ x0: x0 + start, x1: x0 + end, y0: y0 + row + 1 - height, y1: y0 + row + 1 })
      }
    }
    return found
  }

  function rise(row: number, columns: number): void {
    for (let column = 0, cell = row * columns; column < columns; column++, cell++)
      heights[column] = free[cell] === 0 ? 0 : heights[column]! + 1
  }

  /** Whether anything that is free on a row is not on the one below: else no rectangle ends here. */
  function narrows(row: number, columns: number): boolean {
    for (let cell = row * columns, end = cell + columns; cell < end; cell++)
      if (free[cell]! > free[cell + columns]!) return true
    return false
  }

  /** The largest stretches under the heights of a row that hold anything: how many entries of `ended` they fill. */
  function ends(columns: number): number {
    let [open, many] = [0, 0]
    for (let column = 0; column <= columns; column++) {
      const height = column < columns ? heights[column]! : 0
      let start = column
      while (open > 0 && high[open - 1]! > height) {
        open--
        start = from[open]!
        const [across, deep] = [column - start, high[open]!]
        if ((across >= short && deep >= long) || (across >= long && deep >= short)) {
          ended[many++] = start
          ended[many++] = column
          ended[many++] = deep
        }
      }
      if (height > 0 && (open === 0 || high[open - 1]! < height)) {
        from[open] = start
        high[open++] = height
      }
    }
    return many
  }

  /** Whether the row below is free all along. */
  function goesOn(start: number, end: number, line: number): boolean {
    for (let cell = line + start; cell < line + end; cell++) if (free[cell] === 0) return false
    return true
  }
})
