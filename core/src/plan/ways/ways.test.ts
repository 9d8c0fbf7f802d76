import fc from 'fast-check'
import PF from 'pathfinding'
import { describe, expect, it } from 'vitest'
import { rimmed } from '../../testing/floors'
import { clearanceOf, EIGHTHS, type Clearance } from '../floor/clearance'
import type { Point } from '../shape/shape'
import { shortestWalk, widestTo, widestWays } from '../floor/floorSearch'
import { cellCenter, wayTo } from './ways'

/** Somewhere one stands however wide one is. */
const at = (...cells: number[]) => ({ cells, needs: cells.map(() => 0) })

/** A small random floor with its clearance. */
const floor = fc.tuple(fc.integer({ min: 4, max: 12 }), fc.integer({ min: 4, max: 12 })).chain(([columns, rows]) =>
  fc
    .array(fc.integer({ min: 0, max: 4 }), { minLength: columns * rows, maxLength: columns * rows })
    .map((cells): Clearance => {
      const { free, ...raster } = rimmed(columns, rows, (at) => (cells[at]! > 0 ? 1 : 0))
      return clearanceOf({ x0: 0, y0: 0, ...raster }, free)
    }),
)

const clearOf = ({ wide }: Clearance) => Float64Array.from(wide, (eighths) => eighths / EIGHTHS / 2)

/** Tries every width there is, from wide to narrow, with a search of its own kind: is there a way for it? */
function byTrying(clearance: Clearance, start: number, goal: number): number {
  const { columns, rows } = clearance
  const clear = clearOf(clearance)
  for (const half of [...new Set(clear)].sort((a, b) => b - a)) {
    if (half <= 0) return 0
    const matrix = Array.from({ length: rows }, (_, row) =>
      Array.from({ length: columns }, (_, column) => (clear[row * columns + column]! >= half ? 0 : 1)),
    )
    if (matrix[Math.floor(start / columns)]![start % columns] || matrix[Math.floor(goal / columns)]![goal % columns])
      continue
    const path = new PF.AStarFinder().findPath(
      start % columns,
      Math.floor(start / columns),
      goal % columns,
      Math.floor(goal / columns),
      new PF.Grid(matrix),
    )
    if (path.length) return 2 * half
  }
  return 0
}

