import { expect, it } from 'vitest'
import { DEFAULT_HOUSE_RULES as RULES } from '../../rules/houseRules'
import { berth, emptyPlan, fixture } from '../../testing/unit'
import { bedSides } from './bedSides'
import type { Plan } from '../plan'
import { floorOf } from './reach'

const queen = (y: number) =>
  berth('bed', 60, 80, { id: 'queen', shape: { rect: [4, y, 80, 60] }, access: ['door', 'off-door', 'rear'] })
const sides = (plan: Partial<Plan>) => bedSides(floorOf(emptyPlan(plan), 'night'), RULES.ways).get('queen')

it('a queen in the middle is open on both sides and at its foot', () =>
  expect(sides({ berths: [queen(18)] })).toEqual(['door', 'off-door', 'rear']))

it('with 8 in to the wall nobody lies down from there', () =>
  expect(sides({ berths: [queen(10)] })).toEqual(['door', 'rear']))

it('a nightstand leaves enough of the side, a wardrobe along it does not', () => {
  const beside = (long: number) => fixture('cabinet', [4, 2, long, 15], {}, { faces: 'rear' })
  expect(sides({ berths: [queen(18)], fixtures: [beside(16)] })).toContain('off-door')
  expect(sides({ berths: [queen(18)], fixtures: [beside(70)] })).not.toContain('off-door')
})

it('floor that one gets to only over the bed opens no side', () => {
  // Walls close the floor beside the bed at its head and its foot.
  const walls: Plan['walls'] = [{ id: 'w', from: [85, 2], to: [85, 30], thickness: 2 }]
  expect(sides({ berths: [queen(18)], walls })).toEqual(['door', 'rear'])
})
