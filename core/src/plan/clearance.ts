import { wallShape } from './overlap'
import type { Door, Plan } from './plan'
import { convexParts } from './convex'
import { EIGHTHS, widenNarrows } from './narrows'
import { bounds, type Bounds, type Point, type Shape } from './shape'
import { shellAt } from './shell'
import { takenInside } from './takenInside'
import { doorSwings } from './swings'
import { bodiesAt, floorAt, type TimeOfDay } from './times'

/**
 * The floor on a 1-inch raster: for each cell how wide a walker may be who stands in it. Never wider than is so:
 * whatever a thing touches is not free. Where a way is narrow the width is exact besides: that of the widest spot
 * within the cell, by the outlines themselves (`narrows.ts`).
 */
export interface Clearance extends Raster {
  /** The square of the distance to the nearest cell in the way: whole numbers; 0 where something stands. */
  squared: Int32Array
  /** Eighths of an inch: the diameter of the circle that is free there, rounded down. */
  wide: Int16Array
}

/** Cell 0 has its front off-door corner at `x0`, `y0`; then along x, then along y. */
export interface Raster {
  x0: number
  y0: number
  columns: number
  rows: number
}

export { EIGHTHS }
/** What one bumps into: anything between the ankle and the shoulder. */
export const BUMPS = [6, 58] as const
/** A leaf that does not open all the way leaves this thick a stop in its doorway. */
const STOP = 4
/** What a drawing means to touch, touches: hundredths of an inch are rounding. */
const HAIR = 0.02

/** `besides`: what stands there too, such as a door that was left open. */
export function clearanceAt(
  plan: Plan,
  time: TimeOfDay,
  made: readonly string[] = [],
  besides: readonly Shape[] = [],
): Clearance {
  const floors = floorAt(plan, time)
  const x0 = Math.floor(Math.min(...floors.map((floor) => floor.x0))) - 1
  const y0 = Math.floor(Math.min(...floors.map((floor) => floor.y0))) - 1
  const columns = Math.ceil(Math.max(...floors.map((floor) => floor.x1))) + 1 - x0
  const rows = Math.ceil(Math.max(...floors.map((floor) => floor.y1))) + 1 - y0
  const free = new Uint8Array(columns * rows)
  const raster = { x0, y0, columns, rows }
  // A slide's floor goes on into the room.
  const [room, ...bays] = floors
  for (const floor of [room!, ...bays.map((one) => joined(one, room!))]) layFloor(free, raster, floor)
  const bodies = bodiesAt(plan, time, made)
  const things = [
    ...bodies.filter(({ band }) => band[0] < BUMPS[1] && band[1] > BUMPS[0]).map(({ shape }) => shape),
    ...takenInside(plan).map(({ shape }) => shape),
    ...plan.walls.map(wallShape),
    ...doorSwings(plan, time, made, bodies).map(({ leaf, clear }) => behindLeaf(leaf.pin, leaf.edge, clear)),
    ...besides,
  ]
  for (const shape of things) fill(free, raster, shape, 0)
  const clearance = clearanceOf(raster, free)
  widenNarrows(clearance, [...things, ...shellAt(plan, time).map(({ shape }) => shape)])
  return clearance
}

/**
 * Clearance of any floor: 1 where one can stand, 0 where not. The raster's rim must be 0 all round: ways are
 * then searched without looking for an edge.
 */
export function clearanceOf(raster: Raster, free: Uint8Array): Clearance {
  const squared = squaredDistances(free, raster.columns, raster.rows)
  const wide = new Int16Array(squared.length)
  for (let cell = 0; cell < squared.length; cell++) {
    const own = squared[cell]!
    wide[cell] = own < WIDTHS.length ? WIDTHS[own]! : widthOf(own)
  }
  return { ...raster, squared, wide }
}

/** From the middle of a cell to the nearest corner of the nearest cell in the way: twice that, in eighths. */
const widthOf = (squared: number): number => Math.max(1, Math.floor(2 * EIGHTHS * (Math.sqrt(squared) - Math.SQRT1_2)))

const WIDTHS = Int16Array.from({ length: 4096 }, (_, squared) => (squared ? widthOf(squared) : 0))

