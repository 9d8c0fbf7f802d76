import { distanceTo } from '../shape/distance'
import { waysFrom, type Floor } from './reach'
import type { Point } from '../shape/shape'
import type { WayRules } from '../wayRules'
import { wayTo } from './ways'

/** How one gets from a berth to the nearest toilet in the dark, inches. */
export interface NightWay {
  berth: string
  length: number
  /** Other berths one brushes past on the way, by id, whether anyone lies in them or not. */
  passes: string[]
  path: Point[]
}

/** A way runs from cell to cell of the raster, inches. */
const CELL = 1
/** A way is looked at every so many inches. */
const STRIDE = 3

/**
 * The ways to a toilet from every berth that has one, on the floor of a night. A bunk over or under one's own
 * is not passed.
 */
export function nightWays(floor: Floor, { comfortable, beside }: WayRules): NightWay[] {
  const ways = waysFrom(floor, 'toilet')
  const beds = floor.places.filter(({ use }) => use === 'bed')
  return beds.flatMap((place) => {
    const way = wayTo(ways, floor.standsOf(place), comfortable)
    if (!way) return []
    const steps = stepsAlong(way.path)
    // The way ends at one's own bed: what lies beside both is left, not passed.
    const before = steps.slice(0, Math.max(1, steps.length - Math.ceil((2 * beside) / STRIDE)))
    const passes = beds
      .filter((other) => other !== place && before.some((point) => distanceTo(other.shape, point) <= beside + CELL))
      .map((other) => other.id)
    return [{ berth: place.id, length: way.length, passes, path: way.path }]
  })
}

function stepsAlong(path: readonly Point[]): Point[] {
  const points: Point[] = path.slice(0, 1)
  for (let i = 1; i < path.length; i++) {
    const [[ax, ay], [bx, by]] = [path[i - 1]!, path[i]!]
    const strides = Math.max(1, Math.round(Math.hypot(bx - ax, by - ay) / STRIDE))
    for (let n = 1; n <= strides; n++) points.push([ax + ((bx - ax) * n) / strides, ay + ((by - ay) * n) / strides])
  }
  return points
}
