import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { emptyPlan, fixture } from '../../testing/unit'
import { rimmed } from '../../testing/floors'
import { clearanceAt, clearanceOf, EIGHTHS, type Clearance } from './clearance'

/** A random small floor: 1 free, 0 in the way. */
const floor = fc
  .integer({ min: 3, max: 14 })
  .chain((columns) =>
    fc
      .array(fc.boolean(), { minLength: columns * 3, maxLength: columns * 12 })
      .map((cells) => rimmed(columns, Math.floor(cells.length / columns), (at) => (cells[at] ? 1 : 0))),
  )

const clearOf = ({ wide }: Clearance) => Float64Array.from(wide, (eighths) => eighths / EIGHTHS / 2)

describe('clearance', () => {
  it('is never more than the distance to the nearest corner in the way, found by trying all, and hardly less', () => {
    fc.assert(
      fc.property(floor, ({ columns, rows, free }) => {
        const clear = clearOf(clearanceOf({ x0: 0, y0: 0, columns, rows }, free))
        return [...clear].every((value, at) => {
          const [x, y] = [at % columns, Math.floor(at / columns)]
          let least = Infinity
          free.forEach((cell, other) =>
            cell
              ? 0
              : (least = Math.min(
                  least,
                  // To the nearest point of that cell, not to its middle.
                  Math.hypot(
                    Math.max(0, Math.abs((other % columns) - x) - 0.5),
                    Math.max(0, Math.abs(Math.floor(other / columns) - y) - 0.5),
                  ),
                )),
          )
          return free[at] ? value <= least + 0.07 && value >= least - 0.35 : value === 0
        })
      }),
      { numRuns: 150 },
    )
  })

  it('a person stands between a counter and a wall by half of what is free, and not in what they would bump into', () => {
    // Off-door wall to a counter at y = 42: 40 in free, 20 in from its middle to either side.
    const clearance = clearanceAt(emptyPlan({ fixtures: [fixture('counter', [2, 42, 236, 24])] }), 'parked')
    const { x0, y0, columns } = clearance
    const clear = clearOf(clearance)
    const at = (x: number, y: number) => clear[Math.floor(y - y0) * columns + Math.floor(x - x0)]!
    expect(at(120, 22)).toBe(20)
    expect(at(120, 50)).toBe(0)
    expect(at(120, 1)).toBe(0)
  })

  it('a rear slide is floor too, through the wall it left', () => {
    const { x0, y0, columns, wide } = clearanceAt(
      emptyPlan({ slides: [{ id: 's', wall: 'rear', start: 20, length: 50, depth: 30 }] }),
      'parked',
    )
    const free = (x: number, y: number) => wide[Math.floor(y - y0) * columns + Math.floor(x - x0)]! > 0
    expect([free(239, 40), free(260, 40), free(260, 80), free(239, 80)]).toEqual([true, true, false, false])
  })

  it('a slide gives floor when it is out and takes it when it is in', () => {
    const plan = emptyPlan({
      slides: [{ id: 's', wall: 'off-door', start: 60, length: 100, depth: 36 }],
      fixtures: [fixture('tri-fold-sofa', [62, -34, 96, 34], {}, { id: 'sofa', slide: 's' })],
    })
    const free = (time: 'parked' | 'road') => clearanceAt(plan, time).wide.filter((value) => value > 0).length
    // Parked: all of the box (236 x 92) and what the sofa leaves of the bay; on the road the sofa stands in the box.
    expect(free('parked')).toBeGreaterThan(236 * 92)
    expect(free('road')).toBeLessThanOrEqual(236 * 92 - 96 * 34)
  })
})
