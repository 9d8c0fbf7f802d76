import { describe, expect, it } from 'vitest'
import type { Gear } from '../household/household'
import type { Compartment } from '../plan/plan'
import { unit } from '../testing/unit'
import { stowingFacts } from './facts'
import { baysOnPlan, thingsInHolds } from './onPlan'
import { ridesInIt, stowed } from './stowed'

const bay = (id: string, given: Partial<Compartment>): Compartment => ({
  id,
  name: id,
  place: 'outside',
  size: [26, 90, 22],
  openings: [{ wall: 'door', width: 24, height: 20 }],
  at: 20,
  ...given,
})
const bikes: Gear = {
  id: 'bike',
  name: 'Bike',
  count: 2,
  weight: 30,
  rides: 'trailer',
  size: { length: 24, width: 20, height: 10 },
}
const drawn = (compartments: Compartment[], gear: Gear[] = [bikes]) => {
  const trailer = unit({ compartments })
  const { box } = trailer.plan
  const what = stowed(stowingFacts(trailer), ridesInIt({ gear }))
  return { box, bays: baysOnPlan(trailer.plan, what, thingsInHolds(what)) }
}

describe('bays as they lie in the plan', () => {
  it('as long and wide as inside, against the wall of their door, in the middle where they go through', () => {
    const through = [
      { wall: 'door' as const, width: 24, height: 20 },
      { wall: 'off-door' as const, width: 24, height: 20 },
    ]
    const { box, bays } = drawn([
      bay('through', { openings: through }),
      bay('side', { size: [40, 30, 20], at: 150 }),
      bay('other', { size: [40, 30, 20], at: 210, openings: [through[1]!] }),
    ])
    expect(bays[0]!.zone).toEqual({ x0: 7, x1: 33, y0: (box.width - 90) / 2, y1: (box.width + 90) / 2 })
    expect(bays[1]!.zone).toEqual({ x0: 130, x1: 170, y0: box.width - box.wall - 30, y1: box.width - box.wall })
    expect(bays[2]!.zone).toMatchObject({ y0: box.wall, y1: box.wall + 30 })
  })

  it('name all that rides in them, and only there', () => {
    const { bays } = drawn([bay('one', {}), bay('two', { at: 100, size: [10, 10, 10] })])
    expect(bays.map(({ things }) => things)).toEqual([[{ name: 'Bike', count: 2 }], []])
  })

  it('what rides on a rack stands in no bay', () => {
    const { bays } = drawn([bay('one', {})], [{ ...bikes, rides: 'rack' }])
    expect(bays[0]!.things).toEqual([])
  })

  it('one whose place nobody knows is not drawn anywhere', () =>
    expect(drawn([bay('lost', { at: undefined })]).bays).toEqual([]))
})
