import type { Bounds } from '../plan/shape/shape'

/** Something that stands on the floor by itself: along and across, inches; it may be turned. */
export interface Footprint {
  id: string
  length: number
  width: number
}

/** Where a footprint stands. */
export interface Stood {
  id: string
  at: Bounds
}

/** More placings than this are not tried for one more thing: what has not found its floor by then is left over. */
const MOST_TRIED = 4000

/**
 * Sets down as many of the footprints as there is floor for, in the order given, none over another. `floor`: the largest
 * free rectangles (`plan/freeFloor.ts`). What stands, stands; of what is left no more could be added (proven unless
 * `MOST_TRIED` placings were not enough). `better`: where a thing stands best, the smallest first.
 *
 * Exact since every way to stand can be pushed to the front and to the off-door side until each thing touches something:
 * then its corner is that of a largest free rectangle of what the things before it left (as in MaxRects; Jylänki, "A
 * thousand ways to pack the bin", 2010), for some order of the things. All orders are tried.
 */
export function standOnFloor(
  floor: readonly Bounds[],
  things: readonly Footprint[],
  better: (thing: Footprint, at: Bounds) => number = () => 0,
): { stood: Stood[]; left: Footprint[] } {
  let standing: Footprint[] = []
  let stood: Stood[] = []
  const left: Footprint[] = []
  for (const thing of things) {
    // What is no smaller than something that found no floor finds none either: nothing was taken away since.
    const found = left.some((other) => coversAny(thing, other))
      ? undefined
      : allStand(floor, [...standing, thing], better)
    if (found) [standing, stood] = [[...standing, thing], found]
    else left.push(thing)
  }
  return { stood, left }
}

const sorted = ({ length, width }: Footprint): [number, number] => [Math.min(length, width), Math.max(length, width)]

const coversAny = (thing: Footprint, other: Footprint): boolean => {
  const [[a, b], [c, d]] = [sorted(thing), sorted(other)]
  return a >= c && b >= d
}

function allStand(
  floor: readonly Bounds[],
  things: readonly Footprint[],
  better: (thing: Footprint, at: Bounds) => number,
): Stood[] | undefined {
  let tried = 0
  const search = (free: readonly Bounds[], rest: readonly Footprint[]): Stood[] | undefined => {
    if (rest.length === 0) return []
    if (rest.some((thing) => !free.some((one) => turnsOf(thing).some((size) => goesIn(size, one))))) return undefined
    const seen = new Set<string>()
    for (const thing of rest) {
      const size = sorted(thing).join()
      if (seen.has(size)) continue
      seen.add(size)
      const others = rest.filter((one) => one !== thing)
      for (const at of placesFor(free, thing, better)) {
        if (++tried > MOST_TRIED) return undefined
        const found = search(others.length ? without(free, at) : free, others)
        if (found) return [{ id: thing.id, at }, ...found]
      }
    }
    return undefined
  }
  return search(floor, things)
}

/** Lengthwise and crosswise. */
const turnsOf = ({ length, width }: Footprint): [number, number][] =>
  length === width
    ? [[length, width]]
    : [
        [length, width],
        [width, length],
      ]

const goesIn = ([dx, dy]: readonly [number, number], { x0, x1, y0, y1 }: Bounds): boolean =>
  dx <= x1 - x0 && dy <= y1 - y0

function placesFor(
  free: readonly Bounds[],
  thing: Footprint,
  better: (thing: Footprint, at: Bounds) => number,
): Bounds[] {
  const found = new Map<string, { at: Bounds; cost: number }>()
  for (const one of free)
    for (const size of turnsOf(thing)) {
      if (!goesIn(size, one)) continue
      const at = { x0: one.x0, y0: one.y0, x1: one.x0 + size[0], y1: one.y0 + size[1] }
      const key = [at.x0, at.y0, size[0]].join()
      if (!found.has(key)) found.set(key, { at, cost: better(thing, at) })
    }
  return [...found.values()]
    .sort((a, b) => a.cost - b.cost || a.at.x0 - b.at.x0 || a.at.y0 - b.at.y0)
    .map(({ at }) => at)
}

/** The largest free rectangles once something stands there. */
export function without(free: readonly Bounds[], at: Bounds): Bounds[] {
  const kept: Bounds[] = []
  const parts: Bounds[] = []
  for (const one of free) {
    if (at.x0 >= one.x1 || at.x1 <= one.x0 || at.y0 >= one.y1 || at.y1 <= one.y0) kept.push(one)
    else {
      if (at.x0 > one.x0) parts.push({ ...one, x1: at.x0 })
      if (at.x1 < one.x1) parts.push({ ...one, x0: at.x1 })
      if (at.y0 > one.y0) parts.push({ ...one, y1: at.y0 })
      if (at.y1 < one.y1) parts.push({ ...one, y0: at.y1 })
    }
  }
  const within = (a: Bounds, b: Bounds) => a.x0 >= b.x0 && a.x1 <= b.x1 && a.y0 >= b.y0 && a.y1 <= b.y1
  return [
    ...kept,
    ...parts.filter(
      (part, i) =>
        !kept.some((other) => within(part, other)) &&
        !parts.some((other, k) => k !== i && within(part, other) && (!within(other, part) || k < i)),
    ),
  ]
}
