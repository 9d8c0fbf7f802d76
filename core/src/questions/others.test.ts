import { describe, expect, it } from 'vitest'
import type { Household } from '../household/household'
import { phraseText } from '../quantity/phrase'
import { DEFAULT_HOUSE_RULES } from '../rules/houseRules'
import { household, person, vehicle } from '../testing/someone'
import { fixture, unit } from '../testing/unit'
import type { Trailer } from '../trailer/trailer'
import { bath } from './bath/bath'
import { galley } from './galley/galley'
import { marginText } from './margin'
import { park } from './park/park'
import { price } from './price/price'
import { answerOf, type Question } from './question'

const judge = <F, N>(question: Question<F, N>, trailer: Trailer, of: Household) =>
  question.judge(question.facts(trailer), question.need(of, DEFAULT_HOUSE_RULES)!)
const firstWords = (answer: ReturnType<typeof judge>) => phraseText(answer.because[0]!.says)
const people = (count: number, height = 68) => household(Array.from({ length: count }, () => person({ height })))

describe('bath', () => {
  const bathWith = (headroom?: number, ...more: Trailer['plan']['fixtures']) =>
    unit({
      fixtures: [
        fixture('toilet', [10, 10, 19, 22]),
        fixture('shower', [40, 10, 36, 30], headroom === undefined ? {} : { headroom }),
        ...more,
      ],
    })

  it('5 ft 8 in with 7 in to spare under the skylight: so 6 ft fits and 6 ft 4 in does not (common practice)', () => {
    const shower = bathWith(75)
    expect(judge(bath, shower, people(1, 68))).toMatchObject({ verdict: 'fits', margin: { value: 7 } })
    expect(judge(bath, shower, people(1, 72)).verdict).toBe('fits')
    expect(judge(bath, shower, people(1, 74)).verdict).toBe('tight')
    expect(judge(bath, shower, people(1, 76)).verdict).toBe('no')
  })

  it('headroom nobody measured is a measure, with the tape’s place named', () => {
    const answer = judge(bath, bathWith(), people(1))
    expect(answer).toMatchObject({ verdict: 'measure', missing: ['plan.fixtures.shower.headroom'] })
  })

  it('a height nobody asked does not make it fit', () =>
    expect(judge(bath, bathWith(80), household([person({ height: 70 }), person({ height: undefined })])).verdict).toBe(
      'measure',
    ))

  it('elbows out between walls 28 in apart; on 18 in they touch, whatever the plan says', () => {
    const seat = (room?: number) =>
      unit({
        fixtures: [
          fixture('toilet', [10, 10, 19, 22], room === undefined ? {} : { room }, { faces: 'door' }),
          fixture('shower', [40, 40, 36, 30], { headroom: 80 }),
          fixture('vanity', [120, 2, 26, 16], {}, { faces: 'door' }),
        ],
      })
    expect(judge(bath, seat(28), people(1)).verdict).toBe('fits')
    const narrow = judge(bath, seat(18), people(1))
    expect(narrow).toMatchObject({ verdict: 'tight', margin: { value: -2, unit: 'in' } })
    expect(firstWords(narrow)).toBe('At the toilet it is 18 in from wall to wall: the elbows touch.')
  })

  it('36 by 30 in is roomy to turn in, 24 by 24 too small (common practice)', () => {
    const stall = (x: number, y: number) =>
      judge(
        bath,
        unit({
          fixtures: [
            fixture('toilet', [10, 10, 19, 22], { room: 30 }, { faces: 'door' }),
            fixture('shower', [60, 60, x, y], { headroom: 80 }),
          ],
        }),
        people(1),
      )
    expect(
      stall(36, 30)
        .because.map(({ says }) => phraseText(says))
        .join(' '),
    ).toContain('In the shower one turns in a circle of 30 in: roomy.')
    expect(firstWords(stall(24, 24))).toContain('too small, and a curtain clings')
  })

  it('a bath sink with the shower a foot before it is tight to stand at', () => {
    const bathroom = unit({
      fixtures: [
        fixture('toilet', [200, 10, 19, 22], { room: 30 }, { faces: 'door' }),
        fixture('vanity', [10, 2, 26, 16], {}, { faces: 'door' }),
        fixture('shower', [10, 30, 36, 30], { headroom: 80 }),
      ],
    })
    expect(firstWords(judge(bath, bathroom, people(1)))).toBe('In front of the bath sink 12 in are free to stand.')
  })

  it('no toilet is no, no shower is tight', () => {
    expect(
      judge(bath, unit({ fixtures: [fixture('shower', [40, 10, 36, 30], { headroom: 80 })] }), people(1)).verdict,
    ).toBe('no')
    expect(judge(bath, unit({ fixtures: [fixture('toilet', [10, 10, 19, 22])] }), people(1))).toMatchObject({
      verdict: 'tight',
      brief: 'no shower inside',
    })
  })

  it('five share one bath with a queue, two baths without', () => {
    expect(judge(bath, bathWith(80), people(5))).toMatchObject({ verdict: 'tight', brief: 'one bath for 5' })
    expect(judge(bath, bathWith(80, fixture('toilet', [100, 10, 19, 22], {}, { id: 'half' })), people(5)).verdict).toBe(
      'fits',
    )
  })

  it('a tub as a must, as a wish, and as something to avoid', () => {
    const wish = (tub: 'must' | 'want' | 'avoid') => household([person()], { stances: { tub } })
    const tub = unit({
      fixtures: [fixture('toilet', [10, 10, 19, 22]), fixture('tub', [40, 10, 36, 30], { headroom: 80 })],
    })
    expect(judge(bath, bathWith(80), wish('must'))).toMatchObject({ verdict: 'no', brief: 'no tub' })
    expect(judge(bath, bathWith(80), wish('want')).verdict).toBe('tight')
    expect(judge(bath, tub, wish('avoid'))).toMatchObject({ verdict: 'tight', brief: 'has a tub' })
    expect(judge(bath, tub, wish('must')).verdict).toBe('fits')
  })
})

