import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { emptyPlan, fixture } from '../../testing/unit'
import { beforeCounter } from './beforeCounter'
import { counterSpace } from './counter'
import type { Point } from '../shape/shape'

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

  it('round a corner the square that is missing is no counter', () => {
    // An L of two arms 24 in deep, 72 and 60 in long.
    const shape = {
      polygon: [
        [0, 0],
        [72, 0],
        [72, 24],
        [24, 24],
        [24, 60],
        [0, 60],
      ] as Point[],
    }
    const plan = emptyPlan({ fixtures: [{ ...fixture('counter', [0, 0, 1, 1]), shape }] })
    const [space] = counterSpace(plan, 'off')
    expect(space!.free).toBe(72 * 24 + 24 * 36)
    expect(space!.rectangles.map(({ length, depth }) => [length, depth]).sort()).toEqual([
      [60, 24],
      [72, 24],
    ])
  })

  it('across a slanted corner there is as much as the slant leaves, within an inch', () => {
    // 60 by 24 with 12 in cut off one corner at 45 degrees: the largest that fits whole.
    const shape = {
      polygon: [
        [0, 0],
        [60, 0],
        [60, 12],
        [48, 24],
        [0, 24],
      ] as Point[],
    }
    const plan = emptyPlan({ fixtures: [{ ...fixture('counter', [0, 0, 1, 1]), shape }] })
    const areas = counterSpace(plan, 'off')[0]!.rectangles.map(({ length, depth }) => length * depth)
    // x * y with y = 24 - (x - 48): at its most for x = 48.
    expect(Math.max(...areas)).toBe(48 * 24)
    expect(counterSpace(plan, 'off')[0]!.free).toBe(60 * 24 - 72)
  })

  it('what is let into it by a slanted outline takes no more than its outline', () => {
    const sink = {
      ...fixture('sink', [0, 0, 1, 1]),
      shape: {
        polygon: [
          [0, 0],
          [12, 0],
          [0, 12],
        ] as Point[],
      },
    }
    const plan = emptyPlan({ fixtures: [fixture('counter', [0, 0, 40, 24]), sink] })
    expect(counterSpace(plan, 'off')[0]!.free).toBe(40 * 24 - 72)
  })

  it('a booth before either arm of a counter round a corner takes its stretch of that arm', () => {
    const shape = {
      polygon: [
        [2, 2],
        [80, 2],
        [80, 26],
        [26, 26],
        [26, 70],
        [2, 70],
      ] as Point[],
    }
    const before = (rect: [number, number, number, number]) =>
      beforeCounter(
        emptyPlan({ fixtures: [{ ...fixture('counter', [0, 0, 1, 1]), shape }, fixture('booth', rect)] }),
      ).map(({ takes }) => Math.round(takes))
    expect(before([36, 50, 40, 40])).toEqual([20])
    expect(before([50, 36, 60, 40])).toEqual([30])
    expect(before([90, 60, 60, 30])).toEqual([])
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
