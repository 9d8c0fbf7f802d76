import { levelsWith, type Area, type Level } from './levels'
import type { Hold, Piece, Placed, Size } from './piece'

/** So many blocks of identical pieces, side by side and on each other, as one box. */
export interface Block {
  kind: number
  size: Size
  grid: readonly [number, number, number]
}

export interface Task {
  holds: readonly Hold[]
  pieces: readonly Piece[]
  /** For each piece and hold the ways it may lie there; none when it may not or does not go in. */
  ways: Size[][][]
  aim: 'pieces' | 'volume'
  /** How much more or less than its volume a block of each kind counts. */
  worth?: number[]
}

/** A block where it was put, and what was put before it: thousands of fillings share their beginnings. */
export interface Put {
  before: Put | undefined
  block: Block
  hold: number
  at: Size
}

export interface State {
  levels: Level[][]
  /** Pieces left of each kind, pounds left in each hold. */
  left: number[]
  limits: number[]
  last: Put | undefined
  /** Of all that is in, cubic inches, and how many pieces are not. */
  volume: number
  missing: number
}

/** Where a block may be put. */
export interface Spot {
  hold: number
  level: Level
  area: Area
}

/** What is there once a block was put somewhere. Called a hundred thousand times for a packing. */
export function withBlock(task: Task, state: State, { hold, level, area }: Spot, block: Block): State {
  const { kind, size, grid } = block
  const { bears, weight } = task.pieces[kind]!
  const count = grid[0] * grid[1] * grid[2]
  const at: Size = [area.x0, area.y0, level.z]
  const whole: Size = [grid[0] * size[0], grid[1] * size[1], grid[2] * size[2]]
  const levels = state.levels.slice()
  levels[hold] = levelsWith(state.levels[hold]!, at, whole, bears, task.holds[hold]!.size[2])
  const left = state.left.slice()
  left[kind]! -= count
  const limits = state.limits.slice()
  limits[hold]! -= count * weight
  return {
    levels,
    left,
    limits,
    last: { before: state.last, block, hold, at },
    volume: state.volume + whole[0] * whole[1] * whole[2],
    missing: state.missing - count,
  }
}

/** More pieces in, and of as many more volume; or more volume. */
export function better({ aim }: Task, a: State, b: State): State {
  const [left, other] = aim === 'volume' ? [0, 0] : [a.missing, b.missing]
  return left < other || (left === other && a.volume > b.volume) ? a : b
}

/** Each piece where it lies, in the order in which it was put there. */
export function placedIn({ holds, pieces }: Task, { last }: State): Placed[] {
  const puts: Put[] = []
  for (let put = last; put; put = put.before) puts.push(put)
  return puts.reverse().flatMap(({ hold, at: [x, y, z], block: { kind, size, grid } }) => {
    const [dx, dy, dz] = size
    const [nx, ny, nz] = grid
    const placed: Placed[] = []
    for (let k = 0; k < nz; k++)
      for (let j = 0; j < ny; j++)
        for (let i = 0; i < nx; i++)
          placed.push({
            piece: pieces[kind]!.id,
            hold: holds[hold]!.id,
            at: [x + i * dx, y + j * dy, z + k * dz],
            size,
          })
    return placed
  })
}
