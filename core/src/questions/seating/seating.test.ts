import { describe, expect, it } from 'vitest'
import type { Household } from '../../household/household'
import type { Plan } from '../../plan/plan'
import { household, person, couple, readings } from '../../testing/someone'
import { berth, conversion, fixture, unit } from '../../testing/unit'
import type { QuestionId } from '../index'
import { seating } from './seating'
import { answerTo } from '../../testing/answerTo'

const judged = (question: { id: QuestionId }, plan: Partial<Plan>, of: Household, figures = {}) =>
  answerTo(question, unit(plan, figures), of)
const judge = answerTo
const two = household(couple())

describe('seats', () => {
  const table = fixture('booth', [100, 56, 66, 38], { seats: 4 })
  const worker = household([person({ name: 'Ro', needs: ['work place'] })])
  const desk = (values: Record<string, boolean>) => fixture('desk', [20, 4, 40, 20], values)
  const window = {
    id: 'w',
    kind: 'opening' as const,
    from: [30, 0] as [number, number],
    to: [54, 0] as [number, number],
  }

  it('who works on the road has a desk with an outlet by a window', () => {
    expect(judged(seating, { fixtures: [table, desk({ outlet: true })], windows: [window] }, worker).verdict).toBe(
      'fits',
    )
    expect(judged(seating, { fixtures: [table, desk({})], windows: [window] }, worker)).toMatchObject({
      verdict: 'measure',
      missing: ['plan.fixtures.desk.outlet'],
    })
    expect(judged(seating, { fixtures: [table, desk({ outlet: true })] }, worker)).toMatchObject({
      verdict: 'tight',
      brief: 'no place to work',
    })
    expect(judged(seating, { fixtures: [table] }, worker).words).toContain(
      'Ro works on the road: there is no desk, so the table has to be cleared for it.',
    )
  })

  it('a place counted at a table where no chair can stand is none, and said', () => {
    const against = fixture('table', [60, 54, 40, 40], { seats: 4 })
    const ends = [fixture('wardrobe', [40, 54, 18, 40]), fixture('pantry', [102, 54, 18, 40])]
    expect(judged(seating, { fixtures: [against, ...ends] }, household([person({ height: 64 })]))).toMatchObject({
      verdict: 'fits',
      words: expect.stringContaining(
        '4 places were counted at the free-standing table; there is room to sit at 2 of them.',
      ),
    })
    const three = household([1, 2, 3].map((n) => person({ id: `p${n}`, name: `P${n}`, height: 64 })))
    expect(judged(seating, { fixtures: [against, ...ends] }, three).words).toContain(
      '2 places at the table for 3 people',
    )
  })

  it('with the dinette made into a bed somebody who is still up has the sofa, or nothing', () => {
    const plan = (more: Plan['fixtures'] = []) => ({
      fixtures: [table, ...more],
      berths: [
        berth('booth', 38, 72, { id: 'b', name: 'Dinette bed', conversion: 'make', shape: { rect: [60, 54, 70, 40] } }),
      ],
      conversions: [conversion('make', { uses: ['booth'] })],
    })
    const one = household([person({ height: 64 })])
    expect(judged(seating, plan(), one)).toMatchObject({ verdict: 'tight', brief: 'nowhere to sit at night' })
    expect(judged(seating, plan([fixture('tri-fold-sofa', [20, 2, 66, 34], { seats: 3 })]), one).words).toContain(
      '3 places to sit are left',
    )
  })
})

describe('can they all sit together', () => {
  const table = (seats?: number) => fixture('booth', [60, 54, 70, 40], seats === undefined ? {} : { seats })
  it('four places for two fit, for five they eat in two sittings', () => {
    expect(judge(seating, unit({ fixtures: [table(4)] }), two)).toMatchObject({
      verdict: 'fits',
      margin: { value: 2, unit: 'place' },
    })
    const five = judge(seating, unit({ fixtures: [table(4)] }), household(Array.from({ length: 5 }, () => person())))
    expect(five).toMatchObject({ verdict: 'tight', margin: { value: -1 } })
    expect(five.words).toContain('they eat in 2 sittings')
  })
  it('seats nobody counted are to be counted, not guessed', () =>
    expect(judge(seating, unit({ fixtures: [table()] }), two)).toMatchObject({
      verdict: 'measure',
      missing: ['plan.fixtures.booth.seats'],
    }))
  it('without a table it is tight', () =>
    expect(judge(seating, unit({ fixtures: [fixture('cabinet', [10, 10, 24, 20])] }), two)).toMatchObject({
      verdict: 'tight',
      brief: 'no table inside',
    }))

  const facing = unit({
    fixtures: [
      table(4),
      fixture('theater-seats', [140, 62, 50, 32], { seats: 2 }, { faces: 'off-door' }),
      fixture('tv', [140, 2, 50, 4], {}, { faces: 'door' }),
    ],
  })
  it('who wants a TV all can face gets it counted', () => {
    expect(judge(seating, facing, { ...two, stances: { centralTv: 'want' } }).words).toContain(
      'It has a TV all can face',
    )
    const three = household([person(), person(), person()], { stances: { centralTv: 'must' } })
    expect(judge(seating, facing, three)).toMatchObject({ verdict: 'no' })
    expect(judge(seating, facing, { ...three, stances: { centralTv: 'want' } })).toMatchObject({
      verdict: 'tight',
      brief: '2 of 3 face the TV',
    })
  })
  it('those who would rather have none are told there is one', () =>
    expect(judge(seating, facing, { ...two, stances: { centralTv: 'avoid' } }).verdict).toBe('tight'))
})

