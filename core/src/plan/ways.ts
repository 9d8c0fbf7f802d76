import type { Clearance } from './clearance'
import type { Door, Plan } from './plan'
import { bounds, type Bounds, type Point, type Shape } from './shape'

/**
 * How wide a walker may be and still come from one place to every other: the maximum bottleneck over all
 * ways on the 1-inch raster, side by side and corner to corner not counted (four neighbors).
 */
export interface Ways extends Clearance {
  /** Cells the walk may start from; none when nobody can stand there. */
  starts: number[]
  /** For each cell the widest walker that gets there, inches; 0 where none does. */
  widest: Float64Array
}

/** One way: how wide its narrowest squeeze is, where that is, and how it goes. Inches. */
export interface Way {
  width: number
  narrowest: Point
  length: number
  path: Point[]
}

/** How deep the floor behind an entry door is on which one has come in: two steps. */
const DOORSTEP = 24

/** The floor right behind an outer door: as wide as its opening. One stands there, not in the frame. */
export function threshold({ box }: Plan, { from, to }: Pick<Door, 'from' | 'to'>): Bounds {
  const [x0, x1, y0, y1] = [Math.min(from[0], to[0]), Math.max(from[0], to[0]), Math.min(from[1], to[1]), Math.max(from[1], to[1])]
  if (y0 === y1) return y0 > box.width / 2 ? { x0, x1, y0: y0 - box.wall - DOORSTEP, y1: y0 } : { x0, x1, y0, y1: y0 + box.wall + DOORSTEP }
  return x0 > box.length / 2 ? { x0: x0 - box.wall - DOORSTEP, x1: x0, y0, y1 } : { x0, x1: x0 + box.wall + DOORSTEP, y0, y1 }
}

/**
 * Widest ways from a stretch of floor to all of the floor. Each cell is settled once, the widest first, from
 * buckets of squared clearance, which are whole numbers on the raster: linear in the number of cells.
 * Source of the order of settling: Dijkstra's algorithm with minimum in place of sum (Pollack, "The
 * maximum capacity through a network", Operations Research 8, 1960).
 */
export function widestWays(clearance: Clearance, from: Bounds): Ways {
  const { columns, rows, clear } = clearance
  const squared = Int32Array.from(clear, (value) => (value > 0 ? Math.round((value + 0.5) ** 2) : 0))
  const best = new Int32Array(columns * rows)
  const starts = cellsWithin(clearance, from, 0).filter((cell) => squared[cell]! > 0)
  const buckets: number[][] = []
  const reach = (cell: number, width: number): void => {
    if (width <= best[cell]!) return
    best[cell] = width
    ;(buckets[width] ??= []).push(cell)
  }
  for (const cell of starts) reach(cell, squared[cell]!)
  for (let width = buckets.length - 1; width > 0; width--) {
    const bucket = buckets[width]
    // A cell reached here may put its neighbors into this same bucket, never into a wider one.
    while (bucket?.length) {
      const cell = bucket.pop()!
      if (best[cell] !== width) continue
      const column = cell % columns
      if (column > 0) reach(cell - 1, Math.min(width, squared[cell - 1]!))
      if (column < columns - 1) reach(cell + 1, Math.min(width, squared[cell + 1]!))
      if (cell >= columns) reach(cell - columns, Math.min(width, squared[cell - columns]!))
      if (cell < columns * (rows - 1)) reach(cell + columns, Math.min(width, squared[cell + columns]!))
    }
  }
  return { ...clearance, starts, widest: Float64Array.from(best, (value) => (value > 0 ? 2 * (Math.sqrt(value) - 0.5) : 0)) }
}

/**
 * The widest way to within an arm's length of a shape, or undefined when there is none. Of all ways as
 * wide as that, or as wide as is comfortable, the one with the fewest steps is shown.
 */
export function wayTo(ways: Ways, target: Shape, { arm, comfortable }: { arm: number; comfortable: number }): Way | undefined {
  const { widest } = ways
  const near = cellsWithin(ways, bounds(target), arm)
  let width = 0
  for (const cell of near) if (widest[cell]! > width) width = widest[cell]!
  if (width === 0) return undefined
  const cells = shortest(ways, new Set(near), Math.min(width, comfortable))
  // A squeeze is often as narrow all along: its middle is shown.
  const least = Math.min(...cells.map((cell) => ways.clear[cell]!))
  const squeeze = cells.filter((cell) => ways.clear[cell]! < least + 0.5)
  const narrowest = squeeze[Math.floor(squeeze.length / 2)]!
  const path = cells.map((cell) => center(ways, cell))
  return { width, narrowest: center(ways, narrowest), length: path.length - 1, path: turnsOf(path) }
}

/** Breadth first over cells in which a walker of this width can stand. */
function shortest({ columns, rows, clear, starts }: Ways, goals: ReadonlySet<number>, width: number): number[] {
  const cameFrom = new Int32Array(columns * rows).fill(-1)
  // The last float bit of a root may differ from the width it came from.
  const stands = (cell: number) => clear[cell]! >= width / 2 - 1e-9
  const queue = starts.filter(stands)
  for (const cell of queue) cameFrom[cell] = cell
  for (let head = 0; head < queue.length; head++) {
    const cell = queue[head]!
    if (goals.has(cell)) return backFrom(cell, cameFrom)
    const column = cell % columns
    for (const [next, inside] of [[cell - 1, column > 0], [cell + 1, column < columns - 1], [cell - columns, true], [cell + columns, true]] as const) { // prettier-ignore
      if (!inside || cameFrom[next] !== -1 || !stands(next)) continue
      cameFrom[next] = cell
      queue.push(next)
    }
  }
  throw new Error('a way that was found wide enough cannot be walked')
}

function backFrom(goal: number, cameFrom: Int32Array): number[] {
  const cells = [goal]
  while (cameFrom[cells.at(-1)!] !== cells.at(-1)) cells.push(cameFrom[cells.at(-1)!]!)
  return cells.reverse()
}

/** The way with only its turns kept. */
function turnsOf(path: Point[]): Point[] {
  return path.filter((point, i) => {
    const [before, after] = [path[i - 1], path[i + 1]]
    return !before || !after || point[0] - before[0] !== after[0] - point[0] || point[1] - before[1] !== after[1] - point[1]
  })
}

function cellsWithin({ x0, y0, columns, rows }: Clearance, goal: Bounds, arm: number): number[] {
  const cells: number[] = []
  for (let row = Math.max(0, Math.floor(goal.y0 - arm - y0)); row < Math.min(rows, Math.ceil(goal.y1 + arm - y0)); row++) {
    for (let column = Math.max(0, Math.floor(goal.x0 - arm - x0)); column < Math.min(columns, Math.ceil(goal.x1 + arm - x0)); column++) {
      const [x, y] = [x0 + column + 0.5, y0 + row + 0.5]
      if (Math.hypot(Math.max(goal.x0 - x, 0, x - goal.x1), Math.max(goal.y0 - y, 0, y - goal.y1)) <= arm) cells.push(row * columns + column)
    }
  }
  return cells
}

const center = ({ x0, y0, columns }: Clearance, cell: number): Point => [x0 + (cell % columns) + 0.5, y0 + Math.floor(cell / columns) + 0.5]
