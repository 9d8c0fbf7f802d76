import fc from 'fast-check'
import PF from 'pathfinding'
import { describe, expect, it } from 'vitest'
import { emptyPlan, fixture } from '../testing/unit'
import { clearanceAt, distances, type Clearance } from './clearance'
import { threshold, wayTo, widestWays } from './ways'

/** A small random floor with its clearance. */
const floor = fc.tuple(fc.integer({ min: 4, max: 12 }), fc.integer({ min: 4, max: 12 })).chain(([columns, rows]) =>
  fc.array(fc.integer({ min: 0, max: 4 }), { minLength: columns * rows, maxLength: columns * rows }).map((cells): Clearance => {
    const free = Uint8Array.from(cells, (cell) => (cell > 0 ? 1 : 0))
    free[0] = 0
    return { x0: 0, y0: 0, columns, rows, clear: distances(free, columns, rows) }
  }),
)

/** Tries every width there is, from wide to narrow, with a search of its own kind: is there a way for it? */
function byTrying({ columns, rows, clear }: Clearance, start: number, goal: number): number {
  for (const half of [...new Set(clear)].sort((a, b) => b - a)) {
    if (half <= 0) return 0
    const matrix = Array.from({ length: rows }, (_, row) => Array.from({ length: columns }, (_, column) => (clear[row * columns + column]! >= half ? 0 : 1)))
    if (matrix[Math.floor(start / columns)]![start % columns] || matrix[Math.floor(goal / columns)]![goal % columns]) continue
    const path = new PF.AStarFinder().findPath(start % columns, Math.floor(start / columns), goal % columns, Math.floor(goal / columns), new PF.Grid(matrix))
    if (path.length) return 2 * half
  }
  return 0
}