describe('galley', () => {
  const kitchen = (burners: number, fridge: number | undefined, counterLength = 60) =>
    unit({
      fixtures: [
        fixture('cooktop', [200, 70, 20, 18], { burners, cover: true }),
        fixture('fridge', [150, 66, 28, 28], fridge === undefined ? {} : { capacity: fridge }),
        fixture('counter', [60, 70, counterLength, 24]),
        fixture('sink', [224, 4, 14, 14]),
      ],
    })
  it('two burners do for three, four would like three', () => {
    expect(judge(galley, kitchen(2, 10), people(3)).verdict).toBe('fits')
    expect(judge(galley, kitchen(2, 10), people(4))).toMatchObject({ verdict: 'tight' })
    expect(judge(galley, kitchen(3, 10), people(4)).verdict).toBe('fits')
  })

  it('a refrigerator short of the days between shops is tight, by how much is said', () => {
    // 6 people, 4 days, 0.4 cu ft each: 9.6 cu ft (house rule).
    const answer = judge(galley, kitchen(3, 8), people(6))
    expect(answer.verdict).toBe('tight')
    expect(answer.margin!.value).toBeCloseTo(-1.6, 6)
    expect(phraseText(marginText(answer))).toBe('1.6 cu ft short')
  })

  it('longer trips than four days do not ask for more: they shop', () => {
    const trip = (nights: number) =>
      household([person(), person()], { trip: { nights, hookups: 'full', season: 'summer' } })
    expect(judge(galley, kitchen(2, 6), trip(4)).margin).toEqual(judge(galley, kitchen(2, 6), trip(30)).margin)
  })

  it('a plate nobody read is a measure', () =>
    expect(judge(galley, kitchen(2, undefined), people(2))).toMatchObject({
      verdict: 'measure',
      missing: ['plan.fixtures.fridge.capacity'],
    }))
  it('a short counter is tight', () => expect(judge(galley, kitchen(2, 10, 12), people(2)).verdict).toBe('tight'))
  it('an oven avoided is no fault when there is none', () =>
    expect(judge(galley, kitchen(2, 10), household([person()], { stances: { oven: 'avoid' } })).verdict).toBe('fits'))
})

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

  it('no limit, no question', () => expect(park.need(limits({}), DEFAULT_HOUSE_RULES)).toBeNull())
  it('defers to the park', () =>
    expect(judge(park, of(300), limits({ trailerLength: 400 })).cautions).toEqual(['parks']))
})

describe('price', () => {
  const budget = (most: number) => household([person()], { limits: { budget: most } })
  it.each([
    [30000, 'fits', '$9,000 to spare'],
    [21400, 'tight', '$400 to spare'],
    [20000, 'no', '$1,000 over'],
  ])('$21,000 on a budget of %d: %s', (most, verdict, words) => {
    const answer = judge(price, unit(), budget(most))
    expect(answer.verdict).toBe(verdict)
    expect(phraseText(marginText(answer))).toBe(words)
  })

  it('no price yet is not free', () => {
    const unpriced = unit()
    delete unpriced.readings.askingPrice
    expect(judge(price, unpriced, budget(30000)).verdict).toBe('measure')
  })
})

describe('an answer adds up its reasons', () => {
  it('the worst verdict decides, with the margin of the point that decides', () => {
    const answer = answerOf([
      { verdict: 'fits', says: ['a'], margin: { value: -9, unit: 'in', plenty: 10 } },
      { verdict: 'no', says: ['b'], margin: { value: -2, unit: 'in', plenty: 10 } },
      { verdict: 'no', says: ['c'], margin: { value: -60, unit: 'lb', plenty: 100 } },
      { verdict: 'measure', says: ['d'], missing: ['x', 'x'] },
    ])
    expect(answer).toMatchObject({ verdict: 'no', margin: { value: -60 }, missing: ['x'] })
    expect(answer.because.map(({ says }) => says[0])).toEqual(['c', 'b', 'd', 'a'])
  })

  it('nothing to say is a fit', () => expect(answerOf([])).toMatchObject({ verdict: 'fits', because: [] }))
  it('no shower is said before the queue', () =>
    expect(firstWords(judge(bath, unit({ fixtures: [fixture('toilet', [10, 10, 19, 22])] }), people(6)))).toBe(
      'There is no shower inside.',
    ))
  it('one missing reading is said in words', () =>
    expect(phraseText(marginText({ verdict: 'measure', missing: ['x'] }))).toBe('1 reading missing'))
})
