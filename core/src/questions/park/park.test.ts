import { describe, expect, it } from 'vitest'
import type { Household } from '../../household/household'
import { DEFAULT_HOUSE_RULES } from '../../rules/houseRules'
import { answerTo } from '../../testing/answerTo'
import { household, person, vehicle } from '../../testing/someone'
import { unit } from '../../testing/unit'
import { park } from './park'

const judge = answerTo

describe('park: length against the site', () => {
  const limits = (given: Household['limits'], length?: number) =>
    household([person()], { limits: given, vehicle: vehicle(length === undefined ? {} : { length }) })
  const of = (length: number) => unit({}, { overallLength: length })
  it.each([
    [300, 'fits', 12],
    [306, 'tight', 6],
    [312, 'tight', 0],
    [316, 'no', -4],
  ])('%d in of trailer on 26 ft: %s', (length, verdict, margin) =>
    expect(judge(park, of(length), limits({ trailerLength: 312 }))).toMatchObject({
      verdict,
      margin: { value: margin },
    }),
  )

  it('the whole rig counts the tow vehicle', () => {
    expect(judge(park, of(300), limits({ rigLength: 530 }, 232)).verdict).toBe('no')
    expect(judge(park, of(300), limits({ rigLength: 600 }, 232)).verdict).toBe('fits')
    expect(judge(park, of(300), limits({ rigLength: 600 }))).toMatchObject({
      verdict: 'measure',
      missing: ['household.vehicle.length'],
    })
  })

  it('no limit, no question', () =>
    expect(park.need(limits({}), DEFAULT_HOUSE_RULES.park, DEFAULT_HOUSE_RULES)).toBeNull())
  it('defers to the park', () =>
    expect(judge(park, of(300), limits({ trailerLength: 400 })).cautions).toEqual(['parks']))
})
