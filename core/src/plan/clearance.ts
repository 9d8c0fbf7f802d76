import { wallShape } from './overlap'
import type { Plan } from './plan'
import { bounds, corners, type Shape } from './shape'
import { bodiesAt, floorAt, type TimeOfDay } from './times'

/**
 * The floor on a 1-inch raster. A cell's clearance is the distance, inches, from its center to the
 * nearest thing in the way; 0 where something stands. A person of width w fits where it is w / 2 or more.
 */
export interface Clearance {
  x0: number
  y0: number
  columns: number
  rows: number
  clear: Float64Array
}

/** What one bumps into: anything between the ankle and the shoulder. */
const BUMPS: [number, number] = [6, 58]

export function clearanceAt(plan: Plan, time: TimeOfDay, made: readonly string[] = []): Clearance {
  const floors = floorAt(plan, time)
  const x0 = Math.floor(Math.min(...floors.map((floor) => floor.x0))) - 1
  const y0 = Math.floor(Math.min(...floors.map((floor) => floor.y0))) - 1
  const columns = Math.ceil(Math.max(...floors.map((floor) => floor.x1))) + 1 - x0
  const rows = Math.ceil(Math.max(...floors.map((floor) => floor.y1))) + 1 - y0
  const free = new Uint8Array(columns * rows)
  const raster = { x0, y0, columns, rows }
  for (const floor of floors) fill(free, raster, { rect: [floor.x0, floor.y0, floor.x1 - floor.x0, floor.y1 - floor.y0] }, 1)
  for (const slide of time === 'road' ? [] : plan.slides) openSlideWall(free, raster, plan, slide.id)
  for (const body of bodiesAt(plan, time, made)) {
    if (body.band[0] < BUMPS[1] && body.band[1] > BUMPS[0]) fill(free, raster, body.shape, 0)
  }
  for (const wall of plan.walls) fill(free, raster, wallShape(wall), 0)
  return { ...raster, clear: distances(free, columns, rows) }
}

type Raster = Pick<Clearance, 'x0' | 'y0' | 'columns' | 'rows'>

function openSlideWall(free: Uint8Array, raster: Raster, plan: Plan, slideId: string): void {
  const slide = plan.slides.find(({ id }) => id === slideId)!
  const { wall, width } = plan.box
  if (slide.wall === 'off-door') fill(free, raster, { rect: [slide.start, 0, slide.length, wall] }, 1)
  if (slide.wall === 'door') fill(free, raster, { rect: [slide.start, width - wall, slide.length, wall] }, 1)
}

/** Sets every cell whose center lies in the convex or concave polygon: even-odd rule, row by row. */
function fill(cells: Uint8Array, { x0, y0, columns, rows }: Raster, shape: Shape, value: 0 | 1): void {
  const points = corners(shape)
  const box = bounds(shape)
  for (let row = Math.max(0, Math.floor(box.y0 - y0)); row < Math.min(rows, Math.ceil(box.y1 - y0)); row++) {
    const y = y0 + row + 0.5
    const crossings = points
      .flatMap(([ax, ay], i) => {
        const [bx, by] = points[(i + 1) % points.length]!
        return ay <= y !== by <= y ? [ax + ((y - ay) / (by - ay)) * (bx - ax)] : []
      })
      .sort((a, b) => a - b)
    for (let i = 0; i + 1 < crossings.length; i += 2) {
      const first = Math.max(0, Math.ceil(crossings[i]! - x0 - 0.5))
      const last = Math.min(columns - 1, Math.ceil(crossings[i + 1]! - x0 - 0.5) - 1)
      for (let column = first; column <= last; column++) cells[row * columns + column] = value
    }
  }
}

/**
 * Exact Euclidean distance of every free cell to the nearest cell in the way, linear in the number of
 * cells: lower envelope of parabolas, first down the columns, then along the rows. Source: Felzenszwalb
 * and Huttenlocher, "Distance Transforms of Sampled Functions", Theory of Computing 8 (2012). Half an
 * inch is taken off for the half cell up to the obstacle's edge.
 */
export function distances(free: Uint8Array, columns: number, rows: number): Float64Array {
  const FAR = 1e12
  const squared = Float64Array.from(free, (cell) => (cell ? FAR : 0))
  const longest = Math.max(columns, rows)
  const line = new Float64Array(longest)
  const out = new Float64Array(longest)
  const vertices = new Int32Array(longest)
  const borders = new Float64Array(longest + 1)
  const transform = (start: number, step: number, count: number): void => {
    for (let i = 0; i < count; i++) line[i] = squared[start + i * step]!
    envelope(line, count, vertices, borders, out)
    for (let i = 0; i < count; i++) squared[start + i * step] = out[i]!
  }
  for (let column = 0; column < columns; column++) transform(column, columns, rows)
  for (let row = 0; row < rows; row++) transform(row * columns, 1, columns)
  return squared.map((value) => Math.max(0, Math.sqrt(value) - 0.5))
}

function envelope(f: Float64Array, count: number, vertices: Int32Array, borders: Float64Array, out: Float64Array): void {
  let last = 0
  vertices[0] = 0
  borders[0] = -Infinity
  borders[1] = Infinity
  const meet = (q: number, p: number): number => (f[q]! + q * q - (f[p]! + p * p)) / (2 * (q - p))
  for (let q = 1; q < count; q++) {
    let border = meet(q, vertices[last]!)
    while (border <= borders[last]!) border = meet(q, vertices[--last]!)
    vertices[++last] = q
    borders[last] = border
    borders[last + 1] = Infinity
  }
  for (let q = 0, k = 0; q < count; q++) {
    while (borders[k + 1]! < q) k++
    const p = vertices[k]!
    out[q] = (q - p) * (q - p) + f[p]!
  }
}
