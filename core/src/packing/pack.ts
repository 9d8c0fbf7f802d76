import { emptyLevels, levelsWith, type Area, type Level } from './levels'
import { passes, turned, type Hold, type Packing, type Piece, type Placed, type Size } from './piece'

/** How hard to try. */
export interface Effort {
  /** What counts first: as many pieces as can be, or as much of the space filled. */
  aim?: 'pieces' | 'volume'
  /** Blocks followed to the end before one of them is placed. */
  looks: number
  /** Times the filling is begun anew with other kinds of pieces preferred. */
  starts: number
  /** Of few pieces every way is tried when something stays home, up to so many placings. */
  most: number
}

export const QUICK: Effort = { looks: 2, starts: 1, most: 0 }
export const THOROUGH: Effort = { looks: 8, starts: 4, most: 6_000 }

/** Beyond so many pieces every way is too many. */
const FEW = 7

/** So many blocks of identical pieces, side by side and on each other, as one box. */
interface Block {
  kind: number
  size: Size
  grid: readonly [number, number, number]
  volume: number
}

interface State {
  levels: Level[][]
  /** Pieces left of each kind, pounds left in each hold. */
  left: number[]
  limits: number[]
  placed: Placed[]
}

interface Task {
  holds: readonly Hold[]
  pieces: readonly Piece[]
  /** For each piece and hold the ways it may lie there; none when it may not or does not go in. */
  ways: Size[][][]
  aim: 'pieces' | 'volume'
  /** How much more or less than its volume a block of each kind counts. */
  worth?: number[]
}

/**
 * Multiples of the golden section are spread evenly between 0 and 1: every start prefers other kinds, and the
 * same ones every time it runs.
 */
const preference = (start: number, kind: number): number =>
  0.6 + 0.8 * (((start * (kind + 1) + kind) * 0.6180339887498949) % 1)

/**
 * Puts pieces into holds: as many as go in, and of as many the larger. Nothing overlaps, all go through a
 * door and stand on the floor or wholly on tops, no hold carries more than its limit. Built area by area
 * from blocks of identical pieces; with `looks` the best of several blocks is found by filling the rest
 * (in the manner of Fanslau and Bortfeldt, "A tree search algorithm for solving the container loading
 * problem", 2010; from memory). What then stays home is tried every way while `most` lasts.
 */
export function pack(holds: readonly Hold[], pieces: readonly Piece[], effort: Effort = THOROUGH): Packing {
  const task: Task = {
    holds,
    pieces,
    ways: pieces.map((piece) => holds.map((hold) => waysIn(piece, hold))),
    aim: effort.aim ?? 'pieces',
  }
  const start: State = {
    levels: holds.map(emptyLevels),
    left: pieces.map(({ count }) => count),
    limits: holds.map(({ limit }) => limit ?? Infinity),
    placed: [],
  }
  let best = filled(task, start, INNERMOST[0]!)
  for (let n = 0; n < effort.starts && missing(best) > 0; n++) {
    const preferring = n < INNERMOST.length ? task : { ...task, worth: pieces.map((_, kind) => preference(n, kind)) }
    best = better(task, lookedAhead(preferring, start, effort.looks, INNERMOST[n % INNERMOST.length]!), best)
  }
  // What goes into no hold whatever the order stays home for certain.
  let proven = best.left.every((count, kind) => count === 0 || task.ways[kind]!.every((ways) => ways.length === 0))
  const mayGoIn = pieces.reduce(
    (sum, { count }, kind) => sum + (task.ways[kind]!.some((ways) => ways.length > 0) ? count : 0),
    0,
  )
  if (!proven && mayGoIn <= FEW) {
    const tried = triedAll(task, start, best, effort.most)
    best = tried.best
    proven = tried.all
  }
  return {
    placed: best.placed,
    left: pieces.flatMap(({ id }, kind) => (best.left[kind]! > 0 ? [{ piece: id, count: best.left[kind]! }] : [])),
    proven,
  }
}

function waysIn(piece: Piece, hold: Hold): Size[] {
  if ((piece.only && !piece.only.includes(hold.id)) || !passes(piece, hold)) return []
  return turned(piece).filter((size) => size.every((side, axis) => side <= hold.size[axis]!))
}

const missing = ({ left }: State): number => left.reduce((sum, count) => sum + count, 0)

/** More pieces in, and of as many more volume; or more volume. */
function better({ aim }: Task, a: State, b: State): State {
  const [left, other] = aim === 'volume' ? [0, 0] : [missing(a), missing(b)]
  return left < other || (left === other && volumeOf(a) > volumeOf(b)) ? a : b
}

const volumeOf = ({ placed }: State): number => placed.reduce((sum, { size: [l, w, h] }) => sum + l * w * h, 0)

/** In which order areas are filled: the corner first in all three ways, or wall by wall from the front. */
type Inner = (z: number, area: Area) => number
const INNERMOST: readonly Inner[] = [
  (z, [x, y]) => z + x + y,
  (z, [x, y]) => 1000 * x + z + y,
  (z, [x, y]) => 1000 * z + x + y,
  (z, [x, y]) => 1000 * y + x + z,
]

/** Always the largest block into the innermost area, to the end. */
function filled(task: Task, from: State, inner: Inner): State {
  let state = from
  for (;;) {
    const found = nextArea(task, state, inner, 1)
    if (!found) return state
    state = withBlock(task, state, found, found.blocks[0]!)
  }
}

