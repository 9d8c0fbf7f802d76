import { EIGHTHS, type Clearance } from './clearance'
import { fill } from './raster'
import { apart } from '../shape/distance'
import { USUAL_FLOOR, withScratchBuffers } from './scratchBuffers'
import { CLIMB, type Place } from './places'
import type { Front } from '../fronts'
import { bounds, type Bounds, type Shape } from '../shape/shape'

/**
 * Where one may stand to use a place. A walker stands against the thing or an arm before it: whoever is so wide that
 * the middle is farther off than that must be as wide as that takes.
 */
export interface Stands {
  /** Cells of the floor, and for each the least width with which one still reaches from there, eighths of an inch. */
  cells: ArrayLike<number>
  needs: ArrayLike<number>
}

/** From the middle of someone standing sideways to the thing in hand, inches: half an arm (common practice). */
export const ARM = 16
/** From the front of the body: what is left of the arm, inches. */
const FOREARM = 9
/** Whoever is wider than this stands no farther off, inches. */
const FARTHEST = 24
/** Beside the edge itself one still reaches what is at its end, inches. */
const ASIDE = 6
/** How deep the floor behind an outer door is on which one has come in: two steps, inches. */
const DOORSTEP = 24
/** So many entries are in a list that places share: about a floor's. */
const SHARED = 1 << 13
/** The cells an edge runs through belong to it, inches. */
const EDGE = 1.5

/** The floor of what one cannot reach over: 1 where something tall stands. */
export function tallCells({ x0, y0, columns, rows }: Clearance, tall: readonly Shape[]): Uint8Array {
  const cells = new Uint8Array(columns * rows)
  for (const shape of tall) fill(cells, { x0, y0, columns, rows }, shape, 1)
  return cells
}

/** Where one stands before a thing, on the floor behind a door, or under a window that is climbed through. */
export function standsAt(clearance: Clearance, place: Place, tall: Uint8Array): Stands {
  const most = place.fronts.reduce((sum, { a, b }) => sum + Math.ceil(apart(a, b) + 2 * ASIDE) * FARTHEST, 0)
  return looking(Math.max(clearance.wide.length, most))(clearance, place, tall)
}

/** Wherever any of them is. */
export function together(first: Stands, ...others: Stands[]): Stands {
  if (others.length === 0) return first
  const all = [first, ...others]
  const length = all.reduce((sum, { cells }) => sum + cells.length, 0)
  const [cells, needs] = [new Int32Array(length), new Int16Array(length)]
  let at = 0
  for (const one of all) {
    cells.set(one.cells, at)
    needs.set(one.needs, at)
    at += one.cells.length
  }
  return { cells, needs }
}

/** Those cells from which whoever goes sideways uses it. */
export function atArm({ cells, needs }: Stands): number[] {
  const near: number[] = []
  for (let i = 0; i < cells.length; i++) if (needs[i]! <= 2 * EIGHTHS * (ARM - FOREARM)) near.push(cells[i]!)
  return near
}

