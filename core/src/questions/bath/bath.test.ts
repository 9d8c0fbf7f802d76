import { describe, expect, it } from 'vitest'
import { phraseText } from '../../quantity/phrase'
import { answerTo } from '../../testing/answerTo'
import { couple, household, person } from '../../testing/someone'
import { fixture, unit, berth, emptyPlan } from '../../testing/unit'
import type { Trailer } from '../../trailer/trailer'
import { bath } from './bath'
import type { Household } from '../../household/household'
import { bathsOf } from '../../plan/living/baths'
import type { Plan } from '../../plan/plan'
import type { QuestionId } from '../index'

const judge = answerTo
const firstWords = (answer: ReturnType<typeof judge>) => phraseText(answer.because[0]!.says)
const people = (count: number, height = 68) => household(Array.from({ length: count }, () => person({ height })))
const judged = (question: { id: QuestionId }, plan: Partial<Plan>, of: Household, figures = {}) =>
  answerTo(question, unit(plan, figures), of)
const room = (
  id: string,
  kind: Plan['rooms'][number]['kind'],
  rect: [number, number, number, number],
  closedBy: 'door' | 'curtain' | 'nothing' = 'door',
) => ({ id, name: `The ${id}`, kind, shape: { rect }, closedBy })
const door = (id: string, x: number): Plan['doors'][number] => ({ id, kind: 'pocket', from: [x, 30], to: [x, 56] })

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
    expect(firstWords(narrow)).toBe('At the toilet only 18 in from wall to wall: the elbows touch.')
  })

  it('in a shower that is narrower inside than it is drawn, one turns in what was measured', () => {
    const stall = (values: Record<string, number>) =>
      judge(bath, unit({ fixtures: [fixture('shower', [2, 2, 36, 34], { headroom: 78, ...values })] }), people(2))
        .because.map(({ says }) => phraseText(says))
        .join(' ')
    expect(stall({})).toContain('circle of 34 in')
    expect(stall({ length: 32, width: 24 })).toContain('circle of 24 in: too small')
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

describe('kinds of bath', () => {
  const stands = {
    toilet: fixture('toilet', [190, 60, 19, 22]),
    shower: fixture('shower', [200, 4, 30, 30], { headroom: 80 }),
    vanity: fixture('vanity', [185, 4, 14, 20]),
  }
  const rear = room('bath', 'bath', [180, 2, 58, 92])
  const living = room('living', 'living', [80, 2, 100, 92], 'nothing')
  const type = (plan: Partial<Plan>) => bathsOf(emptyPlan(plan)).map((one) => one.type)

  it('toilet, shower and sink in one room are a full bath', () =>
    expect(type({ rooms: [living, rear], doors: [door('d', 180)], fixtures: Object.values(stands) })).toEqual(['full']))
  it('one stall for all is a wet bath', () =>
    expect(type({ rooms: [living, rear], fixtures: [fixture('wet-bath', [200, 4, 30, 40])] })).toEqual(['wet']))
  it('without a shower it is a half bath', () =>
    expect(type({ rooms: [living, rear], fixtures: [stands.toilet, stands.vanity] })).toEqual(['half']))
  it('between two doors one walks through it', () => {
    const bed = room('bedroom', 'bedroom', [2, 2, 78, 92])
    const middle = room('bath', 'bath', [80, 2, 60, 92])
    const behind = room('living', 'living', [140, 2, 98, 92], 'nothing')
    expect(
      type({
        rooms: [bed, middle, behind],
        doors: [door('a', 80), door('b', 140)],
        fixtures: [fixture('toilet', [90, 4, 19, 22]), fixture('shower', [110, 60, 28, 30])],
      }),
    ).toEqual(['walk-through'])
  })
  it('toilet here and shower there are a split bath', () => {
    const other = room('shower-room', 'bath', [130, 2, 50, 40])
    expect(
      type({
        rooms: [room('living', 'living', [60, 2, 70, 92], 'nothing'), rear, other],
        fixtures: [stands.toilet, fixture('shower', [140, 4, 30, 30])],
      }),
    ).toEqual(['split', 'split'])
  })

  it('five in one bath queue, and do not where one brushes teeth at a sink outside', () => {
    const five = household(Array.from({ length: 5 }, () => person()))
    const inside = { rooms: [living, rear], fixtures: Object.values(stands) }
    expect(judged(bath, inside, five)).toMatchObject({ verdict: 'tight', brief: 'one bath for 5' })
    const outside = judged(
      bath,
      {
        ...inside,
        fixtures: [stands.toilet, stands.shower, fixture('vanity', [150, 2, 26, 18], {}, { faces: 'door' })],
      },
      five,
    )
    expect(outside.words).toContain('One bath for 5 people, and a sink outside it.')
    expect(outside.verdict).toBe('fits')
  })

  it('a bath behind the bedroom only is no private one for those who sleep outside', () => {
    const bed = room('bedroom', 'bedroom', [120, 2, 60, 92])
    const plan = (own: string) => ({
      rooms: [room('living', 'living', [2, 2, 118, 92], 'nothing'), bed, rear],
      doors: [door('a', 120), door('b', 180)],
      fixtures: Object.values(stands),
      berths: [
        berth('bed', 60, 80, { id: 'queen', name: 'Queen', room: own }),
        berth('bed', 40, 76, { id: 'single', name: 'Single', room: 'living' }),
      ],
    })
    const three = household([...couple({ name: 'Ro' }, { name: 'Mi' }), person({ name: 'Ta', age: 12, height: 58 })])
    expect(judged(bath, plan('bedroom'), three)).toMatchObject({ verdict: 'tight', brief: 'bath through the bedroom' })
    expect(judged(bath, plan('bedroom'), three).words).toContain('To the bath Ta walks past Ro and Mi at night')
    expect(judged(bath, plan('living'), three).verdict).toBe('fits')
  })

  it('nothing before the toilet is said; a child under five is washed in the pan where there is no tub', () => {
    expect(
      judged(
        bath,
        { rooms: [living, { ...rear, closedBy: 'nothing' }], fixtures: Object.values(stands) },
        household([person()]),
      ),
    ).toMatchObject({ verdict: 'tight', brief: 'bath not closed off' })
    const small = household([person(), person({ name: 'Bo', age: 3, height: 38 })])
    expect(judged(bath, { rooms: [living, rear], fixtures: Object.values(stands) }, small).words).toContain(
      'No tub: Bo, under 5, is washed in the shower pan.',
    )
    expect(
      judged(
        bath,
        { rooms: [living, rear], fixtures: [stands.toilet, fixture('tub', [200, 4, 36, 24], { headroom: 78 })] },
        small,
      ).words,
    ).toContain('Bo, under 5, can be bathed in the tub.')
  })
})
