import { EIGHTHS, type Clearance } from './clearance'
import { USUAL_FLOOR, withScratchBuffers } from './scratchBuffers'
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

/**
 * Widest ways from some cells to all of the floor. Each cell is settled once, the widest first, from
 * buckets of eighths of an inch: linear in the number of cells.
 * Source of the order of settling: Dijkstra's algorithm with minimum in place of sum (Pollack, "The
 * maximum capacity through a network", Operations Research 8, 1960).
 */
export function widestWays(clearance: Clearance, from: readonly number[]): Ways {
  const starts = from.filter((cell) => clearance.wide[cell]! > 0)
  return { ...clearance, starts, ...on(clearance).everywhere(starts) }
}

/**
 * The width of the widest way to each of some goals, inches, with the narrowest cell on it; undefined where
 * none leads. A goal is a list of cells, any of which will do for whoever is as wide as it needs. The first of them
 * to be settled so is the one the widest way leads to, and the search ends when each goal has been met.
 */
export const widestTo = (
  clearance: Clearance,
  from: readonly number[],
  goals: readonly Stands[],
): ({ width: number; squeeze: number } | undefined)[] =>
  on(
    clearance,
    goals.reduce((sum, one) => sum + one.cells.length, 1),
  ).toEach(from, goals)

/**
 * The cells of a walk with the fewest steps to any of some goals, lists of cells, breadth first, over cells in which a walker of this
 * width can stand; undefined when there is none. `shut`: 1 where cells are closed besides.
 */
export const shortestWalk = (
  clearance: Clearance,
  starts: readonly number[],
  goals: readonly (readonly number[])[],
  width: number,
  shut?: Uint8Array,
): number[] | undefined => on(clearance).shortest(starts, goals, width, shut)

/** The cells that somebody of a width gets to: 1 for each, breadth first. */
export const walkable = (clearance: Clearance, starts: readonly number[], width: number): Uint8Array =>
  on(clearance).reached(starts, width)

function on(clearance: Clearance, marks = 0) {
  const search = searchOn(Math.max(clearance.wide.length, marks))
  search.load(clearance)
  return search
}