describe('the widest way', () => {
  it('is as wide as trying every width with the pathfinding package finds, to every cell of random floors', () => {
    fc.assert(
      fc.property(floor, fc.nat(), (clearance, seed) => {
        const cells = clearance.columns * clearance.rows
        const start = seed % cells
        const ways = widestWays(clearance, [start])
        if (clearance.wide[start] === 0) return ways.starts.length === 0 && ways.widest.every((width) => width === 0)
        return [0, 1, 2].every((i) => {
          const goal = (seed + i * 37) % cells
          return (
            Math.abs((widestTo(clearance, [start], [at(goal)])[0]?.width ?? 0) - byTrying(clearance, start, goal)) <
            1e-9
          )
        })
      }),
      { numRuns: 150 },
    )
  })

  it('the squeeze it names is on the way, and as narrow as the way is', () => {
    fc.assert(
      fc.property(floor, fc.nat(), fc.nat(), (clearance, a, b) => {
        const cells = clearance.columns * clearance.rows
        const [found] = widestTo(clearance, [a % cells], [at(b % cells)])
        return !found || Math.abs(2 * clearOf(clearance)[found.squeeze]! - found.width) < 1e-9
      }),
      { numRuns: 100 },
    )
  })

  it('where it is drawn to be narrowest it is about as narrow as is told, and nowhere on it narrower', () => {
    fc.assert(
      fc.property(floor, fc.nat(), fc.nat(), (clearance, a, b) => {
        const { columns, rows, x0, y0 } = clearance
        const clear = clearOf(clearance)
        const way = wayTo(widestWays(clearance, [a % (columns * rows)]), at(b % (columns * rows)))
        if (!way) return true
        const widthAt = ([x, y]: Point) => 2 * clear[Math.floor(y - y0) * columns + Math.floor(x - x0)]!
        const steps = way.path.flatMap(([x, y], i): Point[] => {
          const [px, py] = way.path[Math.max(0, i - 1)]!
          const long = Math.max(Math.abs(x - px), Math.abs(y - py))
          return Array.from({ length: long + 1 }, (_, n) => [
            px + (x - px) * (n / (long || 1)),
            py + (y - py) * (n / (long || 1)),
          ])
        })
        return (
          Math.abs(Math.min(...steps.map(widthAt)) - way.width) < 1e-9 &&
          widthAt(way.narrowest) < way.width + 0.5 + 1e-9
        )
      }),
      { numRuns: 100 },
    )
  })

  it('the way that is drawn is as long as the fewest steps there are for its width, by the pathfinding package', () => {
    fc.assert(
      fc.property(floor, fc.nat(), fc.nat(), (clearance, a, b) => {
        const { columns, rows } = clearance
        const clear = clearOf(clearance)
        const [start, goal] = [a % (columns * rows), b % (columns * rows)]
        const way = wayTo(widestWays(clearance, [start]), at(goal), 3)
        if (!way) return true
        const least = Math.min(way.width, 3) / 2 - 1e-9
        const matrix = Array.from({ length: rows }, (_, row) =>
          Array.from({ length: columns }, (_, column) =>
            clear[row * columns + column]! >= least && clear[row * columns + column]! > 0 ? 0 : 1,
          ),
        )
        const steps =
          new PF.BreadthFirstFinder().findPath(
            start % columns,
            Math.floor(start / columns),
            goal % columns,
            Math.floor(goal / columns),
            new PF.Grid(matrix),
          ).length - 1
        const walked = way.path
          .slice(1)
          .reduce((sum, [x, y], i) => sum + Math.abs(x - way.path[i]![0]) + Math.abs(y - way.path[i]![1]), 0)
        return way.length === steps && walked === steps
      }),
      { numRuns: 100 },
    )
  })

  it('each of several goals is met as if it were the only one, and a goal of several cells by the easiest', () => {
    fc.assert(
      fc.property(
        floor,
        fc.nat(),
        fc.array(fc.array(fc.nat(), { minLength: 1, maxLength: 4 }), { minLength: 1, maxLength: 5 }),
        (clearance, a, wanted) => {
          const cells = clearance.columns * clearance.rows
          const goals = wanted.map((goal) => goal.map((cell) => cell % cells))
          const together = widestTo(
            clearance,
            [a % cells],
            goals.map((goal) => at(...goal)),
          )
          return goals.every((goal, i) => {
            const each = goal.map((cell) => widestTo(clearance, [a % cells], [at(cell)])[0]?.width ?? 0)
            return Math.abs((together[i]?.width ?? 0) - Math.max(...each)) < 1e-9
          })
        },
      ),
      { numRuns: 150 },
    )
  })

  const open = clearanceOf(
    { x0: 10, y0: 20, columns: 12, rows: 7 },
    Uint8Array.from({ length: 84 }, (_, i) => (i % 12 === 0 || i % 12 === 11 || i < 12 || i >= 72 ? 0 : 1)),
  )
  it('leads to a thousand goals at once as it does to each, and to one after them', () => {
    const [first, last] = [at(13), at(22)]
    // Each of a hundred and fifty cells, some many times: more than a usual floor has.
    const many = Array.from({ length: 1_000 }, (_, i) =>
      at(...Array.from({ length: 150 }, (_, n) => 13 + ((i + n) % 58))),
    )
    const found = widestTo(open, [13], [...many, last, at(0)])
    const ways = widestWays(open, [13])
    expect(found.slice(0, 1_000).map((one) => one?.width)).toEqual(many.map((one) => wayTo(ways, one)?.width))
    expect(found.slice(1_000)).toEqual([widestTo(open, [13], [last])[0], undefined])
    expect(widestTo(open, [13], [first])[0]?.width).toBe(wayTo(ways, first)?.width)
  })
  it('a cell’s middle is half an inch in', () => expect(cellCenter(open, 13)).toEqual([11.5, 21.5]))
  it('nothing leads to where something stands', () => expect(wayTo(widestWays(open, [13]), at(0), 3)).toBeUndefined())
  it('a walk round what is shut, or none', () => {
    const shut = (isShut: (cell: number) => boolean) =>
      Uint8Array.from({ length: 84 }, (_, cell) => (isShut(cell) ? 1 : 0))
    const round = shut((cell) => cell === 17)
    expect(shortestWalk(open, [13], [[22]], 0.5)).toHaveLength(10)
    expect(shortestWalk(open, [13], [[22]], 0.5, round)!.length).toBeGreaterThan(10)
    const across = shut((cell) => cell % 12 === 5)
    expect(shortestWalk(open, [13], [[22]], 0.5, across)).toBeUndefined()
    // What was shut for one walk is open for the next.
    expect(shortestWalk(open, [13], [[22], [15]], 0.5)).toEqual([13, 14, 15])
  })
})
