import type { Plan } from '../plan/plan'
import { describe, expect, it } from 'vitest'
import { emptyPlan } from '../testing/unit'
import { itemsOf, withBounds, type Item } from './item'

const item = (plan: Parameters<typeof itemsOf>[0], id: string): Item => itemsOf(plan).find((one) => one.id === id)!

describe('a wall with a door at its end', () => {
  const walls: Plan['walls'] = [
    { id: 'a', from: [100, 2], to: [100, 30], thickness: 2 },
    { id: 'b', from: [100, 56], to: [100, 94], thickness: 2 },
  ]
  const door: Plan['doors'][number] = {
    id: 'd',
    kind: 'swing',
    from: [100, 30],
    to: [100, 56],
    hinge: 'from',
    opens: 'rear',
  }
  const plan = emptyPlan({ walls, doors: [...emptyPlan().doors, door] })
  const put = (to: { x0: number; x1: number; y0: number; y1: number }) =>
    withBounds(plan, item(plan, 'a'), to).doors.find(({ id }) => id === 'd')!
  it('takes it along crosswise, and the jamb at that end lengthwise', () => {
    expect(put({ x0: 110, x1: 110, y0: 2, y1: 30 })).toEqual({ ...door, from: [110, 30], to: [110, 56] })
    expect(put({ x0: 100, x1: 100, y0: 2, y1: 26 })).toEqual({ ...door, from: [100, 26], to: [100, 56] })
    expect(put({ x0: 100, x1: 100, y0: -4, y1: 30 })).toEqual(door)
  })
})
