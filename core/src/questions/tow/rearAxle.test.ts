import { defaultsOf } from '../../rule/rule'
import { describe, expect, it } from 'vitest'
import { answerTo } from '../../testing/answerTo'
import { household, person, vehicle } from '../../testing/someone'
import { unit } from '../../testing/unit'
import { onRearAxle } from './rearAxle'
import { REAR_AXLE_RULES } from './rearAxleRules'
import { tow } from './tow'

const load = {
  people: { known: 400, unknown: [], atMost: 0, children: [] },
  pets: { known: 0, unknown: [] },
  gearInVehicle: 100,
  hitch: 80,
}

describe('the rear axle of the vehicle', () => {
  it('bears the tongue with its lever, by hand: 500 lb and the hitch 65 in behind it on 130 in of wheelbase are 870', () => {
    const { least, most } = onRearAxle(5_000, 130, load, { least: 500, most: 500 }, defaultsOf(REAR_AXLE_RULES))
    // 5,000 x 0.5 + 400 x 0.65 + 100 x 1.15 + 580 x (1 + 65 / 130)
    expect(most).toBeCloseTo(2_500 + 260 + 115 + 870, 6)
    // 5,000 x 0.38 + 400 x 0.4 + 100 x 0.8 + 580 x (1 + 40 / 130 - 0.3)
    expect(least).toBeCloseTo(1_900 + 160 + 80 + 580 * (1 + 40 / 130 - 0.3), 6)
  })

  it('a wheelbase that nobody measured leaves a wider span on both sides', () => {
    const span = (wheelbase?: number) =>
      onRearAxle(5_000, wheelbase, load, { least: 500, most: 500 }, defaultsOf(REAR_AXLE_RULES))
    for (const wheelbase of [100, 130, 170]) {
      expect(span().most).toBeGreaterThanOrEqual(span(wheelbase).most)
      expect(span().least).toBeLessThanOrEqual(span(wheelbase).least)
    }
  })

  it('over at the least is no, over at the most a scale decides; where nobody read its label nothing is said', () => {
    const ratings = { towRating: 9000, payload: 1700, gcwr: 15500, curbWeight: 5400, hitchTongue: 1000 }
    const pulls = (more: Record<string, number>) =>
      answerTo(tow, unit(), household([person({ weight: 180 })], { vehicle: vehicle({ ...ratings, ...more }) }))
    const said = (gawrRear: number) =>
      pulls({ gawrRear }).because.find(({ rests }) => rests?.includes('household.vehicle.gawrRear'))!.verdict
    expect([said(2_400), said(3_200), said(4_200)]).toEqual(['no', 'tight', 'fits'])
    expect(pulls({}).words).not.toContain('rear axle')
    const unweighed = household([person({ weight: undefined })], { vehicle: vehicle({ ...ratings, gawrRear: 4_200 }) })
    expect(
      answerTo(tow, unit(), unweighed).because.find(({ says }) => JSON.stringify(says).includes('rear axle'))!.verdict,
    ).toBe('measure')
  })
})
