import { wallShape } from '../overlap'
import type { Door, Plan } from '../plan'
import { distancesOn, EIGHTHS } from './distanceTransform'
import { widenNarrows } from './narrows'
import { USUAL_FLOOR, withScratchBuffers } from './scratchBuffers'
import { fill, HAIR, type Raster } from './raster'
import type { Bounds, Point, Shape } from '../shape/shape'
import { withoutPocket } from '../leaves/pockets'
import { shellAt } from '../shell'
import { takenInside } from '../takenInside'
import { doorSwings } from '../leaves/swings'
import { bodiesAt, floorAt, type TimeOfDay } from '../times'

/**
 * The floor on a 1-inch raster: for each cell how wide a walker may be who stands in it. Never wider than is so:
 * whatever a thing touches is not free. Where a way is narrow the width is exact besides: that of the widest spot
 * within the cell, by the outlines themselves (`narrows.ts`).
 */
export interface Clearance extends Raster {
  /** Eighths of an inch: the diameter of the circle that is free there, rounded down; 0 where something stands. */
  wide: Int16Array
}

export { EIGHTHS }
/** What one bumps into: anything between the ankle and the shoulder. */
export const BUMPS = [6, 58] as const
/** A leaf that does not open all the way leaves this thick a stop in its doorway. */
const STOP = 4
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
  const raster = { x0, y0, columns, rows }
  const free = nothingLaid(columns * rows)(columns * rows)
  // A slide's floor goes on into the room.
  const [room, ...bays] = floors
  for (const floor of [room!, ...bays.map((one) => joined(one, room!))]) layFloor(free, raster, floor)
  const bodies = bodiesAt(plan, time, made)
  const things = [
    ...bodies.filter(({ band }) => band[0] < BUMPS[1] && band[1] > BUMPS[0]).map(({ shape }) => shape),
    ...takenInside(plan, time).map(({ shape }) => shape),
    ...plan.walls.map(wallShape),
    // A leaf that opens all the way leaves nothing in its doorway.
    ...doorSwings(plan, time, made, bodies)
      .filter(({ degrees }) => degrees < 90)
      .map(({ leaf, clear }) => behindLeaf(leaf.pin, leaf.edge, clear)),
    ...withoutPocket(plan, time, bodies).map(({ shut: [from, to] }) =>
      wallShape({ id: '', from, to, thickness: STOP }),
    ),
    ...besides,
  ]
  for (const shape of things) fill(free, raster, shape, 0)
  return clearanceOf(raster, free, [...things, ...shellAt(plan, time).map(({ shape }) => shape)])
}

/**
 * Clearance of any floor: 1 where one can stand, 0 where not. The raster's rim must be 0 all round: ways are
 * then searched without looking for an edge. `outlines`: of what stands there, where widths are to be exact.
 */
export function clearanceOf(raster: Raster, free: Uint8Array, outlines: readonly Shape[] = []): Clearance {
  const distances = distancesOn(free, raster.columns, raster.rows)
  const wide = distances.wide.slice(0, free.length)
  if (outlines.length) widenNarrows(raster, distances, wide, outlines)
  return { ...raster, wide }
}

/** A floor to be laid: the one before it has been read off. */
const nothingLaid = withScratchBuffers(USUAL_FLOOR, (most) => {
  const free = new Uint8Array(most)
  return (cells: number): Uint8Array => free.subarray(0, cells).fill(0)
})

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

/** Every cell that lies wholly on a floor can be stood on. */
function layFloor(cells: Uint8Array, { x0, y0, columns }: Raster, floor: Bounds): void {
  const [first, end] = [Math.ceil(floor.x0 - x0 - HAIR), Math.floor(floor.x1 - x0 + HAIR)]
  for (let row = Math.ceil(floor.y0 - y0 - HAIR); row < Math.floor(floor.y1 - y0 + HAIR); row++)
    cells.fill(1, row * columns + first, row * columns + end)
}
