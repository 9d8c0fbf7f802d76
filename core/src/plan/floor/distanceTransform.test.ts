import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { rimmed } from '../../testing/floors'
import { distancesOn } from './distanceTransform'
import { USUAL_FLOOR } from './scratchBuffers'

type Box = [left: number, top: number, wide: number, deep: number]

/** A floor of some size with boxes on it: 1 free, 0 in the way. */
const floorWith = (columns: number, rows: number, boxes: readonly Box[]) =>
  rimmed(columns, rows, (at) => {
    const [x, y] = [at % columns, Math.floor(at / columns)]
    return boxes.some(([left, top, wide, deep]) => x >= left && x < left + wide && y >= top && y < top + deep) ? 0 : 1
  })

/** Every free cell against every cell in the way. */
function byTrying({ free, columns, rows }: ReturnType<typeof rimmed>): number[] {
  const taken: [number, number][] = []
  for (let cell = 0; cell < columns * rows; cell++)
    if (free[cell] === 0) taken.push([cell % columns, Math.floor(cell / columns)])
  return Array.from({ length: columns * rows }, (_, cell) =>
    Math.min(...taken.map(([x, y]) => (x - (cell % columns)) ** 2 + (y - Math.floor(cell / columns)) ** 2)),
  )
}

const squaredOn = ({ free, columns, rows }: ReturnType<typeof rimmed>): number[] =>
  Array.from(distancesOn(free, columns, rows).squared.subarray(0, columns * rows))

describe('distances on a floor', () => {
  const box = fc.tuple(
    fc.integer({ min: 0, max: 39 }),
    fc.integer({ min: 0, max: 29 }),
    fc.integer({ min: 1, max: 12 }),
    fc.integer({ min: 1, max: 12 }),
  )

  it('are those that trying all cells in the way finds, far from anything as well as near', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 40 }),
        fc.integer({ min: 12, max: 30 }),
        fc.array(box, { maxLength: 6 }),
        (columns, rows, boxes) => {
          const floor = floorWith(columns, rows, boxes)
          expect(squaredOn(floor)).toEqual(byTrying(floor))
        },
      ),
      { numRuns: 120 },
    )
  })

  it('of a floor larger than any before, and of a small one after it', () => {
    const small = floorWith(30, 20, [[4, 5, 9, 3]])
    const before = squaredOn(small)
    const hall = floorWith(700, 300, [])
    expect(hall.free.length).toBeGreaterThan(USUAL_FLOOR)
    const { columns } = hall
    const squared = squaredOn(hall)
    // From the rim of an empty hall everything is as far as the nearest of its four sides.
    for (const [x, y] of [
      [1, 1],
      [10, 150],
      [350, 150],
      [350, 290],
      [699, 20],
    ] as const)
      expect(squared[y * columns + x]).toBe(Math.min(x, y, 701 - x, 301 - y) ** 2)
    expect(squaredOn(small)).toEqual(before)
    expect(before).toEqual(byTrying(small))
  })
})
