import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { rimmed } from '../../testing/floors'
import { emptyPlan, fixture } from '../../testing/unit'
import { clearanceAt, clearanceOf, EIGHTHS } from './clearance'
import { HEAT_ROW, heatBands } from './heat'

describe('the floor as heat', () => {
  it('every cell of the rows that are drawn lies in the widest band it has room for, and in no other', () => {
    const floor = fc
      .tuple(fc.integer({ min: 3, max: 14 }), fc.integer({ min: 3, max: 9 }))
      .chain(([columns, rows]) =>
        fc
          .array(fc.boolean(), { minLength: columns * rows, maxLength: columns * rows })
          .map((cells) => rimmed(columns, rows, (at) => (cells[at] ? 1 : 0))),
      )
    fc.assert(
      fc.property(floor, ({ free, ...raster }) => {
        const clearance = clearanceOf({ x0: 3, y0: -2, ...raster }, free)
        const widths = [1, 2, 4]
        const drawn = new Map(
          heatBands(clearance, widths).flatMap(({ width, runs }) =>
            runs.flatMap(({ x, y, long }) => Array.from({ length: long }, (_, i) => [`${x + i},${y}`, width] as const)),
          ),
        )
        for (let row = 0; row < raster.rows; row += HEAT_ROW)
          for (let column = 0; column < raster.columns; column++) {
            const wide = clearance.wide[row * raster.columns + column]! / EIGHTHS
            const band = [...widths].reverse().find((width) => wide >= width)
            if (drawn.get(`${column + 3},${row - 2}`) !== band) return false
          }
        return true
      }),
      { numRuns: 100 },
    )
  })

  it('a passage of 20 in is a place to turn sideways or go straight in, never one for a wheelchair', () => {
    const plan = emptyPlan({ fixtures: [fixture('counter', [2, 2, 236, 36]), fixture('cabinet', [2, 58, 236, 36])] })
    expect(
      heatBands(clearanceAt(plan, 'parked'), [14, 18, 24, 32])
        .filter(({ runs }) => runs.length)
        .map(({ width }) => width),
    ).toEqual([14, 18])
  })
})
