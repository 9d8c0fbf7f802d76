import fc from 'fast-check'
import PF from 'pathfinding'
import { describe, expect, it } from 'vitest'
import { emptyPlan, fixture } from '../testing/unit'
import { canReach, clearanceAt, distances } from './clearance'

/** A random small floor: 1 free, 0 in the way. */
const floor = fc.integer({ min: 3, max: 14 }).chain((columns) => fc.array(fc.boolean(), { minLength: columns * 3, maxLength: columns * 12 }).map((cells) => ({ columns, rows: Math.floor(cells.length / columns), cells })))

describe('clearance', () => {
  it('equals the distance to the nearest thing in the way, found by trying all', () => {
    fc.assert(
      fc.property(floor, ({ columns, rows, cells }) => {
        const free = Uint8Array.from(cells.slice(0, columns * rows), Number)
        if (free.every(Boolean)) return true
        const clear = distances(free, columns, rows)
        return [...clear].every((value, at) => {
          const [x, y] = [at % columns, Math.floor(at / columns)]
          let least = Infinity
          free.forEach((cell, other) => (cell ? 0 : (least = Math.min(least, Math.hypot((other % columns) - x, Math.floor(other / columns) - y)))))
          return Math.abs(value - Math.max(0, least - 0.5)) < 1e-9
        })
      }),
      { numRuns: 150 },
    )
  })

  it('a person reaches a fixture exactly when the pathfinding package finds a way over the same cells', () => {
    const block = fc.tuple(fc.integer({ min: 4, max: 200 }), fc.integer({ min: 4, max: 70 }), fc.integer({ min: 6, max: 70 }), fc.integer({ min: 6, max: 60 }))
    fc.assert(
      fc.property(fc.array(block, { maxLength: 6 }), fc.integer({ min: 10, max: 30 }), (blocks, width) => {
        const toilet = fixture('toilet', [10, 10, 19, 22])
        const plan = emptyPlan({ fixtures: [toilet, ...blocks.map((rect, i) => fixture('tall-cabinet', rect, {}, { id: `c${i}` }))] })
        const clearance = clearanceAt(plan, 'parked')
        const { columns, rows, x0, y0, clear } = clearance
        const stands = (cell: number) => clear[cell]! >= width / 2
        const entry: [number, number] = [174, 80]
        let start = -1
        let least = 48
        for (let cell = 0; cell < columns * rows; cell++) {
          const away = Math.hypot(x0 + (cell % columns) + 0.5 - entry[0], y0 + Math.floor(cell / columns) + 0.5 - entry[1])
          if (stands(cell) && away < least) [start, least] = [cell, away]
        }
        const goals = Array.from({ length: columns * rows }, (_, cell) => cell).filter((cell) => {
          const [x, y] = [x0 + (cell % columns) + 0.5, y0 + Math.floor(cell / columns) + 0.5]
          return stands(cell) && Math.hypot(Math.max(10 - x, 0, x - 29), Math.max(10 - y, 0, y - 32)) <= 16
        })
        const matrix = Array.from({ length: rows }, (_, row) => Array.from({ length: columns }, (_, column) => (stands(row * columns + column) ? 0 : 1)))
        const found = start >= 0 && goals.some((goal) => new PF.BreadthFirstFinder().findPath(start % columns, Math.floor(start / columns), goal % columns, Math.floor(goal / columns), new PF.Grid(matrix)).length > 0)
        return canReach(clearance, entry, toilet.shape, width, 16) === found
      }),
      { numRuns: 12 },
    )
  }, 60_000)

  it('a gap of 20 in lets 19 in through and not 22', () => {
    // Two cabinets from wall to wall, 20 in between them, the toilet behind.
    const toilet = fixture('toilet', [10, 40, 19, 22])
    const plan = emptyPlan({ fixtures: [toilet, fixture('tall-cabinet', [100, 2, 10, 36], {}, { id: 'a' }), fixture('tall-cabinet', [100, 58, 10, 36], {}, { id: 'b' })] })
    const clearance = clearanceAt(plan, 'parked')
    expect(canReach(clearance, [174, 80], toilet.shape, 19, 16)).toBe(true)
    expect(canReach(clearance, [174, 80], toilet.shape, 22, 16)).toBe(false)
  })
})
