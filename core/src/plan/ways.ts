import { EIGHTHS, type Clearance } from './clearance'
import type { Point } from './shape'
import type { Stands } from './stands'

/**
 * How wide a walker may be and still come from one place to every other: the maximum bottleneck over all
 * ways on the 1-inch raster, from cell to cell side by side, never across a corner.
 */
export interface Ways extends Clearance {
  /** Cells the walk may start from; none when nobody can stand there. */
  starts: number[]
  /** For each cell how wide the narrowest cell on the widest way there is, eighths of an inch; 0 where none leads. */
  widest: Int16Array
  /** For each cell that narrowest cell. */
  squeeze: Int32Array
}

/** One way: how wide its narrowest squeeze is, where that is, and how it goes. Inches. */
export interface Way {
  width: number
  narrowest: Point
  length: number
  path: Point[]
}

/**
 * Widest ways from some cells to all of the floor. Each cell is settled once, the widest first, from
 * buckets of eighths of an inch: linear in the number of cells.
 * Source of the order of settling: Dijkstra's algorithm with minimum in place of sum (Pollack, "The
 * maximum capacity through a network", Operations Research 8, 1960).
 */
export const widestWays = (clearance: Clearance, from: readonly number[]): Ways =>
  search(clearance, from, newWays(clearance.wide.length), () => false)

/**
 * The width of the widest way to each of some goals, inches, with the narrowest cell on it; undefined where
 * none leads. A goal is a list of cells, any of which will do for whoever is as wide as it needs. The first of them
 * to be settled so is the one the widest way leads to, and the search ends when each goal has been met.
 */
export function widestTo(
  clearance: Clearance,
  from: readonly number[],
  goals: readonly Stands[],
): ({ width: number; squeeze: number } | undefined)[] {
  // Cells of several goals are chained: `next` holds for each mark the one before it on the same cell.
  const marks = 1 + goals.reduce((sum, { cells }) => sum + cells.length, 0)
  const [mark, next, goalOf, needOf] = marksFor(clearance.wide.length, marks)
  let last = 0
  goals.forEach(({ cells, needs }, goal) => {
    for (let i = 0; i < cells.length; i++) {
      const cell = cells[i]!
      next[++last] = mark[cell]!
      goalOf[last] = goal
      needOf[last] = needs[i]!
      mark[cell] = last
    }
  })
  const met: (number | undefined)[] = goals.map(() => undefined)
  let open = goals.length
  const { widest, squeeze } = search(clearance, from, scratchWays(clearance.wide.length), (cell, width) => {
    for (let at = mark[cell]!; at > 0; at = next[at]!) {
      if (met[goalOf[at]!] !== undefined || needOf[at]! > width) continue
      met[goalOf[at]!] = cell
      open--
    }
    return open === 0
  })
  return met.map((cell) =>
    cell === undefined ? undefined : { width: widest[cell]! / EIGHTHS, squeeze: squeeze[cell]! },
  )
}

/** `settled` hears of each cell once its widest way is known, the widest first; the search ends when it says so. */
function search(
  clearance: Clearance,
  from: readonly number[],
  { widest, squeeze }: Pick<Ways, 'widest' | 'squeeze'>,
  settled: (cell: number, width: number) => boolean,
): Ways {
  const { columns, rows, wide } = clearance
  const cells = columns * rows
  const starts = from.filter((cell) => wide[cell]! > 0)
  let most = 0
  for (const cell of starts) most = Math.max(most, wide[cell]!)
  // Buckets as linked lists in two arrays: the last entry of each width, and for each entry the one before. A
  // cell comes in again whenever a wider way to it is found, four times at most; narrower entries are passed over.
  const last = new Int32Array(most + 1).fill(-1)
  const [before, cellOf] = scratch(4 * cells + starts.length)
  let entries = 0
  for (const cell of starts) {
    if (widest[cell]! > 0) continue
    widest[cell] = wide[cell]!
    squeeze[cell] = cell
    cellOf[entries] = cell
    before[entries] = last[wide[cell]!]!
    last[wide[cell]!] = entries++
  }
  const steps = [-1, 1, -columns, columns]
  for (let width = most; width > 0; width--) {
    // A cell reached here may put its neighbors into this same bucket, never into a wider one.
    while (last[width]! >= 0) {
      const entry = last[width]!
      last[width] = before[entry]!
      const cell = cellOf[entry]!
      if (widest[cell] !== width) continue
      if (settled(cell, width)) return { ...clearance, starts, widest, squeeze }
      for (let i = 0; i < 4; i++) {
        const to = cell + steps[i]!
        const own = wide[to]!
        const reached = own < width ? own : width
        if (reached <= widest[to]!) continue
        widest[to] = reached
        squeeze[to] = own < width ? to : squeeze[cell]!
        cellOf[entries] = to
        before[entries] = last[reached]!
        last[reached] = entries++
      }
    }
  }
  return { ...clearance, starts, widest, squeeze }
}

