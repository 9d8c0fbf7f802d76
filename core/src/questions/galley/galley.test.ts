import { describe, expect, it } from 'vitest'
import { phraseText } from '../../quantity/phrase'
import { answerTo } from '../../testing/answerTo'
import { household, person } from '../../testing/someone'
import { fixture, unit } from '../../testing/unit'
import { galley } from './galley'
import { marginText } from '../margin'
import type { Household } from '../../household/household'
import type { Plan } from '../../plan/plan'
import type { QuestionId } from '../index'

const judge = answerTo
const people = (count: number, height = 68) => household(Array.from({ length: count }, () => person({ height })))
const judged = (question: { id: QuestionId }, plan: Partial<Plan>, of: Household, figures = {}) =>
  answerTo(question, unit(plan, figures), of)

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

  it('a refrigerator short of the days between shops is tight, and not said to be short', () => {
    // 6 people, 4 days, 0.4 cu ft each: 9.6 cu ft (house rule).
    const answer = judge(galley, kitchen(3, 8), people(6))
    expect(answer.verdict).toBe('tight')
    expect(answer.margin!.value).toBeCloseTo(-1.6, 6)
    expect(phraseText(marginText(answer))).toBe('a small refrigerator')
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

describe('kitchen', () => {
  const people = (count: number) => household(Array.from({ length: count }, () => person()))
  const base = [
    fixture('counter', [60, 2, 90, 24]),
    fixture('cooktop', [62, 4, 20, 18], { burners: 3, cover: true }),
    fixture('fridge', [160, 66, 28, 28], { capacity: 16 }),
  ]
  const sink = (long: number, short: number, bowls: number) =>
    fixture('sink', [100, 4, long, short], { bowls, cover: true, depth: 8 })

  it('a single bowl takes the 12 in pot of five, two small ones do not', () => {
    expect(judged(galley, { fixtures: [...base, sink(24, 16, 1)] }, people(5)).words).toContain(
      'The sink takes a 12 in pot, 8 in deep.',
    )
    expect(judged(galley, { fixtures: [...base, sink(24, 16, 2)] }, people(5)).words).toContain(
      'their 12 in pot does not lie in it',
    )
    expect(judged(galley, { fixtures: [...base, sink(24, 16, 2)] }, people(2)).words).toContain(
      'The sink takes a 10 in pot',
    )
  })

  it('overheads 12 in deep hold plates, 6 in deep hold cups (common practice)', () => {
    const overhead = (depth: number) =>
      judged(
        galley,
        { fixtures: [...base, sink(24, 16, 1), fixture('overhead', [60, 2, 60, 14], { depth })] },
        people(2),
      ).words
    expect(overhead(12)).toContain('plates and cups go in the overheads')
    expect(overhead(6)).toContain('hold cups but no plates')
    expect(overhead(3)).toContain('no overhead holds cups or plates')
  })

  it('whether the hood vents is read, or said to be looked at', () => {
    const hood = (values: Record<string, boolean>) =>
      judged(galley, { fixtures: [...base, sink(24, 16, 1), fixture('hood', [62, 2, 20, 18], values)] }, people(2))
    expect(hood({ vented: true }).words).toContain('The hood vents outside.')
    expect(hood({ vented: false }).words).toContain('The hood only recirculates')
    expect(hood({}).missing).toEqual(['plan.fixtures.hood.vented'])
  })

  it('an outside kitchen is paid for inside: 48 in by 20 by 30 are 16.7 cu ft', () => {
    expect(
      judged(
        galley,
        {
          fixtures: [...base, sink(24, 16, 1)],
          outside: [{ id: 'k', kind: 'outside-kitchen', wall: 'door', start: 20, length: 48 }],
        },
        people(2),
      ).words,
    ).toContain('takes about 16.7 cu ft of the inside')
  })

  it('no sink is tight', () =>
    expect(judged(galley, { fixtures: base }, people(2))).toMatchObject({ verdict: 'tight', brief: 'no kitchen sink' }))

  it('a convection microwave stands in for an oven that they would like, not for one they must have', () => {
    const baker = (oven: 'want' | 'must', kind?: string) =>
      judged(
        galley,
        { fixtures: [...base, sink(24, 16, 1), ...(kind ? [fixture('microwave', [86, 2, 20, 18], { kind })] : [])] },
        household([person(), person()], { stances: { oven } }),
      )
    expect(baker('want', 'convection').words).toContain(
      'It has no oven, and in its place a convection microwave, which bakes what is small.',
    )
    expect(baker('want', 'microwave').words).toContain('They would like an oven; this one has none.')
    expect(baker('must', 'convection')).toMatchObject({ verdict: 'no', brief: 'no oven' })
    expect(baker('must', 'microwave').verdict).toBe('no')
  })
})

describe('who cooks keeps an eye on the children', () => {
  const kitchen = [fixture('counter', [60, 2, 60, 24], {}, { faces: 'door' }), fixture('sink', [80, 5, 20, 16])]
  const windows: Plan['windows'] = [{ id: 'w', kind: 'opening', from: [70, 96], to: [100, 96] }]
  const outside = (wall: 'door' | 'rear'): Plan['outside'] => [
    { id: 'awning', kind: 'awning', wall: 'door', start: 40, length: 160 },
    { id: 'kitchen', kind: 'outside-kitchen', wall, start: 40, length: 40 },
  ]
  const child = household([person({ name: 'Ro' }), person({ name: 'Mia', age: 5 })])
  const words = (plan: Partial<Plan>, of = child) => judged(galley, { fixtures: kitchen, ...plan }, of).words

  it('through the window, and from the outside kitchen on the camp side', () => {
    expect(words({ windows })).toContain('From the kitchen one sees Mia outside through the window in the room.')
    expect(words({ outside: outside('door') })).toContain(
      'At the outside kitchen one has Mia in sight where one camps, on the door side.',
    )
    expect(words({ outside: outside('rear') })).toContain(
      'The outside kitchen is not on the door side, where one camps: whoever cooks there does not see Mia.',
    )
  })
  it('no window shows them: that is said; grown people are not watched', () => {
    const other: Plan['windows'] = [{ id: 'w', kind: 'opening', from: [70, 0], to: [100, 0] }]
    expect(words({ windows: other })).toContain('From the kitchen no window shows the door side, where Mia plays.')
    expect(words({ windows }, household([person()]))).not.toContain('one sees')
  })
})

describe('a recliner in front of the counter', () => {
  it('takes of it while it is opened, and is put upright for the cook', () => {
    const counter = fixture('counter', [30, 2, 120, 24], {}, { faces: 'door' })
    const seats = fixture('theater-seats', [60, 60, 60, 34], { seats: 2, opened: 60 }, { faces: 'off-door' })
    expect(judged(galley, { fixtures: [counter, seats] }, household([person()])).words).toContain(
      'With the theater seats opened 60 in of the counter’s front cannot be worked at.',
    )
  })
})
