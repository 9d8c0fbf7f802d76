import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { emptyPlan, fixture } from '../testing/unit'
import { counterSpace } from './counter'

describe('counter space', () => {
  it('a sink with its cover on counts as counter, uncovered it parts it', () => {
    const plan = emptyPlan({
      fixtures: [fixture('counter', [0, 0, 72, 24]), fixture('sink', [26, 0, 20, 24], { cover: true })],
    })
    const longest = (covers: 'on' | 'off') =>
      Math.max(...counterSpace(plan, covers)[0]!.rectangles.map(({ length }) => length))
    expect(longest('on')).toBe(72)
    expect(longest('off')).toBe(26)
    expect(counterSpace(plan, 'off')[0]!.free).toBe(52 * 24)
  })

  it('the largest free rectangle is as large as trying every one finds, on an inch grid', () => {
    const block = fc.tuple(
      fc.integer({ min: 0, max: 16 }),
      fc.integer({ min: 0, max: 7 }),
      fc.integer({ min: 1, max: 6 }),
      fc.integer({ min: 1, max: 5 }),
    )
    fc.assert(
      fc.property(fc.array(block, { maxLength: 3 }), (blocks) => {
        const [long, deep] = [18, 9]
        const plan = emptyPlan({
          fixtures: [
            fixture('counter', [0, 0, long, deep]),
            ...blocks.map((rect, i) => fixture('cooktop', rect, {}, { id: `k${i}` })),
          ],
        })
        const own = Math.max(0, ...counterSpace(plan, 'off')[0]!.rectangles.map(({ length, depth }) => length * depth))
        let most = 0
        for (let x0 = 0; x0 < long; x0++)
          for (let x1 = x0 + 1; x1 <= long; x1++)
            for (let y0 = 0; y0 < deep; y0++)
              for (let y1 = y0 + 1; y1 <= deep; y1++) {
                const empty = blocks.every(([x, y, w, h]) => x >= x1 || x + w <= x0 || y >= y1 || y + h <= y0)
                if (empty) most = Math.max(most, (x1 - x0) * (y1 - y0))
              }
        return own === most
      }),
      { numRuns: 60 },
    )
  })
})
