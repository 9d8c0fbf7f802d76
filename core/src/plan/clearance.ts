import { wallShape } from './overlap'
import type { Door, Plan } from './plan'
import { bounds, corners, type Point, type Shape } from './shape'
import { doorSwings } from './swings'
import { bodiesAt, floorAt, type TimeOfDay } from './times'

/**
 * The floor on a 1-inch raster. A cell's clearance is the distance, inches, from its center to the
 * nearest thing in the way; 0 where something stands. A person of width w fits where it is w / 2 or more.
 */
export interface Clearance extends Raster {
  /** The square of the distance to the nearest cell in the way: whole numbers, in which ways are searched. */
  squared: Int32Array
}

/** Cell 0 has its front off-door corner at `x0`, `y0`; then along x, then along y. */
export interface Raster {
  x0: number
  y0: number
  columns: number
  rows: number
}

/** A gap of an even number of inches is read an inch too narrow: no cell lies in its very middle. */
export const GRAIN = 1
/** What one bumps into: anything between the ankle and the shoulder. */
export const BUMPS = [6, 58] as const
/** A leaf that does not open all the way leaves this thick a stop in its doorway. */
const STOP = 4

export function clearanceAt(plan: Plan, time: TimeOfDay, made: readonly string[] = []): Clearance {
  const floors = floorAt(plan, time)
  const x0 = Math.floor(Math.min(...floors.map((floor) => floor.x0))) - 1
  const y0 = Math.floor(Math.min(...floors.map((floor) => floor.y0))) - 1
  const columns = Math.ceil(Math.max(...floors.map((floor) => floor.x1))) + 1 - x0
  const rows = Math.ceil(Math.max(...floors.map((floor) => floor.y1))) + 1 - y0
  const free = new Uint8Array(columns * rows)
  const raster = { x0, y0, columns, rows }
  for (const floor of floors)
    fill(free, raster, { rect: [floor.x0, floor.y0, floor.x1 - floor.x0, floor.y1 - floor.y0] }, 1)
  const bodies = bodiesAt(plan, time, made)
  for (const body of bodies) if (body.band[0] < BUMPS[1] && body.band[1] > BUMPS[0]) fill(free, raster, body.shape, 0)
  for (const wall of plan.walls) fill(free, raster, wallShape(wall), 0)
  for (const { leaf, clear } of doorSwings(plan, time, made, bodies))
    fill(free, raster, behindLeaf(leaf.pin, leaf.edge, clear), 0)
  return clearanceOf(raster, free)
}

/**
 * Clearance of any floor: 1 where one can stand, 0 where not. The raster's rim must be 0 all round: ways are
 * then searched without looking for an edge.
 */
export const clearanceOf = (raster: Raster, free: Uint8Array): Clearance => ({
  ...raster,
  squared: squaredDistances(free, raster.columns, raster.rows),
})

/**
 * From the middle of a cell to the nearest thing in the way, inches: half an inch is taken off for the half
 * cell up to its edge.
 */
export const inchesFree = (squared: number): number => (squared > 0 ? Math.sqrt(squared) - 0.5 : 0)

/** The part of a doorway that a leaf, stopped on its way, keeps shut: on the hinge side, all but what is clear. */
function behindLeaf(pin: Point, edge: Point, clear: number): Shape {
  const long = Math.hypot(edge[0] - pin[0], edge[1] - pin[1]) || 1
  const share = Math.max(0, 1 - clear / long)
  const to: Door['to'] = [pin[0] + (edge[0] - pin[0]) * share, pin[1] + (edge[1] - pin[1]) * share]
  return wallShape({ id: '', from: pin, to, thickness: STOP })
}

/** Sets every cell whose center lies in the convex or concave polygon: even-odd rule, row by row. */
function fill(cells: Uint8Array, { x0, y0, columns, rows }: Raster, shape: Shape, value: 0 | 1): void {
  const box = bounds(shape)
  if ('rect' in shape) {
    const [first, last] = [Math.max(0, Math.ceil(box.x0 - x0 - 0.5)), Math.min(columns, Math.ceil(box.x1 - x0 - 0.5))]
    for (let row = Math.max(0, Math.ceil(box.y0 - y0 - 0.5)); row < Math.min(rows, Math.ceil(box.y1 - y0 - 0.5)); row++)
      if (last > first) cells.fill(value, row * columns + first, row * columns + last)
    return
  }
  const points = corners(shape)
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
 * Exact squared Euclidean distance of every free cell to the nearest cell in the way, linear in the number
 * of cells: first straight up and down, then along each row the lower envelope of the parabolas over it.
 * Source: Felzenszwalb and Huttenlocher, "Distance Transforms of Sampled Functions", Theory of Computing 8
 * (2012). A row is taken one free run at a time: nothing reaches across a cell in the way.
 */
export function squaredDistances(free: Uint8Array, columns: number, rows: number): Int32Array {
  const squared = new Int32Array(columns * rows)
  for (let cell = columns; cell < squared.length; cell++) if (free[cell]) squared[cell] = squared[cell - columns]! + 1
  for (let cell = squared.length - columns - 1; cell >= 0; cell--) {
    const up = squared[cell + columns]! + 1
    if (up < squared[cell]!) squared[cell] = up
  }
  const envelope = new Envelope(columns)
  for (let cell = columns; cell < squared.length; cell++) {
    if (squared[cell] === 0) continue
    let end = cell
    for (; squared[end]! > 0; end++) squared[end] = squared[end]! * squared[end]!
    envelope.along(squared, cell - 1, end)
    cell = end
  }
  return squared
}

/** The lower envelope of parabolas over part of a row. */
class Envelope {
  private readonly vertices: Int32Array
  private readonly borders: Float64Array
  private readonly heights: Int32Array

  constructor(longest: number) {
    this.vertices = new Int32Array(longest)
    this.heights = new Int32Array(longest)
    this.borders = new Float64Array(longest + 1)
  }

  /**
   * Replaces the heights between two cells of a row, both in the way, by the envelope of the parabolas that
   * stand on them and between.
   */
  along(values: Int32Array, start: number, end: number): void {
    const { vertices, borders, heights } = this
    let last = 0
    vertices[0] = 0
    heights[0] = 0
    borders[0] = -Infinity
    const to = end - start
    for (let q = 1; q <= to; q++) {
      const height = values[start + q]!
      let border = -Infinity
      for (; last >= 0; last--) {
        const p = vertices[last]!
        border = (height + q * q - heights[last]! - p * p) / (2 * (q - p))
        if (border > borders[last]!) break
      }
      last++
      vertices[last] = q
      heights[last] = height
      borders[last] = last === 0 ? -Infinity : border
    }
    borders[last + 1] = Infinity
    for (let q = 1, k = 0; q < to; q++) {
      while (borders[k + 1]! < q) k++
      const away = q - vertices[k]!
      values[start + q] = away * away + heights[k]!
    }
  }
}
