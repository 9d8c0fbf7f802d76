import { triedAll } from './everyWay'
import { Filling, INNERMOST } from './fill'
import { emptyLevels } from './levels'
import { passes, turned, type Hold, type Packing, type Piece, type Size } from './piece'
import { better, placedIn, type State, type Task } from './state'

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
    last: undefined,
    volume: 0,
    missing: pieces.reduce((sum, { count }) => sum + count, 0),
  }
  let best = new Filling(task, INNERMOST[0]!).filled(start)
  for (let n = 0; n < effort.starts && best.missing > 0; n++) {
    const preferring = n < INNERMOST.length ? task : { ...task, worth: pieces.map((_, kind) => preference(n, kind)) }
    const filling = new Filling(preferring, INNERMOST[n % INNERMOST.length]!)
    best = better(task, filling.lookedAhead(start, effort.looks), best)
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
    placed: placedIn(task, best),
    left: pieces.flatMap(({ id }, kind) => (best.left[kind]! > 0 ? [{ piece: id, count: best.left[kind]! }] : [])),
    proven,
  }
}

function waysIn(piece: Piece, hold: Hold): Size[] {
  if ((piece.only && !piece.only.includes(hold.id)) || !passes(piece, hold)) return []
  return turned(piece).filter((size) => size.every((side, axis) => side <= hold.size[axis]!))
}
