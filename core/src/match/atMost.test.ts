import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { atMost } from '../household/growth'
import type { Household } from '../household/household'
import { bath } from '../questions/bath/bath'
import { sleep } from '../questions/sleep/sleep'
import { tow } from '../questions/tow/tow'
import { answerTo } from '../testing/answerTo'
import { COUPLE, FAMILY, HATCH, LONG } from '../testing/lot'
import { couple, household, person, readings } from '../testing/someone'
import { berth, unit } from '../testing/unit'

const child = (age: number, given: { height?: number; weight?: number; sex?: 'female' | 'male' } = {}) =>
  person({ id: `c${age}`, name: `Child ${age}`, age, height: undefined, weight: undefined, ...given })

describe('a child that nobody measured', () => {
  it('is at most as tall and heavy as the 97th centile of its age, the larger of both where the sex was not said', () => {
    // CDC growth charts, United States, 2000, at 10 years, girls: stature 151.0 cm, weight 49.4 kg; from memory of the charts,
    // to an inch and a half and eight pounds.
    expect(Math.abs(atMost({ age: 10 }, 'height')! - 59.5)).toBeLessThan(1.6)
    expect(Math.abs(atMost({ age: 10 }, 'weight')! - 108)).toBeLessThan(8)
    expect(atMost({ age: 10, sex: 'male' }, 'weight')!).toBeLessThanOrEqual(atMost({ age: 10 }, 'weight')!)
    expect(atMost({ age: 0.5 }, 'height')).toBe(atMost({ age: 2 }, 'height'))
  })
  it('the grown are asked: nobody guesses them', () => {
    expect(atMost({ age: 18 }, 'height')).toBeUndefined()
    expect(atMost({ age: 40, sex: 'male' }, 'weight')).toBeUndefined()
  })

  const bunk = (length: number) =>
    unit({ berths: [berth('bunk', 34, length, { shape: { rect: [2, 2, 34, length] }, head: 'off-door', limit: 300 })] })
  it('sleeps where the tallest of its age would lie well, and it is said that it was taken so', () => {
    const answer = answerTo(sleep, bunk(76), household([child(10)]))
    expect(answer).toMatchObject({ verdict: 'fits', missing: [] })
    expect(answer.words).toContain('with at least')
    expect(answer.words).toContain('taken as tall as the tallest of that age (CDC growth charts, 97th centile)')
  })
  it('is asked for where that decides: a bunk that is short for the tallest of its age', () =>
    expect(answerTo(sleep, bunk(60), household([child(10)]))).toMatchObject({
      verdict: 'measure',
      missing: ['household.people.c10.height'],
    }))
  it('and its weight where the limit of a bunk hangs on it', () => {
    const weak = (limit: number) =>
      answerTo(
        sleep,
        unit({ berths: [berth('bunk', 34, 76, { shape: { rect: [2, 2, 34, 76] }, head: 'off-door', limit })] }),
        household([child(10, { height: 55 })]),
      )
    expect(weak(150).missing).toEqual([])
    expect(weak(90)).toMatchObject({ verdict: 'measure', missing: ['household.people.c10.weight'] })
  })

  const pulls = (payload: number, of: Household['people']) =>
    answerTo(
      tow,
      unit(),
      household(of, {
        vehicle: {
          name: 'Van',
          readings: readings({ towRating: 9000, payload, gcwr: 15000, curbWeight: 5200, hitchTongue: 1000, seats: 7 }),
        },
      }),
    )
  const family = [...couple(), child(12), child(9)]
  it('rides at the heaviest of its age: enough payload for that is enough, and said so', () => {
    const enough = pulls(2400, family)
    expect(enough.verdict).toBe('fits')
    expect(enough.words).toContain('count up to the heaviest of their ages')
  })
  it('too little without any of them is too little; between the two their weights are asked', () => {
    expect(pulls(700, family).verdict).toBe('no')
    expect(pulls(1050, family)).toMatchObject({
      verdict: 'measure',
      missing: expect.arrayContaining(['household.people.c12.weight', 'household.people.c9.weight']),
    })
  })

  it('whatever is answered without measuring them holds when they are measured: no false fits, no false no', () => {
    const trailers = [FAMILY, HATCH, COUPLE, LONG]
    const size = (age: number) => ({
      height: fc.integer({ min: Math.round(atMost({ age }, 'height')! * 0.8), max: atMost({ age }, 'height')! }),
      weight: fc.integer({ min: Math.round(atMost({ age }, 'weight')! * 0.4), max: atMost({ age }, 'weight')! }),
    })
    const family = fc
      .array(fc.integer({ min: 2, max: 17 }), { minLength: 1, maxLength: 3 })
      .chain((ages) => fc.tuple(...[...new Set(ages)].map((age) => fc.record({ age: fc.constant(age), ...size(age) }))))
    fc.assert(
      fc.property(
        fc.constantFrom(...trailers),
        family,
        fc.integer({ min: 600, max: 2200 }),
        fc.constantFrom(sleep, bath, tow),
        (trailer, children, payload, question) => {
          const vehicle = {
            name: 'Van',
            readings: readings({
              towRating: 9000,
              payload,
              gcwr: 15000,
              curbWeight: 5200,
              hitchTongue: 1000,
              seats: 7,
            }),
          }
          const of = (people: Household['people']) =>
            answerTo(question, trailer, household([...couple(), ...people], { vehicle })).verdict
          const said = of(children.map(({ age }) => child(age)))
          const is = of(children.map(({ age, height, weight }) => child(age, { height, weight })))
          if (said === 'fits') expect(is).toBe('fits')
          if (said === 'no') expect(is).toBe('no')
          if (said === 'tight') expect(['fits', 'tight']).toContain(is)
        },
      ),
      { numRuns: 150 },
    )
  })
})
