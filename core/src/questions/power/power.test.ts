import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Trip } from '../../household/household'
import { factsOn } from '../../match/factSheet'
import { judgeFor } from '../../match/judge'
import { DEFAULT_HOUSE_RULES as RULES } from '../../rules/houseRules'
import { answerTo } from '../../testing/answerTo'
import { household, person } from '../../testing/someone'
import { equipment, fixture, unit } from '../../testing/unit'
import type { Trailer } from '../../trailer/trailer'
import { SUPPLIES, sumOn, sumOnInverter, WATTS, type Load } from './loads'
import { power } from './power'

function trailer(shorePower: string | undefined, acs: number[] = [13500], fuel = 'gas and electric'): Trailer {
  const read = inlet(shorePower, acs, fuel)
  const { shorePower: _shore, ...readings } = read.readings
  return shorePower ? read : { ...read, readings }
}
const inlet = (shorePower: string | undefined, acs: number[], fuel: string): Trailer => ({
  ...unit({ fixtures: [fixture('microwave', [10, 2, 20, 16])] }, { shorePower: shorePower ?? '30 A' }, [
    ...acs.map((cooling, i) => ({ ...equipment('air-conditioner', { cooling }), id: `ac-${i + 1}` })),
    equipment('water-heater', { fuel, capacity: 6, recovery: 17.8 }),
  ]),
  ...(acs.length === 0 && { absent: [{ kind: 'air-conditioner' as const, source: 'measured' as const }] }),
})
const of = (trip: Partial<Trip> = {}) =>
  household([person()], { trip: { nights: 3, hookups: 'full', season: 'summer', ...trip } })
const load = (watts: number): Load => ({ id: String(watts), name: 'x', watts, lasting: true })

describe('what can run at once', () => {
  it('is not asked where there is no power', () =>
    expect('power' in judgeFor(of({ hookups: 'none' }), RULES)(factsOn(trailer('30 A'), RULES))).toBe(false))

  it('one AC and the water heater’s element nearly fill 30 A: a hair dryer waits', () => {
    const answer = answerTo(power, trailer('30 A'), of())
    expect(answer.verdict).toBe('tight')
    expect(answer.words).toBe(
      'On 30 A, the AC, the water heater’s element and the converter draw 3,290 W of 3,600 W: ' +
        'a microwave or a hair dryer waits until one of them is off.',
    )
    expect(answer.cautions).toContain('breaker')
  })

  it('two ACs need 50 A (common practice)', () => {
    expect(answerTo(power, trailer('30 A', [15000, 13500]), of()).words).toContain('not all of them run at once')
    expect(answerTo(power, trailer('50 A', [15000, 13500]), of()).verdict).toBe('fits')
  })

  it('where it is cool no AC runs; on gas the water heater draws nothing', () => {
    expect(answerTo(power, trailer('30 A'), of({ place: 'coast' })).verdict).toBe('fits')
    expect(answerTo(power, trailer('30 A', [13500], 'gas'), of()).verdict).toBe('fits')
  })

  it('an inlet that nobody read is to be measured only where 30 A would not do', () => {
    expect(answerTo(power, trailer(undefined), of())).toMatchObject({
      verdict: 'measure',
      missing: ['readings.shorePower'],
    })
    expect(answerTo(power, trailer(undefined, []), of()).verdict).toBe('fits')
  })

  it('an AC that nobody read is to be measured in the heat', () => {
    const unread = trailer('30 A')
    unread.equipment = unread.equipment.filter(({ kind }) => kind !== 'air-conditioner')
    expect(answerTo(power, unread, of())).toMatchObject({
      verdict: 'measure',
      missing: ['equipment.air-conditioner.cooling'],
    })
  })
})

describe('the sum', () => {
  it('30 A at 120 V are 3,600 VA, 50 A on two legs 12,000 (NEC article 551, from memory)', () => {
    expect(SUPPLIES['30 A'].va).toBe(30 * 120)
    expect(SUPPLIES['50 A'].va).toBe(50 * 120 * 2)
  })

  it('an AC of 13,500 BTU/h draws about 1,590 W, at 8 to 9 BTU a watt-hour (common practice)', () => {
    expect(WATTS.ac(13_500)).toBeGreaterThan(13_500 / 9)
    expect(WATTS.ac(13_500)).toBeLessThan(13_500 / 8)
  })

  it('one leg trips alone: three heaters of 2,500 W on 50 A put two on one leg', () => {
    expect(sumOn('50 A', [load(2500), load(2500), load(2500)])).toEqual({
      watts: 7500,
      leg: 5000,
      limit: 6000,
      spare: 1000,
    })
    expect(sumOn('house', [load(1500), load(900)]).spare).toBe(-600)
    expect(sumOnInverter(2000, [load(1500), load(300)]).spare).toBe(200)
  })

  it('nothing added ever leaves more', () =>
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 50, max: 2500 }), { maxLength: 8 }),
        fc.integer({ min: 1, max: 2500 }),
        fc.constantFrom('30 A' as const, '50 A' as const, 'house' as const),
        (watts, more, supply) => {
          const [before, after] = [watts.map(load), [...watts, more].map(load)]
          expect(sumOn(supply, after).watts).toBe(sumOn(supply, before).watts + more)
          expect(sumOn(supply, after).leg).toBeGreaterThanOrEqual(sumOn(supply, after).watts / SUPPLIES[supply].legs)
          expect(sumOn(supply, after).leg).toBeLessThanOrEqual(sumOn(supply, after).watts)
        },
      ),
    ))
})