describe('the TV from bed', () => {
  // A bed with its head at the front wall: one sits up 15 in behind it at mid-width, and looks to the rear.
  const bed = berth('bed', 60, 80, {
    id: 'queen',
    name: 'Queen',
    shape: { rect: [2, 18, 80, 60] },
    head: 'front',
    access: ['door', 'off-door', 'rear'],
  })
  // Behind the TV at the foot a wall stands, or it would hang on nothing.
  const walls = [{ id: 'w', from: [126, 30] as [number, number], to: [126, 66] as [number, number], thickness: 2 }]
  const words = (...fixtures: Plan['fixtures']) => judged(seating, { berths: [bed], fixtures, walls }, two).words
  const tv = (rect: [number, number, number, number], faces: 'front' | 'door') => fixture('tv', rect, {}, { faces })

  it('straight ahead at the foot it is seen without turning the neck', () =>
    expect(words(tv([120, 36, 4, 24], 'front'))).toContain('From the queen the TV is seen without turning the neck.'))

  it('behind a wardrobe it is not seen, and is said', () =>
    expect(words(tv([120, 36, 4, 24], 'front'), fixture('wardrobe', [95, 30, 20, 40]))).toContain(
      'No TV is seen from the queen.',
    ))

  it('on the wall beside it, it is seen from aside only; without any nothing is said of it', () => {
    expect(words(tv([100, 2, 24, 4], 'door'))).toContain('From the queen the TV is seen from aside only.')
    expect(words()).not.toContain('From the queen')
  })
})

describe('seats that recline and lounges by day', () => {
  const table = fixture('booth', [180, 2, 50, 36], { seats: 4 })
  const counter = fixture('counter', [30, 2, 120, 24], {}, { faces: 'door' })
  const wardrobe = fixture('wardrobe', [2, 30, 20, 40], {}, { faces: 'rear' })
  const seats = (values: Record<string, number>) =>
    fixture('theater-seats', [60, 60, 60, 34], { seats: 2, ...values }, { faces: 'off-door' })

  it('lying back in them one keeps the others from what is behind; that is known, and no bar', () => {
    const answer = judged(seating, { fixtures: [table, counter, wardrobe, seats({ opened: 56 })] }, two)
    expect(answer.verdict).toBe('fits')
    expect(answer.words).toContain(
      'While somebody lies back in the theater seats, 22 in out into the room, nobody gets past to the wardrobe.',
    )
  })
  it('what stands in the way is named, and by how much', () =>
    expect(judged(seating, { fixtures: [table, counter, seats({ opened: 70 })] }, two).words).toContain(
      'The theater seats do not open all the way: the counter stands where the footrest comes, 2 in short.',
    ))
  it('nobody measured it: that is asked, unless somebody noted that they do not recline', () => {
    const plan = { fixtures: [table, seats({})] }
    expect(judged(seating, plan, two)).toMatchObject({
      verdict: 'fits',
      missing: ['plan.fixtures.theater-seats.opened'],
      words: expect.stringContaining('nobody has measured'),
    })
    const fixed = { ...unit(plan), features: readings({ recline: 'fixed' }) }
    expect(judge(seating, fixed, two).words).not.toContain('nobody has measured')
  })

  const lounge = (values: Record<string, number>) =>
    fixture('convertible-lounge', [20, 56, 70, 38], { seats: 3, ...values })
  it('a lounge set as a dinette keeps one from what is behind it, and is stopped by what stands there', () => {
    const before = (values: Record<string, number>) =>
      judged(
        seating,
        {
          fixtures: [
            counter,
            wardrobe,
            fixture('convertible-lounge', [60, 60, 60, 34], { seats: 3, atTable: 4, ...values }, { faces: 'off-door' }),
          ],
        },
        two,
      )
    expect(before({ asDinette: 56 }).words).toContain(
      'While the convertible lounge is set as a dinette, 22 in out into the room, nobody gets past to the wardrobe.',
    )
    expect(before({ asDinette: 70 }).words).toContain(
      'The convertible lounge cannot be set as a dinette all the way: the counter stands where it would come, 2 in short.',
    )
    expect(before({})).toMatchObject({
      missing: ['plan.fixtures.convertible-lounge.asDinette'],
      words: expect.stringContaining('set as a dinette, nobody has measured'),
    })
    expect(before({ atTable: 0 }).words).not.toContain('nobody has measured')
  })

  it('a lounge set as a dinette seats them; whether it can be is to be looked at where no table does', () => {
    expect(judged(seating, { fixtures: [lounge({ atTable: 4 })] }, two)).toMatchObject({
      verdict: 'fits',
      words: expect.stringContaining('4 places at the table for 2 people, the lounge set as a dinette.'),
    })
    expect(judged(seating, { fixtures: [lounge({})] }, two)).toMatchObject({
      verdict: 'measure',
      missing: ['plan.fixtures.convertible-lounge.atTable'],
    })
    expect(judged(seating, { fixtures: [lounge({}), table] }, two).verdict).toBe('fits')
    expect(judged(seating, { fixtures: [lounge({ atTable: 0 })] }, two)).toMatchObject({ brief: 'no table inside' })
  })
})
