import { DOOR_KINDS } from '../../readings/catalogue'
import { EIGHTHS } from '../floor/clearance'
import { eachCellIn } from '../floor/raster'
import type { Use } from '../floor/places'
import type { Plan } from '../plan'
import { distanceTo } from '../shape/distance'
import { bumpedInto, startCells, type Floor } from './reach'
import { bounds, type Point, type Shape } from '../shape/shape'
import { walkable } from '../floor/floorSearch'

/** The largest circle of free floor near a thing, to which one gets as wide as a wheelchair is; inches across. */
export interface Turning {
  id: string
  use: Use
  across: number
}

/** Where somebody in a wheelchair turns. */
const TURNED_AT: readonly Use[] = ['bed', 'toilet', 'sink']
/** A circle serves a thing whose edge is no farther from its middle, inches: its half, and an arm. */
const NEAR = 42

/** For every bed, toilet and kitchen sink; 0 where a wheelchair does not get near. */
export function turningAt(floor: Floor, wheelchair: number): Turning[] {
  const { places, clearance } = floor
  const things = bumpedInto(floor).map(({ shape }) => shape)
  const reached = walkable(clearance, startCells(floor, 'entry'), wheelchair)
  return places
    .filter(({ use }) => TURNED_AT.includes(use))
    .map(({ id, use, shape }) => {
      const box = bounds(shape)
      const near = { x0: box.x0 - NEAR, y0: box.y0 - NEAR, x1: box.x1 + NEAR, y1: box.y1 + NEAR }
      let [most, best]: [number, Point | undefined] = [0, undefined]
      eachCellIn(clearance, near, (cell, x, y) => {
        if (!reached[cell] || clearance.wide[cell]! <= most) return
        const [dx, dy] = [Math.max(box.x0 - x, 0, x - box.x1), Math.max(box.y0 - y, 0, y - box.y1)]
        if (dx * dx + dy * dy <= NEAR * NEAR) [most, best] = [clearance.wide[cell]!, [x, y]]
      })
      return { id, use, across: best ? Math.floor(2 * widened(things, best, most / EIGHTHS)) / 2 : 0 }
    })
}

/** The circle about a point by the outlines themselves: the raster tells wide ones only to within two inches. */
function widened(things: readonly Shape[], from: Point, least: number): number {
  const across = (at: Point) => 2 * things.reduce((least, shape) => Math.min(least, distanceTo(shape, at)), Infinity)
  let [best, most] = [from, Math.max(least, across(from))]
  for (let step = 1; step > 1 / 32; step /= 2)
    for (let moved = true; moved;) {
      moved = false
      for (const [dx, dy] of STEPS) {
        const at: Point = [best[0] + dx * step, best[1] + dy * step]
        const free = across(at)
        if (free > most + 1e-6) [best, most, moved] = [at, free, true]
      }
    }
  return most
}

const STEPS = [-1, 0, 1].flatMap((dx) => [-1, 0, 1].map((dy): Point => [dx, dy])).filter(([dx, dy]) => dx || dy)

/** How wide each door one comes in by is, inches, and whether a ramp leads up to it. */
export const entryWidths = ({ doors }: Plan): { width: number; ramp: boolean }[] =>
  doors
    .filter(({ kind }) => DOOR_KINDS[kind].outer)
    .map(({ kind, from, to }) => ({ width: Math.hypot(to[0] - from[0], to[1] - from[1]), ramp: kind === 'ramp' }))
