import type { Side } from '../plan/plan'

/** Something that is put away, as often as `count`. Inches and pounds, each. */
export interface Piece {
  id: string
  count: number
  /** Length, width and height as it usually stands. */
  size: Size
  weight: number
  turns: 'any' | 'upright' | 'never'
  /** Of pieces that turn any way: which of the three sizes may stand upright; absent: all. */
  up?: readonly number[]
  /** Whether other things may stand on it, and it on them. */
  bears: boolean
  stands: boolean
  /** Holds it may go in, by id; absent: any. */
  only?: readonly string[]
}

/** Where things go: inside length along the trailer, width across it, and height. */
export interface Hold {
  id: string
  size: Size
  /** Without one it is open on all sides. */
  openings: Opening[]
  /** Pounds. */
  limit?: number
}

export interface Opening {
  wall: Side | 'top'
  width: number
  height: number
}

export type Size = readonly [length: number, width: number, height: number]

/**
 * One piece where it lies: its corner nearest the front, the off-door side and the floor, and its size as turned.
 *
 *        z up
 *        |  / y to the door side
 *        | /
 *        +------ x to the rear
 */
export interface Placed {
  piece: string
  hold: string
  at: Size
  size: Size
}

export interface Packing {
  placed: Placed[]
  /** What stays home, by id and how many. */
  left: { piece: string; count: number }[]
  /** Nothing better can be: all is in, or every way was tried. */
  proven: boolean
}

/** The ways a piece may lie, each once. */
export function turned({ size: [l, w, h], turns, up = [0, 1, 2] }: Pick<Piece, 'size' | 'turns' | 'up'>): Size[] {
  if (turns === 'never') return [[l, w, h]]
  const standing: Size[] = [
    [l, w, h],
    [w, l, h],
  ]
  const lying: Size[][] = [
    [
      [w, h, l],
      [h, w, l],
    ],
    [
      [l, h, w],
      [h, l, w],
    ],
  ]
  const all =
    turns === 'upright'
      ? standing
      : [
          ...(up.includes(2) ? standing : []),
          ...(up.includes(1) ? lying[1]! : []),
          ...(up.includes(0) ? lying[0]! : []),
        ]
  return all.filter((one, i) => all.findIndex((other) => other.every((side, k) => side === one[k])) === i)
}

/** Whether a piece goes through an opening of a hold; carried as it may be turned, and turned again inside. */
export function passes(piece: Pick<Piece, 'size' | 'turns' | 'up'>, { openings }: Pick<Hold, 'openings'>): boolean {
  return openings.length === 0 || turned(piece).some((size) => openings.some((opening) => goesThrough(size, opening)))
}

function goesThrough([l, w, h]: Size, { wall, width, height }: Opening): boolean {
  if (wall === 'top') return l <= width && w <= height
  return (wall === 'front' || wall === 'rear' ? w : l) <= width && h <= height
}