/** Two lists used within one search and never after; kept, because making them anew costs as much as the search. */
let lists: [Int32Array, Int32Array] = [new Int32Array(0), new Int32Array(0)]

function scratch(length: number): [Int32Array, Int32Array] {
  if (lists[0].length < length) lists = [new Int32Array(length), new Int32Array(length)]
  return lists
}

const newWays = (cells: number): Pick<Ways, 'widest' | 'squeeze'> => ({
  widest: new Int16Array(cells),
  squeeze: new Int32Array(cells),
})

/** Arrays as long as floors are, used within one search and never after. */
let kept = { ...newWays(0), mark: new Int32Array(0), cameFrom: new Int32Array(0), queue: new Int32Array(0) }
let goalMarks = [new Int32Array(0), new Int32Array(0), new Int16Array(0)] as const

function keptFor(cells: number): typeof kept {
  if (kept.mark.length < cells)
    kept = {
      ...newWays(cells),
      mark: new Int32Array(cells),
      cameFrom: new Int32Array(cells),
      queue: new Int32Array(cells),
    }
  return kept
}

function scratchWays(cells: number): Pick<Ways, 'widest' | 'squeeze'> {
  const { widest, squeeze } = keptFor(cells)
  widest.fill(0, 0, cells)
  return { widest, squeeze }
}

function walked(cells: number): [cameFrom: Int32Array, queue: Int32Array] {
  const { cameFrom, queue } = keptFor(cells)
  cameFrom.fill(-1, 0, cells)
  return [cameFrom, queue]
}

function marksFor(cells: number, marks: number): readonly [Int32Array, Int32Array, Int32Array, Int16Array] {
  const { mark } = keptFor(cells)
  mark.fill(0, 0, cells)
  if (goalMarks[0].length < marks) goalMarks = [new Int32Array(marks), new Int32Array(marks), new Int16Array(marks)]
  return [mark, ...goalMarks]
}

/** The width of the widest way to a goal, inches, and the narrowest cell on it; undefined when none leads there. */
export function widthTo(
  { widest, squeeze }: Ways,
  { cells, needs }: Stands,
): { width: number; squeeze: number } | undefined {
  let best = -1
  for (let i = 0; i < cells.length; i++) {
    const cell = cells[i]!
    if (widest[cell]! > 0 && widest[cell]! >= needs[i]! && (best < 0 || widest[cell]! > widest[best]!)) best = cell
  }
  return best < 0 ? undefined : { width: widest[best]! / EIGHTHS, squeeze: squeeze[best]! }
}

/**
 * The widest way to any of some cells, or undefined when there is none; of all as wide as that the one with the
 * fewest steps. `enough`: nobody goes round for a way wider than this, inches.
 */