const looking = withScratchBuffers(USUAL_FLOOR, (most) => {
  /** Of the floor that is looked at, and what stands tall on it. */
  const wide = new Int16Array(most)
  const high = new Uint8Array(most)
  let loaded: [Int16Array, Uint8Array] | undefined
  const cellsFound = new Int32Array(most)
  const needsFound = new Int16Array(most)
  let found = 0
  let shared = { cells: new Int32Array(0), needs: new Int16Array(0) }
  let taken = 0
  /** By inches straight out from the edge how wide one must be, eighths. */
  const needAt = Int16Array.from({ length: FARTHEST + 1 }, (_, i) => needOf(i + 0.5))

  return (clearance: Clearance, place: Place, tall: Uint8Array): Stands => {
    if (loaded?.[0] !== clearance.wide || loaded[1] !== tall) {
      loaded = [clearance.wide, tall]
      wide.set(clearance.wide)
      high.set(tall)
    }
    found = 0
    if (place.use === 'door') within(clearance, place, DOORSTEP)
    else if (place.use === 'exit window') within(clearance, place, CLIMB)
    else for (const front of place.fronts) before(clearance, front)
    return kept()
  }

  /** In a list that several share: a floor has dozens of places, and one list costs as much as hundreds of entries. */
  function kept(): Stands {
    if (taken + found > shared.cells.length) {
      shared = { cells: new Int32Array(Math.max(SHARED, found)), needs: new Int16Array(Math.max(SHARED, found)) }
      taken = 0
    }
    const [from, to] = [taken, taken + found]
    taken = to
    const { cells, needs } = shared
    cells.set(cellsFound.subarray(0, found), from)
    needs.set(needsFound.subarray(0, found), from)
    return { cells: cells.subarray(from, to), needs: needs.subarray(from, to) }
  }

  /** Straight out from every inch of an edge, until something tall stands there, or too far to reach over what is low. */
  function before({ x0, y0, columns, rows }: Clearance, { a, b, way }: Front): void {
    const long = apart(a, b)
    const [ux, uy] = [(b[0] - a[0]) / long, (b[1] - a[1]) / long]
    const isStraight = Math.abs(way[0]) === 1 || Math.abs(way[1]) === 1
    for (let s = 0.5 - ASIDE; s < long + ASIDE; s++) {
      const aside = s < 0 ? -s : s > long ? s - long : 0
      const [x, y] = [a[0] + ux * s + way[0] / 2 - x0, a[1] + uy * s + way[1] / 2 - y0]
      if (isStraight) straight(x, y, Math.round(way[0]), Math.round(way[1]), aside, columns, rows)
      else aslant(x, y, way[0], way[1], aside, columns, rows)
    }
  }

  /** Along the raster every step goes on by as many cells. */
  function straight(x: number, y: number, dx: number, dy: number, aside: number, columns: number, rows: number): void {
    if (x < 0 || y < 0 || x >= columns || y >= rows) return
    const [column, row] = [Math.floor(x), Math.floor(y)]
    const room = dx > 0 ? columns - column : dx < 0 ? column + 1 : dy > 0 ? rows - row : row + 1
    const last = room < FARTHEST ? room : FARTHEST
    const step = dx + dy * columns
    let over = false
    for (let i = 0, cell = row * columns + column; i < last; i++, cell += step) {
      const free = wide[cell]!
      if (free === 0) {
        if (i < EDGE - 0.5) continue
        if (high[cell] !== 0) return
        over = true
        continue
      }
      if (aside === 0 && !over) {
        const need = needAt[i]!
        if (need > free) continue
        cellsFound[found] = cell
        needsFound[found++] = need
      } else if (!take(cell, free, Math.sqrt((i + 0.5) * (i + 0.5) + aside * aside), over)) return
    }
  }

  function aslant(fromX: number, fromY: number, dx: number, dy: number, aside: number, columns: number, rows: number) {
    let [x, y, over] = [fromX, fromY, false]
    for (let i = 0; i < FARTHEST; i++, x += dx, y += dy) {
      if (x < 0 || y < 0 || x >= columns || y >= rows) return
      const cell = Math.floor(y) * columns + Math.floor(x)
      const free = wide[cell]!
      if (free === 0) {
        if (i < EDGE - 0.5) continue
        if (high[cell] !== 0) return
        over = true
        continue
      }
      if (!take(cell, free, Math.sqrt((i + 0.5) * (i + 0.5) + aside * aside), over)) return
    }
  }

  /** Unless nobody as wide as it takes stands there; false where nobody reaches that far over what is low. */
  function take(cell: number, free: number, far: number, over: boolean): boolean {
    if (over && far > ARM) return false
    const need = needOf(far)
    if (need > free) return true
    cellsFound[found] = cell
    needsFound[found++] = need
    return true
  }

  /**
   * The free cells within so many inches of an opening, with nothing tall between; before a door no wider than its
   * opening: one comes in through it, not along the wall.
   */
  function within({ x0, y0, columns, rows }: Clearance, { shape, use }: Place, arm: number): void {
    const box = bounds(shape)
    const zone = zoneOf(box, use === 'door', arm)
    const [top, bottom] = [Math.max(0, Math.floor(zone.y0 - y0)), Math.min(rows, Math.ceil(zone.y1 - y0))]
    const [left, right] = [Math.max(0, Math.floor(zone.x0 - x0)), Math.min(columns, Math.ceil(zone.x1 - x0))]
    const [x1, x2, y1, y2] = [box.x0 - x0, box.x1 - x0, box.y0 - y0, box.y1 - y0]
    for (let row = top; row < bottom; row++) {
      const y = row + 0.5
      const dy = y < y1 ? y1 - y : y > y2 ? y2 - y : 0
      for (let column = left; column < right; column++) {
        const cell = row * columns + column
        if (wide[cell] === 0) continue
        const x = column + 0.5
        const dx = x < x1 ? x1 - x : x > x2 ? x2 - x : 0
        const square = dx * dx + dy * dy
        if (square > arm * arm || hidden(columns, x, y, dx, dy, Math.sqrt(square))) continue
        cellsFound[found] = cell
        needsFound[found++] = 0
      }
    }
  }

  /** Whether something tall stands on the line, but for its last inches: what the opening is in is not in the way. */
  function hidden(columns: number, x: number, y: number, dx: number, dy: number, far: number): boolean {
    const [stepX, stepY] = [dx / far, dy / far]
    for (let t = 0; t < far - EDGE; t++)
      if (high[Math.floor(y + stepY * t) * columns + Math.floor(x + stepX * t)] !== 0) return true
    return false
  }
})

/** Whoever stands so far off, inches, and reaches is at least so wide, eighths of an inch. */
function needOf(far: number): number {
  return far > FOREARM ? Math.ceil(2 * EIGHTHS * (far - FOREARM)) : 0
}

function zoneOf({ x0, y0, x1, y1 }: Bounds, isDoor: boolean, arm: number): Bounds {
  const [armX, armY] = !isDoor ? [arm, arm] : x1 - x0 > y1 - y0 ? [0, arm] : [arm, 0]
  return { x0: x0 - armX, x1: x1 + armX, y0: y0 - armY, y1: y1 + armY }
}