/** The part of a doorway that a leaf, stopped on its way, keeps shut: on the hinge side, all but what is clear. */
function behindLeaf(pin: Point, edge: Point, clear: number): Shape {
  const long = Math.hypot(edge[0] - pin[0], edge[1] - pin[1]) || 1
  const share = Math.max(0, 1 - clear / long)
  const to: Door['to'] = [pin[0] + (edge[0] - pin[0]) * share, pin[1] + (edge[1] - pin[1]) * share]
  return wallShape({ id: '', from: pin, to, thickness: STOP })
}

/** A bay grown into the room by two inches, so that no row of cells lies between them. */
const joined = (bay: Bounds, room: Bounds): Bounds => ({
  x0: bay.x0 >= room.x1 ? bay.x0 - 2 : bay.x0,
  x1: bay.x1 <= room.x0 ? bay.x1 + 2 : bay.x1,
  y0: bay.y0 >= room.y1 ? bay.y0 - 2 : bay.y0,
  y1: bay.y1 <= room.y0 ? bay.y1 + 2 : bay.y1,
})

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

/** Every cell that lies wholly on a floor can be stood on. */
function layFloor(cells: Uint8Array, { x0, y0, columns }: Raster, floor: Bounds): void {
  const [first, end] = [Math.ceil(floor.x0 - x0 - HAIR), Math.floor(floor.x1 - x0 + HAIR)]
  for (let row = Math.ceil(floor.y0 - y0 - HAIR); row < Math.floor(floor.y1 - y0 + HAIR); row++)
    cells.fill(1, row * columns + first, row * columns + end)
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

/**
 * Exact squared Euclidean distance of every free cell to the nearest cell in the way, linear in the number
 * of cells: first straight up and down, then along each row the lower envelope of the parabolas over it.
 * Source: Felzenszwalb and Huttenlocher, "Distance Transforms of Sampled Functions", Theory of Computing 8
 * (2012). A row is taken one free run at a time: nothing reaches across a cell in the way.
 */
export function squaredDistances(free: Uint8Array, columns: number, rows: number): Int32Array {
  const cells = columns * rows
  const squared = new Int32Array(cells)
  const upright = new Int16Array(cells)
  for (let cell = columns; cell < cells; cell++) if (free[cell]) upright[cell] = upright[cell - columns]! + 1
  for (let cell = cells - columns - 1; cell >= 0; cell--) {
    const up = upright[cell + columns]! + 1
    if (up < upright[cell]!) upright[cell] = up
  }
  for (let cell = columns; cell < cells; cell++) {
    if (upright[cell] === 0) continue
    let end = cell
    while (upright[end]! > 0) end++
    envelope(upright, squared, cell - 1, end)
    cell = end
  }
  return squared
}

/** No row is longer, inches: three times as long as any drawing may be. */
const LONGEST = 4096
/** The parabolas of an envelope: where each stands, its constant term, and from where on it is the lowest. */
const vertices = new Int32Array(LONGEST)
const terms = new Int32Array(LONGEST)
const borders = new Float64Array(LONGEST + 1)
/** Half the reciprocals of whole numbers: a division costs more than the rest of a step. */
const halves = Float64Array.from({ length: LONGEST }, (_, i) => 0.5 / i)

/**
 * Between two cells of a row that are both in the way, from the distances straight up and down, the squared distances:
 * the lower envelope of the parabolas that stand on these cells and on all between.
 */
function envelope(upright: Int16Array, squared: Int32Array, start: number, end: number): void {
  const to = end - start
  let last = 0
  let vertex = 0
  let term = 0
  vertices[0] = 0
  terms[0] = 0
  borders[0] = -Infinity
  for (let q = 1; q <= to; q++) {
    const height = upright[start + q]!
    const own = height * height + q * q
    let border = (own - term) * halves[q - vertex]!
    while (border <= borders[last]!) {
      last--
      vertex = vertices[last]!
      term = terms[last]!
      border = (own - term) * halves[q - vertex]!
    }
    last++
    vertices[last] = q
    terms[last] = own
    borders[last] = border
    vertex = q
    term = own
  }
  borders[last + 1] = Infinity
  for (let q = 1, k = 0; q < to; q++) {
    while (borders[k + 1]! < q) k++
    const vertex = vertices[k]!
    squared[start + q] = terms[k]! - vertex * vertex + (q - vertex) * (q - vertex)
  }
}