/** At every step the block after which the rest fills best. */
function lookedAhead(task: Task, from: State, looks: number, inner: Inner): State {
  let state = from
  let best = from
  for (;;) {
    const found = nextArea(task, state, inner, looks)
    if (!found) return better(task, best, state)
    let chosen: State | undefined
    let reached = -1
    for (const block of found.blocks) {
      const after = withBlock(task, state, found, block)
      const end = filled(task, after, inner)
      const volume = volumeOf(end)
      if (volume > reached) [chosen, reached] = [after, volume]
      best = better(task, end, best)
    }
    state = chosen!
  }
}

interface Found {
  hold: number
  level: Level
  area: Area
  blocks: Block[]
}

/** The innermost area that still takes something, and the blocks it takes, the largest first. */
function nextArea(task: Task, { levels, left, limits }: State, inner: Inner, looks: number): Found | undefined {
  const spots: { hold: number; level: Level; area: Area; key: number }[] = []
  for (let hold = 0; hold < levels.length; hold++) {
    for (const level of levels[hold]!)
      for (const area of level.areas) spots.push({ hold, level, area, key: inner(level.z, area) })
  }
  spots.sort((a, b) => a.key - b.key || a.hold - b.hold)
  for (const { hold, level, area } of spots) {
    const blocks = blocksFor(task, hold, level, area, left, limits[hold]!, looks)
    if (blocks.length) return { hold, level, area, blocks }
  }
  return undefined
}

/** The largest blocks for an area, the largest first. */
function blocksFor(
  { holds, pieces, ways, worth }: Task,
  hold: number,
  { z }: Level,
  [x0, y0, x1, y1]: Area,
  left: readonly number[],
  limit: number,
  looks: number,
): Block[] {
  const [long, wide, high] = [x1 - x0, y1 - y0, holds[hold]!.size[2] - z]
  const blocks: Block[] = []
  for (let kind = 0; kind < pieces.length; kind++) {
    const { weight, bears, stands } = pieces[kind]!
    const most = Math.min(left[kind]!, weight > 0 ? Math.floor(limit / weight) : Infinity)
    if (most < 1 || (!stands && z > 0)) continue
    for (const size of ways[kind]![hold]!) {
      const [dx, dy, dz] = size
      if (dx > long || dy > wide || dz > high) continue
      const up = bears && stands ? Math.floor(high / dz) : 1
      for (let nz = Math.min(up, most); nz >= 1; nz--) {
        const ny = Math.min(Math.floor(wide / dy), Math.floor(most / nz))
        for (let across = ny; across >= Math.max(1, ny - 1); across--) {
          const nx = Math.min(Math.floor(long / dx), Math.floor(most / (nz * across)))
          blocks.push({
            kind,
            size,
            grid: [nx, across, nz],
            volume: nx * across * nz * dx * dy * dz * (worth?.[kind] ?? 1),
          })
        }
        if (looks === 1) break
      }
    }
  }
  blocks.sort((a, b) => b.volume - a.volume)
  return blocks.slice(0, looks)
}

function withBlock(
  { holds, pieces }: Task,
  state: State,
  { hold, level: { z }, area: [x0, y0] }: Pick<Found, 'hold' | 'level' | 'area'>,
  { kind, size: [dx, dy, dz], grid: [nx, ny, nz] }: Block,
): State {
  const piece = pieces[kind]!
  const placed = [...state.placed]
  for (let k = 0; k < nz; k++)
    for (let j = 0; j < ny; j++)
      for (let i = 0; i < nx; i++)
        placed.push({
          piece: piece.id,
          hold: holds[hold]!.id,
          at: [x0 + i * dx, y0 + j * dy, z + k * dz],
          size: [dx, dy, dz],
        })
  const count = nx * ny * nz
  return {
    levels: state.levels.map((levels, i) =>
      i === hold
        ? levelsWith(levels, [x0, y0, z], [nx * dx, ny * dy, nz * dz], piece.bears, holds[hold]!.size[2])
        : levels,
    ),
    left: state.left.map((one, i) => (i === kind ? one - count : one)),
    limits: state.limits.map((one, i) => (i === hold ? one - count * piece.weight : one)),
    placed,
  }
}

/** Every piece, every turn, every corner of every area, in every order, while the budget lasts. */
function triedAll(task: Task, from: State, known: State, most: number): { best: State; all: boolean } {
  let best = known
  let budget = most
  const seen = new Set<string>()
  const go = (state: State): void => {
    if (missing(best) === 0 || budget <= 0) return
    budget--
    best = better(task, state, best)
    for (let kind = 0; kind < task.pieces.length; kind++) {
      if (state.left[kind] === 0) continue
      for (let hold = 0; hold < task.holds.length; hold++) {
        if (task.pieces[kind]!.weight > state.limits[hold]!) continue
        for (const level of state.levels[hold]!) {
          if (level.z > 0 && !task.pieces[kind]!.stands) continue
          for (const size of task.ways[kind]![hold]!) {
            for (const area of level.areas) {
              if (
                size[0] > area[2] - area[0] ||
                size[1] > area[3] - area[1] ||
                size[2] > task.holds[hold]!.size[2] - level.z
              )
                continue
              const after = withBlock(task, state, { hold, level, area }, { kind, size, grid: [1, 1, 1], volume: 0 })
              // The same pieces in the same places, put there in another order, need no second look.
              const key = after.placed
                .map(({ piece, hold: at, at: corner, size: turn }) => [piece, at, ...corner, ...turn].join())
                .sort()
                .join(';')
              if (seen.has(key)) continue
              seen.add(key)
              go(after)
            }
          }
        }
      }
    }
  }
  go(from)
  return { best, all: budget > 0 || missing(best) === 0 }
}
