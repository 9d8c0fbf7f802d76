import type { Area } from './levels'
import type { Size } from './piece'
import { better, withBlock, type Block, type Spot, type State, type Task } from './state'

/** In which order areas are filled: the corner first in all three ways, or wall by wall from the front. */
export type Inner = (z: number, area: Area) => number
export const INNERMOST: readonly Inner[] = [
  (z, { x0, y0 }) => z + x0 + y0,
  (z, { x0, y0 }) => 1000 * x0 + z + y0,
  (z, { x0, y0 }) => 1000 * z + x0 + y0,
  (z, { x0, y0 }) => 1000 * y0 + x0 + z,
]

/** A way in which pieces of a kind lie in a hold. */
interface Way {
  kind: number
  size: Size
  long: number
  wide: number
  high: number
  weight: number
  /** Whether they stand on each other, and on others. */
  piles: boolean
  stands: boolean
  /** What one piece counts. */
  each: number
  /** Its place in the order of pieces and turns. */
  at: number
}

/** All ways in a hold: in the order of pieces and turns, and along each axis the smallest first. */
interface WaysIn {
  inOrder: readonly Way[]
  smallestFirst: readonly (readonly Way[])[]
}

/** Fills a task's holds area by area. */
export class Filling {
  /** Of each hold. */
  private readonly ways: readonly WaysIn[]
  constructor(
    private readonly task: Task,
    private readonly inner: Inner,
  ) {
    const { holds, pieces, ways, worth } = task
    this.ways = holds.map((_, hold) => {
      const inOrder: Way[] = []
      for (const [kind, { weight, bears, stands }] of pieces.entries()) {
        for (const size of ways[kind]![hold]!) {
          const each = size[0] * size[1] * size[2] * (worth?.[kind] ?? 1)
          const [long, wide, high] = size
          const at = inOrder.length
          inOrder.push({ kind, size, long, wide, high, weight, piles: bears && stands, stands, each, at })
        }
      }
      const smallestFirst = [0, 1, 2].map((axis) => inOrder.toSorted((a, b) => a.size[axis]! - b.size[axis]!))
      return { inOrder, smallestFirst }
    })
  }

  /** Always the largest block into the innermost area, to the end. */
  filled(from: State, exhausted: object = {}): State {
    const here = {}
    let state = from
    for (;;) {
      const next = this.innermost(state, here, exhausted)
      if (!next) return state
      state = withBlock(this.task, state, next.spot, next.block)
    }
  }

  /** At every step the block after which the rest fills best. */
  lookedAhead(from: State, looks: number): State {
    const exhausted = {}
    let state = from
    let best = from
    /** Where the state's own filling ends, once it is known. */
    let known: State | undefined
    for (;;) {
      const next = this.innermost(state, exhausted, exhausted)
      if (!next) return better(this.task, best, state)
      let [chosen, chosenEnd]: [State?, State?] = []
      for (const block of this.blocksFor(next.spot, state, looks)) {
        const after = withBlock(this.task, state, next.spot, block)
        const end = known && isSame(block, next.block) ? known : this.filled(after, exhausted)
        if (!chosenEnd || end.volume > chosenEnd.volume) [chosen, chosenEnd] = [after, end]
        best = better(this.task, end, best)
      }
      state = chosen!
      known = chosenEnd
    }
  }

  /** Where one may build, gathered anew at every step into the same list: how far it is from the inside, and what it is. */
  private readonly spots: Spot[] = []
  private readonly keys: number[] = []

  /**
   * The innermost area that still takes something, and the largest block that it takes. What takes nothing is noted
   * as exhausted `here`, for all that is built from this state on, and not looked at again.
   */
  private innermost(state: State, here: object, exhausted: object): { spot: Spot; block: Block } | undefined {
    const count = this.gather(state, here, exhausted)
    // Mostly the first takes something: looking for the next one each time is cheaper than putting all in order.
    for (let tried = 0; tried < count; tried++) {
      let at = -1
      for (let i = 0; i < count; i++) if (this.keys[i]! < (at < 0 ? Infinity : this.keys[at]!)) at = i
      if (at < 0) return undefined
      this.keys[at] = Infinity
      const spot = this.spots[at]!
      const block = this.largestFor(spot, state)
      if (block) return { spot: { ...spot }, block }
      spot.area.barrenIn = here
    }
    return undefined
  }

