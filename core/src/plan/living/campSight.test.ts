import { describe, expect, it } from 'vitest'
import { emptyPlan, fixture } from '../../testing/unit'
import { campSight } from './campSight'
import type { OutsideItem, Plan } from '../plan'

const sink = (y: number, faces: 'door' | 'off-door') => [
  fixture('counter', [60, y, 60, 24], {}, { faces }),
  fixture('sink', [80, y + 3, 20, 16]),
]
const window = (wall: 'door' | 'off-door', from = 70): Plan['windows'][number] => {
  const y = wall === 'door' ? 96 : 0
  return { id: `window-${wall}`, kind: 'opening', from: [from, y], to: [from + 30, y] }
}
const outside = (kind: OutsideItem['kind'], wall: OutsideItem['wall']): OutsideItem => ({
  id: kind,
  kind,
  wall,
  start: 60,
  length: 40,
})

describe('who cooks and the children outside', () => {
  it('a window on the camp side, over the counter or across the room, is looked through', () => {
    expect(campSight(emptyPlan({ fixtures: sink(70, 'off-door'), windows: [window('door')] })).kitchen).toBe(
      'window-door',
    )
    expect(campSight(emptyPlan({ fixtures: sink(2, 'door'), windows: [window('door')] })).kitchen).toBe('window-door')
  })
  it('one on the other side shows the hookups', () =>
    expect(campSight(emptyPlan({ fixtures: sink(2, 'door'), windows: [window('off-door')] })).kitchen).toBe(false))
  it('a wardrobe before it, or a wall on the way, is in the way; a sofa is looked over', () => {
    const seen = (more: Partial<Plan>) =>
      campSight(
        emptyPlan({ windows: [window('door')], ...more, fixtures: [...sink(2, 'door'), ...(more.fixtures ?? [])] }),
      ).kitchen
    expect(seen({ fixtures: [fixture('wardrobe', [40, 70, 100, 20])] })).toBe(false)
    expect(seen({ fixtures: [fixture('futon', [40, 58, 100, 34])] })).toBe('window-door')
    expect(seen({ walls: [{ id: 'w', from: [30, 60], to: [150, 60], thickness: 2 }] })).toBe(false)
  })
  it('the outside kitchen is good for it on the side where the awning is', () => {
    const kitchen = (wall: OutsideItem['wall'], awning: OutsideItem['wall']) =>
      campSight(emptyPlan({ outside: [outside('outside-kitchen', wall), outside('awning', awning)] })).outside
    expect(kitchen('door', 'door')).toBe(true)
    expect(kitchen('rear', 'door')).toBe(false)
    expect(kitchen('rear', 'rear')).toBe(true)
  })
  it('nothing is said while no window, or no kitchen, is drawn', () => {
    expect(campSight(emptyPlan({ fixtures: sink(2, 'door') }))).toEqual({ side: 'door' })
    expect(campSight(emptyPlan({ windows: [window('door')] }))).toEqual({ side: 'door' })
  })
})
