import { describe, expect, it } from 'vitest'
import { facesOf, fromBehind, projected } from './turnedBoxes'

const box = (x: number, y: number, z: number) => ({ at: [x, y, z] as const, size: [10, 10, 10] as const })

describe('boxes in space', () => {
  it('what is higher is drawn higher, what is nearer lower', () => {
    expect(projected([0, 0, 10], 0)[1]).toBeLessThan(projected([0, 0, 0], 0)[1])
    expect(projected([0, 10, 0], 0)[1]).toBeGreaterThan(projected([0, 0, 0], 0)[1])
  })

  it('turned by a half, front and rear change places', () => {
    expect(projected([10, 0, 0], 0)[0]).toBeCloseTo(10)
    expect(projected([10, 0, 0], 180)[0]).toBeCloseTo(-10)
  })

  it('the near one is drawn after the far one, from whichever side one looks', () => {
    const row = [box(0, 0, 0), box(0, 10, 0), box(0, 20, 0)]
    expect(fromBehind(row, 20)).toEqual([0, 1, 2])
    expect(fromBehind(row, 200)).toEqual([2, 1, 0])
  })

  it('what stands on another is drawn after it', () =>
    expect(fromBehind([box(0, 0, 10), box(0, 0, 0)], 30)).toEqual([1, 0]))

  it('of a box one sees the top and the two sides that face the viewer', () => {
    const [top, x, y] = facesOf(box(0, 0, 0), 30)
    expect([top!.side, x!.side, y!.side]).toEqual(['top', 'x', 'y'])
    expect(x!.points).toContainEqual(projected([10, 0, 0], 30))
    expect(facesOf(box(0, 0, 0), 210)[1]!.points).toContainEqual(projected([0, 0, 0], 210))
  })
})