export function wayTo(ways: Ways, goal: Stands, enough = Infinity): Way | undefined {
  const found = widthTo(ways, goal)
  if (!found) return undefined
  const endsFor = (width: number): Uint8Array => {
    const ends = new Uint8Array(ways.wide.length)
    for (let i = 0; i < goal.cells.length; i++) if (goal.needs[i]! <= width * EIGHTHS) ends[goal.cells[i]!] = 1
    return ends
  }
  const walk = (width: number) => shortestWalk(ways, ways.starts, endsFor(width), width)
  // Whoever is narrower stands nearer; where that is not to be, the way for the widest is shown.
  const cells = walk(Math.min(found.width, enough)) ?? walk(found.width)!
  const path = cells.map((cell) => cellCenter(ways, cell))
  return {
    width: found.width,
    narrowest: cellCenter(ways, narrowestOf(cells, ways.wide)),
    length: path.length - 1,
    path: turnsOf(path),
  }
}

/** A squeeze is often as narrow for some way: the middle of that stretch, around the narrowest cell. */
function narrowestOf(cells: readonly number[], wide: Int16Array): number {
  const free = cells.map((cell) => wide[cell]!)
  const least = Math.min(...free)
  const first = free.indexOf(least)
  let last = first
  while (last + 1 < free.length && free[last + 1]! < least + EIGHTHS / 2) last++
  return cells[Math.floor((first + last) / 2)]!
}

/**
 * The cells of a walk with the fewest steps, breadth first, over cells in which a walker of this width can
 * stand; undefined when there is none. `shut`: cells that are closed besides.
 */
export function shortestWalk(
  { columns, rows, wide }: Clearance,
  starts: readonly number[],
  goals: Uint8Array,
  width: number,
  shut?: (cell: number) => boolean,
): number[] | undefined {
  const [cameFrom, queue] = walked(columns * rows)
  let length = 0
  const least = Math.max(1, Math.ceil(width * EIGHTHS))
  for (const cell of starts) {
    if (cameFrom[cell] !== -1 || wide[cell]! < least || shut?.(cell)) continue
    cameFrom[cell] = cell
    queue[length++] = cell
  }
  const steps = [-1, 1, -columns, columns]
  for (let head = 0; head < length; head++) {
    const cell = queue[head]!
    if (goals[cell]) return backFrom(cell, cameFrom)
    for (let i = 0; i < 4; i++) {
      const to = cell + steps[i]!
      if (cameFrom[to] !== -1 || wide[to]! < least || shut?.(to)) continue
      cameFrom[to] = cell
      queue[length++] = to
    }
  }
  return undefined
}

/** The cells that somebody of a width gets to: 1 for each, breadth first. */
export function walkable({ columns, rows, wide }: Clearance, starts: readonly number[], width: number): Uint8Array {
  const reached = new Uint8Array(columns * rows)
  const queue = new Int32Array(columns * rows)
  let length = 0
  const least = Math.max(1, Math.ceil(width * EIGHTHS))
  for (const cell of starts) {
    if (reached[cell] || wide[cell]! < least) continue
    reached[cell] = 1
    queue[length++] = cell
  }
  const steps = [-1, 1, -columns, columns]
  for (let head = 0; head < length; head++)
    for (const step of steps) {
      const to = queue[head]! + step
      if (reached[to] || wide[to]! < least) continue
      reached[to] = 1
      queue[length++] = to
    }
  return reached
}

export const cellCenter = ({ x0, y0, columns }: Pick<Clearance, 'x0' | 'y0' | 'columns'>, cell: number): Point => [
  x0 + (cell % columns) + 0.5,
  y0 + Math.floor(cell / columns) + 0.5,
]

function backFrom(goal: number, cameFrom: Int32Array): number[] {
  const cells = [goal]
  while (cameFrom[cells.at(-1)!] !== cells.at(-1)) cells.push(cameFrom[cells.at(-1)!]!)
  return cells.reverse()
}

/** The way with only its turns kept. */
function turnsOf(path: Point[]): Point[] {
  return path.filter((point, i) => {
    const [before, after] = [path[i - 1], path[i + 1]]
    return (
      !before || !after || point[0] - before[0] !== after[0] - point[0] || point[1] - before[1] !== after[1] - point[1]
    )
  })
}
