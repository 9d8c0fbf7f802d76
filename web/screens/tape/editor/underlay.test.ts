import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { laid, scaled, slid, type Underlay } from './underlay'

/** Where a pixel of the picture lies on the plan. */
const lies = ({ at, inchesPerPixel }: Underlay, [x, y]: [number, number]): [number, number] => [
  at[0] + x * inchesPerPixel,
  at[1] + y * inchesPerPixel,
]

describe('a picture under the plan', () => {
  it('is first laid as long as the box', () => expect(lies(laid('x', [800, 300], 240), [800, 0])).toEqual([240, 0]))

  it('scaled by two points, they lie as far apart as is known, and the first has not moved', () => {
    const pixel = fc.tuple(fc.integer({ min: 0, max: 800 }), fc.integer({ min: 0, max: 300 }))
    fc.assert(
      fc.property(pixel, pixel, fc.integer({ min: 1, max: 500 }), (a, b, apart) => {
        const before = slid(laid('x', [800, 300], 240), 13, -7)
        if (a[0] === b[0] && a[1] === b[1]) return scaled(before, [lies(before, a), lies(before, b)], apart) === before
        const after = scaled(before, [lies(before, a), lies(before, b)], apart)
        const [p, q] = [lies(after, a), lies(after, b)]
        return (
          Math.abs(Math.hypot(q[0] - p[0], q[1] - p[1]) - apart) < 1e-6 &&
          Math.hypot(p[0] - lies(before, a)[0], p[1] - lies(before, a)[1]) < 1e-6
        )
      }),
    )
  })
})