describe('the widest way', () => {
  it('is as wide as trying every width with the pathfinding package finds, to every cell of random floors', () => {
    fc.assert(
      fc.property(floor, fc.nat(), (clearance, seed) => {
        const [x, y] = [seed % clearance.columns, seed % clearance.rows]
        const ways = widestWays(clearance, { x0: x, y0: y, x1: x + 1, y1: y + 1 })
        if (ways.starts.length === 0) return clearance.clear[y * clearance.columns + x]! <= 0 && ways.widest.every((width) => width === 0)
        return [0, 1, 2].every((i) => {
          const goal = (seed + i * 37) % (clearance.columns * clearance.rows)
          return Math.abs(ways.widest[goal]! - byTrying(clearance, ways.starts[0]!, goal)) < 1e-9
        })
      }),
      { numRuns: 150 },
    )
  })

  const arm = 16
  const toilet = fixture('toilet', [10, 40, 19, 22])
  const entry = threshold(emptyPlan(), emptyPlan().doors[0]!)
  const go = (...between: ReturnType<typeof fixture>[]) => wayTo(widestWays(clearanceAt(emptyPlan({ fixtures: [toilet, ...between] }), 'parked'), entry), toilet.shape, { arm, comfortable: 28 })
  const gate = (from: number, to: number) => [fixture('tall-cabinet', [100, 2, 10, from - 2], {}, { id: 'a' }), fixture('tall-cabinet', [100, to, 10, 94 - to], {}, { id: 'b' })]

  it.each([
    [38, 58, 20],
    [36, 66, 30],
    [44, 58, 14],
  ])('through a gate from %d to %d in it is that gap wide, to the inch of the raster', (from, to, gap) => {
    const way = go(...gate(from, to))!
    expect(Math.abs(way.width - gap)).toBeLessThanOrEqual(1)
    // At the gate's mouth or in it, not somewhere else on the way.
    expect(way.narrowest[0]).toBeGreaterThanOrEqual(98)
    expect(way.narrowest[0]).toBeLessThanOrEqual(110 + gap / 2)
  })

  it('there is none through a wall', () => expect(go(fixture('tall-cabinet', [100, 2, 10, 92]))).toBeUndefined())

  it('what hangs overhead is no hindrance, a counter is', () => {
    const open = go()!
    expect(go(fixture('overhead', [100, 2, 40, 60]))!.width).toBe(open.width)
    expect(go(fixture('counter', [100, 2, 40, 60]))!.width).toBeLessThan(open.width)
  })

  it('the way that is drawn starts at the door, ends within reach, and never leaves the floor', () => {
    const clearance = clearanceAt(emptyPlan({ fixtures: [toilet, ...gate(38, 58)] }), 'parked')
    const { path, length } = go(...gate(38, 58))!
    expect(path[0]![0]).toBeGreaterThan(entry.x0)
    expect(path[0]![0]).toBeLessThan(entry.x1)
    expect(path[0]![1]).toBeGreaterThan(entry.y0)
    const [x, y] = path.at(-1)!
    expect(Math.hypot(Math.max(10 - x, 0, x - 29), Math.max(40 - y, 0, y - 62))).toBeLessThanOrEqual(arm)
    const walked = path.slice(1).reduce((sum, [px, py], i) => sum + Math.abs(px - path[i]![0]) + Math.abs(py - path[i]![1]), 0)
    expect(walked).toBe(length)
    for (const [px, py] of path) expect(clearance.clear[Math.floor(py - clearance.y0) * clearance.columns + Math.floor(px - clearance.x0)]).toBeGreaterThan(0)
  })

  it('a shorter way that is comfortable is taken before a wider one round about', () => {
    const straight = go()!
    expect(straight.length).toBeLessThanOrEqual(174 - 29 + 40)
  })

  it('nobody starts from inside a full box', () => {
    const full = clearanceAt(emptyPlan({ fixtures: [fixture('tall-cabinet', [2, 2, 236, 92])] }), 'parked')
    expect(widestWays(full, entry).starts).toEqual([])
  })

  it.each([
    ['door side', [160, 96], [188, 96], { x0: 160, x1: 188, y0: 70, y1: 96 }],
    ['off-door side', [40, 0], [66, 0], { x0: 40, x1: 66, y0: 0, y1: 26 }],
    ['rear', [240, 30], [240, 60], { x0: 214, x1: 240, y0: 30, y1: 60 }],
    ['front', [0, 30], [0, 60], { x0: 0, x1: 26, y0: 30, y1: 60 }],
  ] as const)('one comes in two steps behind a door in the %s', (_, from, to, floor) => expect(threshold(emptyPlan(), { from: [...from], to: [...to] })).toEqual(floor))

  it('a second door reaches what the first one cannot', () => {
    const wall = fixture('tall-cabinet', [100, 2, 10, 92])
    const plan = emptyPlan({ fixtures: [toilet, wall], doors: [...emptyPlan().doors, { id: 'second', kind: 'entry', from: [40, 96], to: [66, 96] }] })
    const clearance = clearanceAt(plan, 'parked')
    const widths = plan.doors.map((door) => wayTo(widestWays(clearance, threshold(plan, door)), toilet.shape, { arm, comfortable: 28 })?.width)
    expect(widths[0]).toBeUndefined()
    expect(widths[1]).toBeGreaterThan(20)
  })

  it('an inside wall with a gap lets one through as wide as the gap', () => {
    const plan = (gap: number) => emptyPlan({ fixtures: [toilet], walls: [{ id: 'a', from: [100, 2], to: [100, 40], thickness: 2 }, { id: 'b', from: [100, 40 + gap], to: [100, 94], thickness: 2 }] }) // prettier-ignore
    const width = (gap: number) => wayTo(widestWays(clearanceAt(plan(gap), 'parked'), entry), toilet.shape, { arm, comfortable: 28 })!.width
    expect(Math.abs(width(24) - 24)).toBeLessThanOrEqual(1)
    expect(Math.abs(width(18) - 18)).toBeLessThanOrEqual(1)
  })
})
