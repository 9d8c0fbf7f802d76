import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { facesByDefault } from '@hitchet/core/plan/facing'
import { SIDES } from '@hitchet/core/plan/plan'
import { emptyPlan } from '@hitchet/core/testing/unit'
import { fit } from './FittedText'
import { facing } from './frame'

/** Where a point of a thing's own frame lies on the plan, by the transform's own words. */
function placed(transform: string, [x, y]: [number, number]): [number, number] {
  const [, tx, ty] = /translate\((-?[\d.]+) (-?[\d.]+)\)/.exec(transform)!.map(Number) as [number, number, number]
  const turn = (Number(/rotate\((-?\d+)\)/.exec(transform)?.[1] ?? 0) * Math.PI) / 180
  return [tx + x * Math.cos(turn) - y * Math.sin(turn), ty + x * Math.sin(turn) + y * Math.cos(turn)]
}

describe('a thing turned to the way it faces', () => {
  const box = { x0: 10, y0: 20, x1: 50, y1: 38 }

  it('stays on its own ground, whichever way it faces', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SIDES),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (side, u, v) => {
          const { across, deep, transform } = facing(box, side)
          const [x, y] = placed(transform, [u * across, v * deep])
          return x > box.x0 - 1e-6 && x < box.x1 + 1e-6 && y > box.y0 - 1e-6 && y < box.y1 + 1e-6
        },
      ),
    )
  })

  it.each([
    ['door', [30, 38]],
    ['off-door', [30, 20]],
    ['rear', [50, 29]],
    ['front', [10, 29]],
  ] as const)('facing %s, its front edge is on that side', (side, middle) => {
    const { across, deep, transform } = facing(box, side)
    const [x, y] = placed(transform, [across / 2, deep])
    expect([x, y].map(Math.round)).toEqual(middle)
  })

  it('faces away from the wall it stands at when nobody said', () => {
    const plan = emptyPlan()
    expect(facesByDefault(plan, { x0: 100, y0: 2, x1: 120, y1: 20 })).toBe('door')
    expect(facesByDefault(plan, { x0: 100, y0: 76, x1: 120, y1: 94 })).toBe('off-door')
    expect(facesByDefault(plan, { x0: 2, y0: 40, x1: 20, y1: 60 })).toBe('rear')
    expect(facesByDefault(plan, { x0: 220, y0: 40, x1: 238, y1: 60 })).toBe('front')
  })
})

describe('a label in its zone', () => {
  const zone = (w: number, h: number) => ({ x0: 0, y0: 0, x1: w, y1: h })
  it('lies along the zone where it fits, turned where only that fits, and is shortened before it is left out', () => {
    expect(fit(['Queen 60 × 80', '60 × 80'], zone(60, 20), 1.5, 10)).toEqual({ text: 'Queen 60 × 80', turned: false })
    expect(fit(['Queen 60 × 80', '60 × 80'], zone(14, 60), 1.5, 10)).toEqual({ text: 'Queen 60 × 80', turned: true })
    expect(fit(['Queen 60 × 80', '60 × 80'], zone(30, 12), 1.5, 10)).toEqual({ text: '60 × 80', turned: false })
    expect(fit(['Queen 60 × 80', '60 × 80'], zone(10, 10), 1.5, 10)).toBeUndefined()
  })

  it('never takes more than its zone', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 5, max: 90 }),
        fc.integer({ min: 5, max: 90 }),
        fc.double({ min: 0.4, max: 3, noNaN: true }),
        (w, h, scale) => {
          const fitted = fit(['Two bunks 44 × 74'], zone(w, h), scale, 10)
          return !fitted || fitted.text.length * 0.46 * 10 <= (fitted.turned ? h : w) * scale
        },
      ),
    )
  })
})
