import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { fit, withoutOverlap, type Label } from './FittedText'

const [SIGN, SIZE] = [0.46, 10.5]

/** Where a label's letters then are, pixels from the plan's corner. */
function letters({ wordings, zone }: Label, scale: number): [x0: number, y0: number, x1: number, y1: number] {
  const { text, turned } = fit(wordings, zone, scale, SIZE)!
  const [long, line] = [text.length * SIGN * SIZE, SIZE]
  const [w, h] = turned ? [line, long] : [long, line]
  const [x, y] = [((zone.x0 + zone.x1) / 2) * scale, ((zone.y0 + zone.y1) / 2) * scale]
  return [x - w / 2, y - h / 2, x + w / 2, y + h / 2]
}

const label = fc
  .record({
    x: fc.nat(120),
    y: fc.nat(80),
    long: fc.integer({ min: 4, max: 90 }),
    deep: fc.integer({ min: 4, max: 60 }),
  })
  .map(({ x, y, long, deep }) => ({
    id: `${x}-${y}-${long}-${deep}`,
    wordings: ['Convertible lounge 70 × 28', 'Convertible lounge', 'lounge'],
    zone: { x0: x, y0: y, x1: x + long, y1: y + deep },
  }))

describe('labels on a plan', () => {
  it('stay inside what they name and never run over each other, at any scale', () => {
    fc.assert(
      fc.property(fc.array(label, { maxLength: 12 }), fc.integer({ min: 5, max: 60 }), (labels, tenths) => {
        const scale = tenths / 10
        const shown = withoutOverlap(labels, scale)
        const boxes = shown.map((one) => letters(one, scale))
        boxes.forEach(([x0, y0, x1, y1], i) => {
          const { zone } = shown[i]!
          expect(x0).toBeGreaterThanOrEqual(zone.x0 * scale)
          expect(x1).toBeLessThanOrEqual(zone.x1 * scale)
          expect(y0).toBeGreaterThanOrEqual(zone.y0 * scale)
          expect(y1).toBeLessThanOrEqual(zone.y1 * scale)
          for (const [ox0, oy0, ox1, oy1] of boxes.slice(0, i))
            expect(x0 < ox1 - 1e-6 && ox0 < x1 - 1e-6 && y0 < oy1 - 1e-6 && oy0 < y1 - 1e-6).toBe(false)
        })
      }),
    )
  })

  it('give way in order: a berth keeps its name, what stands under it does not', () => {
    const zone = { x0: 0, y0: 0, x1: 80, y1: 30 }
    const shown = withoutOverlap(
      [
        { id: 'loft', wordings: ['Loft 48 × 84'], zone },
        { id: 'lounge', wordings: ['Facing lounge'], zone: { ...zone, y1: 32 } },
        { id: 'sofa', wordings: ['Sofa'], zone: { x0: 100, y0: 0, x1: 160, y1: 30 } },
      ],
      2,
    )
    expect(shown.map(({ id }) => id)).toEqual(['loft', 'sofa'])
  })
})
