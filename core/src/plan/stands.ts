import { eachCellIn, EIGHTHS, fill, type Clearance } from './clearance'
import { CLIMB, type Place } from './places'
import type { Front } from './fronts'
import { bounds, type Bounds, type Shape } from './shape'

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
  found = 0
  if (place.use === 'door') within(clearance, place, DOORSTEP, tall)
  else if (place.use === 'exit window') within(clearance, place, CLIMB, tall)
  else for (const front of place.fronts) before(clearance, front, tall)
  return taken()
}

/** Straight out from every inch of an edge, until something tall stands there, or too far to reach over what is low. */
function before({ x0, y0, columns, rows, wide }: Clearance, { a, b, way }: Front, tall: Uint8Array): void {
  const long = Math.hypot(b[0] - a[0], b[1] - a[1])
  const [ux, uy] = [(b[0] - a[0]) / long, (b[1] - a[1]) / long]
  // Straight along the raster every step goes on by as many cells; aslant it is looked up.
  const straight = Math.abs(way[0]) === 1 || Math.abs(way[1]) === 1
  const step = way[0] + way[1] * columns
  for (let s = 0.5 - ASIDE; s < long + ASIDE; s++) {
    const aside = s < 0 ? -s : s > long ? s - long : 0
    let over = false
    let [x, y] = [a[0] + ux * s + way[0] / 2 - x0, a[1] + uy * s + way[1] / 2 - y0]
    let cell = Math.floor(y) * columns + Math.floor(x)
    for (let t = 0.5; t <= FARTHEST; t++, x += way[0], y += way[1], cell += step) {
      if (x < 0 || y < 0 || x >= columns || y >= rows) break
      if (!straight) cell = Math.floor(y) * columns + Math.floor(x)
      const free = wide[cell]!
      if (free === 0) {
        if (t < EDGE) continue
        if (tall[cell]) break
        over = true
        continue
      }
      const far = aside ? Math.sqrt(t * t + aside * aside) : t
      if (over && far > ARM) break
      const need = far > FOREARM ? Math.ceil(2 * EIGHTHS * (far - FOREARM)) : 0
      // Nobody as wide as that stands there.
      if (need <= free) add(cell, need)
    }
  }
}

/** Lists used within one look and never after: they grow to the longest there was. */
let cellsFound = new Int32Array(8192)
let needsFound = new Int16Array(8192)
let found = 0

function add(cell: number, need: number): void {
  if (found === cellsFound.length) {
    const [cells, needs] = [cellsFound, needsFound]
    ;[cellsFound, needsFound] = [new Int32Array(2 * found), new Int16Array(2 * found)]
    cellsFound.set(cells)
    needsFound.set(needs)
  }
  cellsFound[found] = cell
  needsFound[found++] = need
}

const taken = (): Stands => ({ cells: cellsFound.slice(0, found), needs: needsFound.slice(0, found) })

/** Wherever any of them is. */
export function together(first: Stands, ...others: Stands[]): Stands {
  if (others.length === 0) return first
  found = 0
  for (const { cells, needs } of [first, ...others]) for (let i = 0; i < cells.length; i++) add(cells[i]!, needs[i]!)
  return taken()
}

/** Those cells from which whoever goes sideways uses it. */
export function atArm({ cells, needs }: Stands): number[] {
  const near: number[] = []
  for (let i = 0; i < cells.length; i++) if (needs[i]! <= 2 * EIGHTHS * (ARM - FOREARM)) near.push(cells[i]!)
  return near
}

/**
 * The free cells within so many inches of an opening, with nothing tall between; before a door no wider than its
 * opening: one comes in through it, not along the wall.
 */
function within(clearance: Clearance, { shape, use }: Place, arm: number, tall: Uint8Array): void {
  const box = bounds(shape)
  eachCellIn(clearance, zoneOf(box, use === 'door', arm), (cell, x, y) => {
    if (clearance.squared[cell] === 0) return
    const [nx, ny] = [Math.max(box.x0, Math.min(box.x1, x)), Math.max(box.y0, Math.min(box.y1, y))]
    const far = Math.hypot(x - nx, y - ny)
    if (far > arm || hidden(clearance, tall, x, y, nx, ny, far)) return
    add(cell, 0)
  })
}

function zoneOf({ x0, y0, x1, y1 }: Bounds, isDoor: boolean, arm: number): Bounds {
  const [armX, armY] = !isDoor ? [arm, arm] : x1 - x0 > y1 - y0 ? [0, arm] : [arm, 0]
  return { x0: x0 - armX, x1: x1 + armX, y0: y0 - armY, y1: y1 + armY }
}

/** Whether something tall stands on the line, but for its last inches: what the opening is in is not in the way. */
function hidden(
  { x0, y0, columns }: Clearance,
  tall: Uint8Array,
  x: number,
  y: number,
  toX: number,
  toY: number,
  far: number,
): boolean {
  for (let t = 0; t < far - EDGE; t++) {
    const [px, py] = [x + ((toX - x) * t) / far, y + ((toY - y) * t) / far]
    if (tall[Math.floor(py - y0) * columns + Math.floor(px - x0)]) return true
  }
  return false
}
