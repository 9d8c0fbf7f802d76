import { describe, expect, it } from 'vitest'
import { berth, fixture, unit } from '../testing/unit'
import { readingName } from './readingName'

describe('a reading by name', () => {
  const trailer = unit({
    berths: [berth('upper-bunk', 28, 74, { id: 'top', name: 'Upper bunk' })],
    fixtures: [fixture('shower', [10, 10, 30, 30])],
  })
  it.each([
    ['readings.hitchWeight', 'Hitch weight, empty'],
    ['plan.berths.top.weightLimit', 'Upper bunk: weight limit'],
    ['plan.fixtures.shower.headroom', 'Shower: shower headroom'],
    ['equipment.fresh-tank.capacity', 'Fresh tank: capacity'],
    ['equipment.lp-cylinder.size', 'LP cylinders: propane in each, full'],
    ['plan.berths.nowhere.length', 'plan.berths.nowhere.length'],
  ])('%s', (key, name) => expect(readingName(trailer, key)).toBe(name))
})