// eslint-disable-next-line max-lines-per-function -- a search over flat lists: its steps share a dozen of them
const searchOn = withScratchBuffers(USUAL_FLOOR, (most) => {
  /** Of the floor that is walked on: a floor that has been laid is not changed any more. */
  const wide = new Int16Array(most)
  let loaded: Int16Array | undefined
  let columns = 0
  let cells = 0
  const widest = new Int16Array(most)
  const squeeze = new Int32Array(most)
  // Buckets as linked lists: the last entry of each width, and for each entry its cell and the entry before. A cell
  // comes in again whenever a wider way to it is found, four times at most; narrower entries are passed over.
  const last = new Int32Array(1 << 15)
  const before = new Int32Array(5 * most)
  const cellOf = new Int32Array(5 * most)
  // The cells of goals, those of several chained: `next` holds for each mark the one before it on the same cell.
  const mark = new Int32Array(most)
  const next = new Int32Array(most)
  const markedAt = new Int32Array(most)
  const goalOf = new Int32Array(most)
  const needOf = new Int16Array(most)
  /** For each goal the cell that was settled first for it; -1 until then. So many are still open. */
  let met = new Int32Array(0)
  let open = 0
  const cameFrom = new Int32Array(most)
  const queue = new Int32Array(most)
  /** Empty between looks: where a walk ends, where nobody walks. */
  const ends = new Uint8Array(most)
  const closed = new Uint8Array(most)
  const found = new Uint8Array(most)

  return { load, everywhere, toEach, shortest, reached }

  function load(clearance: Clearance): void {
    if (loaded === clearance.wide) return
    loaded = clearance.wide
    cells = loaded.length
    wide.set(loaded)
    columns = clearance.columns
  }

  function everywhere(starts: readonly number[]): Pick<Ways, 'widest' | 'squeeze'> {
    mark.fill(0, 0, cells)
    search(starts)
    return { widest: widest.slice(0, cells), squeeze: squeeze.slice(0, cells) }
  }

  function toEach(
    from: readonly number[],
    goals: readonly Stands[],
  ): ({ width: number; squeeze: number } | undefined)[] {
    markAll(goals)
    met = new Int32Array(goals.length).fill(-1)
    open = goals.length
    search(from)
    return Array.from(met, (cell) =>
      cell < 0 ? undefined : { width: widest[cell]! / EIGHTHS, squeeze: squeeze[cell]! },
    )
  }

  function markAll(goals: readonly Stands[]): void {
    mark.fill(0, 0, cells)
    let end = 1
    goals.forEach((one, goal) => {
      markedAt.set(one.cells, end)
      needOf.set(one.needs, end)
      goalOf.fill(goal, end, end + one.cells.length)
      end += one.cells.length
    })
    chain(end)
  }

  function chain(end: number): void {
    for (let at = 1; at < end; at++) {
      const cell = markedAt[at]!
      next[at] = mark[cell]!
      mark[cell] = at
    }
  }

  /** Settles cell by cell, the widest first, until each goal has been met. */
  function search(starts: readonly number[]): void {
    widest.fill(0, 0, cells)
    let most = 0
    for (const cell of starts) most = Math.max(most, wide[cell]!)
    last.fill(-1, 0, most + 1)
    let entries = 0
    for (const cell of starts) {
      const width = wide[cell]!
      if (width === 0 || widest[cell]! > 0) continue
      widest[cell] = width
      squeeze[cell] = cell
      cellOf[entries] = cell
      before[entries] = last[width]!
      last[width] = entries++
    }
    for (let width = most; width > 0; width--) {
      // A cell reached here may put its neighbors into this same bucket, never into a wider one.
      while (last[width]! >= 0) {
        const entry = last[width]!
        last[width] = before[entry]!
        const cell = cellOf[entry]!
        if (widest[cell] !== width) continue
        if (mark[cell] !== 0 && meet(cell, width)) return
        entries = widen(cell, cell - 1, width, entries)
        entries = widen(cell, cell + 1, width, entries)
        entries = widen(cell, cell - columns, width, entries)
        entries = widen(cell, cell + columns, width, entries)
      }
    }
  }

  /** Whether none is open any more. */
  function meet(cell: number, width: number): boolean {
    for (let at = mark[cell]!; at > 0; at = next[at]!) {
      const goal = goalOf[at]!
      if (met[goal]! >= 0 || needOf[at]! > width) continue
      met[goal] = cell
      open--
    }
    return open === 0
  }

  function widen(cell: number, to: number, width: number, entries: number): number {
    const own = wide[to]!
    const reached = own < width ? own : width
    if (reached <= widest[to]!) return entries
    widest[to] = reached
    squeeze[to] = own < width ? to : squeeze[cell]!
    cellOf[entries] = to
    before[entries] = last[reached]!
    last[reached] = entries
    return entries + 1
  }

  function shortest(
    starts: readonly number[],
    goals: readonly (readonly number[])[],
    width: number,
    shut?: Uint8Array,
  ): number[] | undefined {
    cameFrom.fill(-1, 0, cells)
    if (shut) closed.set(shut)
    for (const cells of goals) for (const cell of cells) ends[cell] = 1
    const goal = walkTo(starts, Math.max(1, Math.ceil(width * EIGHTHS)))
    for (const cells of goals) for (const cell of cells) ends[cell] = 0
    if (shut) closed.fill(0, 0, cells)
    return goal < 0 ? undefined : backFrom(goal)
  }

  /** The goal that is come to first; -1: none. */
  function walkTo(starts: readonly number[], least: number): number {
    let length = 0
    for (const cell of starts) length = step(cell, cell, least, length)
    for (let head = 0; head < length; head++) {
      const cell = queue[head]!
      if (ends[cell] !== 0) return cell
      length = step(cell, cell - 1, least, length)
      length = step(cell, cell + 1, least, length)
      length = step(cell, cell - columns, least, length)
      length = step(cell, cell + columns, least, length)
    }
    return -1
  }

  function step(cell: number, to: number, least: number, length: number): number {
    if (cameFrom[to] !== -1 || wide[to]! < least || closed[to] !== 0) return length
    cameFrom[to] = cell
    queue[length] = to
    return length + 1
  }

  function backFrom(goal: number): number[] {
    const walk = [goal]
    for (let cell = goal; cameFrom[cell] !== cell;) walk.push((cell = cameFrom[cell]!))
    return walk.reverse()
  }

  function reached(starts: readonly number[], width: number): Uint8Array {
    found.fill(0, 0, cells)
    const least = Math.max(1, Math.ceil(width * EIGHTHS))
    let length = 0
    for (const cell of starts) length = reach(cell, least, length)
    for (let head = 0; head < length; head++) {
      const cell = queue[head]!
      length = reach(cell - 1, least, length)
      length = reach(cell + 1, least, length)
      length = reach(cell - columns, least, length)
      length = reach(cell + columns, least, length)
    }
    return found.slice(0, cells)
  }

  function reach(to: number, least: number, length: number): number {
    if (found[to] !== 0 || wide[to]! < least) return length
    found[to] = 1
    queue[length] = to
    return length + 1
  }
})