  private gather({ levels }: State, here: object, exhausted: object): number {
    let count = 0
    for (let hold = 0; hold < levels.length; hold++) {
      for (const level of levels[hold]!) {
        for (const area of level.areas) {
          if (area.barrenIn === here || area.barrenIn === exhausted) continue
          const spot = (this.spots[count] ??= { hold, level, area })
          spot.hold = hold
          spot.level = level
          spot.area = area
          this.keys[count] = this.inner(level.z, area)
          count++
        }
      }
    }
    return count
  }

  /** Of equal ones the first in the order of pieces and turns. */
  // eslint-disable-next-line complexity -- a search over flat lists: its steps share a dozen of them
  private largestFor({ hold, level: { z }, area }: Spot, { left, limits }: State): Block | undefined {
    const long = area.x1 - area.x0
    const wide = area.y1 - area.y0
    const high = this.task.holds[hold]!.size[2] - z
    const limit = limits[hold]!
    // Most areas are slivers that hardly anything goes into: looked at is only what their smallest side takes.
    const least = Math.min(long, wide, high)
    const axis = least === long ? 0 : least === wide ? 1 : 2
    const ways = this.ways[hold]!.smallestFirst[axis]!
    let found: Way | undefined
    let [nx, ny, nz] = [0, 0, 0]
    let largest = 0
    for (let i = 0; i < ways.length; i++) {
      const way = ways[i]!
      if (way.size[axis]! > least) break
      if (way.long > long || way.wide > wide || way.high > high) continue
      const there = left[way.kind]!
      if (there * way.each < largest) continue
      if (z > 0 && !way.stands) continue
      const most = way.weight > 0 ? Math.min(there, Math.floor(limit / way.weight)) : there
      if (most < 1) continue
      const up = way.piles ? Math.min(Math.floor(high / way.high), most) : 1
      const along = Math.floor(long / way.long)
      const widest = Math.min(Math.floor(wide / way.wide), Math.floor(most / up))
      for (let across = widest; across >= 1 && across >= widest - 1; across--) {
        const deep = Math.min(along, Math.floor(most / (up * across)))
        const volume = deep * across * up * way.each
        if (volume < largest || (volume === largest && (!found || found.at <= way.at))) continue
        largest = volume
        found = way
        nx = deep
        ny = across
        nz = up
      }
    }
    return found && { kind: found.kind, size: found.size, grid: [nx, ny, nz] }
  }

  /** The largest blocks for an area, the largest first. */
  private blocksFor(
    { hold, level: { z }, area: { x0, y0, x1, y1 } }: Spot,
    { left, limits }: State,
    looks: number,
  ): Block[] {
    const [long, wide, high] = [x1 - x0, y1 - y0, this.task.holds[hold]!.size[2] - z]
    const limit = limits[hold]!
    const blocks: { block: Block; volume: number }[] = []
    for (const { kind, size, weight, piles, stands, each } of this.ways[hold]!.inOrder) {
      const [dx, dy, dz] = size
      const most = Math.min(left[kind]!, weight > 0 ? Math.floor(limit / weight) : Infinity)
      if (most < 1 || (!stands && z > 0) || dx > long || dy > wide || dz > high) continue
      for (let nz = piles ? Math.min(Math.floor(high / dz), most) : 1; nz >= 1; nz--) {
        const ny = Math.min(Math.floor(wide / dy), Math.floor(most / nz))
        for (let across = ny; across >= 1 && across >= ny - 1; across--) {
          const nx = Math.min(Math.floor(long / dx), Math.floor(most / (nz * across)))
          blocks.push({ block: { kind, size, grid: [nx, across, nz] }, volume: nx * across * nz * each })
        }
      }
    }
    blocks.sort((a, b) => b.volume - a.volume)
    return blocks.slice(0, looks).map(({ block }) => block)
  }
}

const isSame = (a: Block, b: Block): boolean =>
  a.kind === b.kind && a.size === b.size && a.grid.every((count, axis) => count === b.grid[axis])
