import { defaultsOf } from '../rule/rule'
import { describe, expect, it } from 'vitest'
import type { Gear } from '../household/household'
import { equipment, standardEquipment, unit } from '../testing/unit'
import { loadingFacts } from './facts'
import { racksOnPlan } from './onPlan'
import { racked } from './racks'
import { LOADING_RULES } from './rules'

const bikes: Gear = { id: 'bikes', name: 'Bike', count: 3, weight: 40, rides: 'rack' }
const kayak: Gear = {
  id: 'kayak',
  name: 'Kayak',
  count: 1,
  weight: 48,
  rides: 'rack',
  size: { length: 120, width: 29, height: 14 },
}

/** A 20 ft box, 96 in wide, its bumper 8 in behind; the receiver carries 200 lb. */
function drawn(racks: Record<string, string | number>[], gear: Gear[]) {
  const its = racks.map((reads, i) => ({ ...equipment('rack', reads), id: `rack-${i}` }))
  const trailer = unit({}, {}, [...standardEquipment(), ...its])
  const facts = { ...loadingFacts(trailer), ...(racks.length === 0 && { racks: [] }) }
  const on = racked(facts, 200, gear, 45, defaultsOf(LOADING_RULES)).racks
  return { box: trailer.plan.box, drawn: racksOnPlan(trailer.plan, on, defaultsOf(LOADING_RULES)) }
}

describe('racks where they stand on the plan', () => {
  it('their own stands behind the bumper, clear of it, and is named with what rides on it', () => {
    const { box, drawn: all } = drawn([], [bikes])
    expect(all).toMatchObject([{ name: 'Rear rack', things: [{ name: 'Bike', count: 3 }] }])
    expect(all[0]!.zone.x0).toBeGreaterThanOrEqual(box.length + box.bumper)
    expect(all[0]!.zone.y0 + all[0]!.zone.y1).toBe(box.width)
  })

  it('three bikes on a rack that carries two of them: two there, one on the other, none twice', () => {
    const { drawn: all } = drawn(
      [
        { place: 'tongue', carries: 85 },
        { place: 'folding, rear', carries: 45 },
      ],
      [bikes],
    )
    expect(all.map(({ things }) => things[0]!.count)).toEqual([2, 1])
    expect(all[0]!.zone.x1).toBeLessThanOrEqual(0)
  })

  it('a kayak lies along the roof; where nobody read where a rack stands, nothing is drawn', () => {
    const { box, drawn: roof } = drawn([{ place: 'roof', carries: 150, at: 120 }], [kayak])
    const { x0, x1, y0, y1 } = roof[0]!.zone
    expect([x1 - x0 > y1 - y0, x0 > 0, x1 < box.length]).toEqual([true, true, true])
    expect(drawn([{ carries: 200 }], [bikes]).drawn).toEqual([])
  })
})
