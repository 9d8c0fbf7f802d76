import { describe, expect, it } from 'vitest'
import { emptyPlan } from '../testing/unit'
import { planSchema } from '../plan/planSchema'
import { alteredBay, withBay, withoutBay } from './bay'
import { without } from './item'
import { mirrored } from './mirror'

describe('bays are drawn', () => {
  const { plan, id } = withBay(emptyPlan())

  it('first as a pass-through from side to side, with ids that nothing else has', () => {
    expect(plan.compartments).toMatchObject([{ id: 'pass-through', name: 'Pass-through', size: [26, 90, 22], at: 19 }])
    expect(withBay(withBay(plan).plan).plan.compartments.map((one) => one.id)).toEqual(['pass-through', 'bay', 'bay-2'])
    expect(planSchema.isValidSync(plan)).toBe(true)
  })

  it('altered and taken away', () => {
    expect(alteredBay(plan, id, { place: 'inside' }).compartments[0]).toMatchObject({
      place: 'inside',
      size: [26, 90, 22],
    })
    expect(withoutBay(plan, id).compartments).toEqual([])
  })

  it('what took its room and is taken away takes it no more', () => {
    const slid = {
      ...alteredBay(plan, id, { shares: ['s'] }),
      slides: [{ id: 's', wall: 'off-door' as const, start: 20, length: 60, depth: 30 }],
    }
    expect(without(slid, ['s']).compartments[0]!.shares).toEqual([])
  })

  it('turned front to rear they lie at the rear', () => {
    expect(mirrored(plan, 'front to rear').compartments[0]!.at).toBe(240 - 19)
    expect(mirrored(plan, 'side to side').compartments[0]!.at).toBe(19)
  })
})
