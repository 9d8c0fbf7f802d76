import { DOOR_KINDS } from '../../readings/catalogue'
import { EIGHTHS, type Clearance } from '../floor/clearance'
import { eachCellIn, fill } from '../floor/raster'
import { wallShape } from '../overlap'
import { USUAL_FLOOR, withScratchBuffers } from '../floor/scratchBuffers'
import type { Door, Plan } from '../plan'
import { floorOf, startCells } from './reach'
import { bounds, type Shape } from '../shape/shape'
import { atArm } from '../floor/stands'
import type { WayRules } from '../wayRules'

/** A bed and a toilet between which one goes while doors shut both off from all others. */
export interface Suite {
  berth: string
  toilet: string
  /** The doors to be shut for it, by id. */
  shut: string[]
}

/** A door's gap is closed this thick, so that nothing leaks past its ends; the floor before it begins behind that. Inches. */
const SHUT = 4
const BEFORE = 12
/** Nearer to the end of a gap than this the floor may be another room's, inches. */
const END = 3

/**
 * For every bed that is always there the toilet it is shut off together with, over the fewest doors:
 *
 *      bedroom |  hall   # living      `#` shut: bedroom, hall and bath are theirs
 *      --------+  -------+
 *          bath |
 */
export function suitesAt(plan: Plan, { sideways }: WayRules): Suite[] {
  const floor = floorOf(plan, 'parked')
  const doors = plan.doors.filter(({ kind }) => !DOOR_KINDS[kind].outer && kind !== 'curtain')
  if (doors.length === 0) return []
  const parts = partsOf(floor.clearance, doors, sideways)
  const links = doors.map((door) => ({ id: door.id, parts: partsBefore(floor.clearance, parts, door) }))
  const partsWith = (cells: Iterable<number>) =>
    new Set([...cells].map((cell) => parts[cell]!).filter((part) => part > 0))
  const entry = partsWith(startCells(floor, 'entry'))
  const toilets = floor.places.filter(({ use }) => use === 'toilet')
  return floor.places
    .filter(({ id, use }) => use === 'bed' && plan.berths.some((one) => one.id === id && !one.conversion))
    .flatMap(({ id, ...bed }): Suite[] => {
      const from = partsWith(atArm(floor.standsOf({ id, ...bed })))
      if ([...from].some((part) => entry.has(part))) return []
      const found = toilets.flatMap((toilet) => {
        const own = between(from, partsWith(atArm(floor.standsOf(toilet))), entry, links)
        return own ? [{ toilet: toilet.id, own }] : []
      })
      const [least] = found.sort((a, b) => a.own.size - b.own.size)
      if (!least) return []
      const shut = links.filter(
        ({ parts: sides }) => sides.some((part) => least.own.has(part)) && sides.some((part) => !least.own.has(part)),
      )
      return [{ berth: id, toilet: least.toilet, shut: shut.map((one) => one.id) }]
    })
}

/** The floor with all doors shut, part by part: a number from 1 on for each cell, 0 where nobody gets through. */
function partsOf(clearance: Clearance, doors: readonly Door[], sideways: number): Int16Array {
  const cells = clearance.wide.length
  const shut = new Uint8Array(cells)
  for (const door of doors) fill(shut, clearance, gapOf(door, SHUT), 1)
  return divided(cells)(clearance, sideways * EIGHTHS, shut)
}

const divided = withScratchBuffers(USUAL_FLOOR, (most) => {
  /** Of the floor that is divided, and 1 where a door is shut. */
  const wide = new Int16Array(most)
  const closed = new Uint8Array(most)
  /** 0: shut; -1: open, not yet in any part. */
  const parts = new Int16Array(most)
  const queue = new Int32Array(most)

  return ({ wide: own, columns }: Clearance, least: number, shut: Uint8Array): Int16Array => {
    const cells = own.length
    wide.set(own)
    closed.set(shut)
    open(cells, least)
    divide(cells, columns)
    return parts.slice(0, cells)
  }

  function open(cells: number, least: number): void {
    for (let cell = 0; cell < cells; cell++) parts[cell] = wide[cell]! < least || closed[cell] !== 0 ? 0 : -1
  }

  function divide(cells: number, columns: number): void {
    for (let start = 0, last = 0; start < cells; start++) if (parts[start] === -1) part(start, ++last, columns)
  }

  function part(start: number, number: number, columns: number): void {
    let length = join(start, number, 0)
    for (let head = 0; head < length; head++) {
      const cell = queue[head]!
      length = join(cell - 1, number, length)
      length = join(cell + 1, number, length)
      length = join(cell - columns, number, length)
      length = join(cell + columns, number, length)
    }
  }

  function join(cell: number, number: number, length: number): number {
    if (parts[cell] !== -1) return length
    parts[cell] = number
    queue[length] = cell
    return length + 1
  }
})

/** The parts of the floor right before a door, on either side of it. */
function partsBefore(clearance: Clearance, parts: Int16Array, door: Door): number[] {
  const found = new Set<number>()
  eachCellIn(clearance, bounds(gapOf(door, 2 * BEFORE, END)), (cell) => {
    if (parts[cell]) found.add(parts[cell]!)
  })
  return [...found]
}

function gapOf({ from, to }: Door, thickness: number, end = 0): Shape {
  const long = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1
  const share = Math.min(0.4, end / long)
  const at = (s: number): Door['from'] => [from[0] + (to[0] - from[0]) * s, from[1] + (to[1] - from[1]) * s]
  return wallShape({ id: '', from: at(share), to: at(1 - share), thickness })
}

/** The parts on the way over the fewest doors, none of them among those that all come into; undefined: there is no such way. */
function between(
  from: ReadonlySet<number>,
  to: ReadonlySet<number>,
  others: ReadonlySet<number>,
  links: readonly { parts: number[] }[],
): Set<number> | undefined {
  const ways = [...from].map((part) => [part])
  const seen = new Set(from)
  for (const way of ways) {
    const here = way.at(-1)!
    if (to.has(here)) return new Set(way)
    for (const next of links.filter(({ parts }) => parts.includes(here)).flatMap(({ parts }) => parts))
      if (!seen.has(next) && !others.has(next)) {
        seen.add(next)
        ways.push([...way, next])
      }
  }
  return undefined
}
