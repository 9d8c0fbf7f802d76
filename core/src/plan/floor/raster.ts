import { convexParts } from '../shape/convex'
import { bounds, type Bounds, type Shape } from '../shape/shape'

/** A floor in cells of one inch. Cell 0 has its front off-door corner at `x0`, `y0`; then along x, then along y. */
export interface Raster {
  x0: number
  y0: number
  columns: number
  rows: number
}

/** What a drawing means to touch, touches: hundredths of an inch are rounding. */
export const HAIR = 0.02

/** Sets every cell that a shape touches, convex part by convex part, row by row. */
export function fill(cells: Uint8Array, raster: Raster, shape: Shape, value: 0 | 1): void {
  if ('rect' in shape) return fillBox(cells, raster, bounds(shape), value)
  const { x0, y0, columns, rows } = raster
  for (const part of convexParts(shape)) {
    const box = bounds({ polygon: part })
    const last = Math.min(rows, Math.ceil(box.y1 - y0 - HAIR))
    for (let row = Math.max(0, Math.floor(box.y0 - y0 + HAIR)); row < last; row++) {
      const [top, bottom] = [y0 + row, y0 + row + 1]
      let [left, right] = [Infinity, -Infinity]
      const reach = (x: number) => {
        left = Math.min(left, x)
        right = Math.max(right, x)
      }
      part.forEach(([ax, ay], i) => {
        const [bx, by] = part[(i + 1) % part.length]!
        if (ay >= top && ay <= bottom) reach(ax)
        for (const y of [top, bottom]) if (ay < y !== by < y) reach(ax + ((y - ay) / (by - ay)) * (bx - ax))
      })
      const [first, end] = [Math.max(0, Math.floor(left - x0 + HAIR)), Math.min(columns, Math.ceil(right - x0 - HAIR))]
      if (end > first) cells.fill(value, row * columns + first, row * columns + end)
    }
  }
}

/** Sets every cell that a box touches. */
function fillBox(cells: Uint8Array, { x0, y0, columns, rows }: Raster, box: Bounds, value: 0 | 1): void {
  const [first, last] = [Math.max(0, Math.floor(box.x0 - x0 + HAIR)), Math.min(columns, Math.ceil(box.x1 - x0 - HAIR))]
  for (
    let row = Math.max(0, Math.floor(box.y0 - y0 + HAIR));
    row < Math.min(rows, Math.ceil(box.y1 - y0 - HAIR));
    row++
  )
    if (last > first) cells.fill(value, row * columns + first, row * columns + last)
}

/** Goes through the cells that a box touches, each with its middle. */
export function eachCellIn(
  { x0, y0, columns, rows }: Raster,
  box: Bounds,
  visit: (cell: number, x: number, y: number) => void,
): void {
  const [top, bottom] = [Math.max(0, Math.floor(box.y0 - y0)), Math.min(rows, Math.ceil(box.y1 - y0))]
  const [left, right] = [Math.max(0, Math.floor(box.x0 - x0)), Math.min(columns, Math.ceil(box.x1 - x0))]
  for (let row = top; row < bottom; row++)
    for (let column = left; column < right; column++) visit(row * columns + column, x0 + column + 0.5, y0 + row + 0.5)
}
