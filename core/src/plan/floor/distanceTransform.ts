import { USUAL_FLOOR, withScratchBuffers } from './scratchBuffers'

/** Widths are kept in parts of an inch, rounded down. */
export const EIGHTHS = 8

/** What is read off a floor's raster, in lists that hold until the next look. */
export interface Distances {
  /** The square of the distance from each cell to the nearest in the way: whole numbers; 0 where something stands. */
  squared: Int32Array
  /** Eighths of an inch: twice the distance from each cell's middle to the nearest corner in the way, rounded down. */
  wide: Int16Array
  /** The cells as far from one thing as from another across: first the spots, then those that join them aslant. */
  middle: Int32Array
  spots: number
  joined: number
}

/** No farther from anything than this are the middles that are listed, inches. */
export const WIDE = 44

/**
 * Distances on a floor: 1 in `free` where one can stand, 0 where not, and 0 all round its rim.
 *
 * The exact squared Euclidean distance of every free cell to the nearest cell in the way is taken first straight up and
 * down, then along each row from every column on to either side:
 *
 *     . . . . . . .         A row past a sink 3 in off, then open floor 9 in off: the sink spreads to where the floor's
 *     9 9 9 3 3 3 9 9       own distance is less. In a room of straight walls that is near the corners only.
 *
 * Source of the two steps: Saito and Toriwaki, "New algorithms for Euclidean distance transformation", Pattern
 * Recognition 27 (1994).
 */
export const distancesOn = (free: Uint8Array, columns: number, rows: number): Distances =>
  transform(columns * rows)(free, columns, rows)

/** From the middle of a cell to the nearest corner of the nearest cell in the way: twice that, in eighths. */
const widthOf = (squared: number): number => Math.max(1, Math.floor(2 * EIGHTHS * (Math.sqrt(squared) - Math.SQRT1_2)))

const transform = withScratchBuffers(USUAL_FLOOR, (most) => {
  const open = new Uint8Array(most)
  /** Where each stretch of free cells within a row begins, and the first cell after it: half a floor is not free. */
  const begins = new Int32Array(most)
  const ends = new Int32Array(most)
  const upright = new Int16Array(most)
  const squared = new Int32Array(most)
  const wide = new Int16Array(most)
  const crest = new Uint8Array(most)
  const middle = new Int32Array(2 * most)
  const widths = Int16Array.from({ length: 4096 }, (_, i) => (i ? widthOf(i) : 0))
  const widest = (WIDE / 2) ** 2

  return (free: Uint8Array, columns: number, rows: number): Distances => {
    const cells = columns * rows
    open.set(free)
    squared.fill(0, 0, cells)
    wide.fill(0, 0, cells)
    const stretches = down(columns, cells)
    const highest = up(columns, stretches)
    aside(stretches, highest * highest)
    const spots = read(columns, stretches)
    return { squared, wide, middle, spots, joined: joinSpots(columns, spots) }
  }

  /** Cells straight up to the nearest cell in the way; how many stretches there are. None goes over a row's end: the rim is not free. */
  function down(columns: number, cells: number): number {
    upright.fill(0, 0, columns)
    let count = 0
    for (let cell = columns, above = 0, before = 0; cell < cells; cell++, above++) {
      const own = open[cell]!
      if (own === 0) {
        upright[cell] = 0
        if (before !== 0) ends[count++] = cell
      } else {
        upright[cell] = upright[above]! + 1
        if (before === 0) begins[count] = cell
      }
      before = own
    }
    return count
  }

  /** Cells straight up or down, and squared; the most there are. */
  function up(columns: number, stretches: number): number {
    let highest = 1
    for (let i = stretches - 1; i >= 0; i--)
      for (let cell = begins[i]!, end = ends[i]!; cell < end; cell++) {
        let own = upright[cell]!
        const below = upright[cell + columns]! + 1
        if (below < own) upright[cell] = own = below
        if (own > highest) highest = own
        squared[cell] = own * own
      }
    return highest
  }

  /** What each column leaves of its neighbors' distances: it spreads from where theirs are greater. */
  function aside(stretches: number, highest: number): void {
    for (let i = 0; i < stretches; i++) {
      const end = ends[i]!
      for (let cell = begins[i]!, own = 0; cell <= end; cell++) {
        const next = upright[cell]!
        if (next > own) spread(cell - 1, 1, own * own, highest)
        else if (next < own) spread(cell, -1, next * next, highest)
        own = next
      }
    }
  }

  /** Where a column's own distance is no more than what comes along, it is so farther on too: there it ends. */
  function spread(from: number, step: number, own: number, highest: number): void {
    for (let off = 1, to = from + step; ; off++, to += step) {
      const reached = own + off * off
      if (reached >= highest) return
      if (reached < squared[to]!) squared[to] = reached
      else if (upright[to]! * upright[to]! <= reached) return
    }
  }

  /** Widths, and the cells that are nowhere nearer than their neighbors on both sides, along or across. */
  function read(columns: number, stretches: number): number {
    let count = 0
    for (let i = 0; i < stretches; i++) {
      const end = ends[i]!
      let left = 0
      let own = squared[begins[i]!]!
      for (let cell = begins[i]!; cell < end; cell++) {
        const right = squared[cell + 1]!
        wide[cell] = own < 4096 ? widths[own]! : widthOf(own)
        if (own <= widest) {
          const above = squared[cell - columns]!
          const below = squared[cell + columns]!
          if (
            (own >= left && own >= right && (own > left || own > right)) ||
            (own >= above && own >= below && (own > above || own > below))
          ) {
            crest[cell] = 1
            middle[count++] = cell
          }
        }
        left = own
        own = right
      }
    }
    return count
  }

  /** Where the middle runs aslant, the cells that join one spot of it to the next belong to it. */
  function joinSpots(columns: number, spots: number): number {
    let count = spots
    for (let i = 0; i < spots; i++)
      for (let step = -1; step <= 1; step += 2) {
        const cell = middle[i]! + step
        if (crest[cell] !== 0 || squared[cell] === 0) continue
        if (crest[cell - columns] !== 1 && crest[cell + columns] !== 1) continue
        crest[cell] = 2
        middle[count++] = cell
      }
    for (let i = 0; i < count; i++) crest[middle[i]!] = 0
    return count - spots
  }
})
