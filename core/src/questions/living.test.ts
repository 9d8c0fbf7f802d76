import { describe, expect, it } from 'vitest'
import type { Household } from '../household/household'
import { bathsOf } from '../plan/baths'
import type { Plan } from '../plan/plan'
import { phraseText } from '../quantity/phrase'
import { DEFAULT_HOUSE_RULES as RULES } from '../rules/houseRules'
import { couple, household, person } from '../testing/someone'
import { berth, conversion, emptyPlan, fixture, unit } from '../testing/unit'
import { bath } from './bath/bath'
import { galley } from './galley/galley'
import type { Question } from './question'
import { seating } from './seating/seating'
import { sleepFacts } from './sleep/facts'
import { sleepNeed } from './sleep/need'
import { arrangement } from './sleep/sleep'

const judged = <F, N>(question: Question<F, N>, plan: Partial<Plan>, of: Household, figures = {}) => {
  const trailer = unit(plan, figures)
  const answer = question.judge(
    JSON.parse(JSON.stringify(question.facts(trailer))),
    question.need(of, RULES)!,
    arrangement(sleepFacts(trailer), sleepNeed(of, RULES)),
  )
  return { ...answer, words: answer.because.map(({ says }) => phraseText(says)).join(' ') }
}
const room = (
  id: string,
  kind: Plan['rooms'][number]['kind'],
  rect: [number, number, number, number],
  closedBy: 'door' | 'curtain' | 'nothing' = 'door',
) => ({ id, name: `The ${id}`, kind, shape: { rect }, closedBy })
const door = (id: string, x: number): Plan['doors'][number] => ({ id, kind: 'pocket', from: [x, 30], to: [x, 56] })

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
})

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
      'Ro works on the road: there is no desk, the table has to be cleared for it.',
    )
  })

  it('with the dinette made into a bed somebody who is still up has the sofa, or nothing', () => {
    const plan = (more: Plan['fixtures'] = []) => ({
      fixtures: [table, ...more],
      berths: [berth('booth', 38, 72, { id: 'b', name: 'Dinette bed', conversion: 'make' })],
      conversions: [conversion('make', { uses: ['booth'] })],
    })
    const one = household([person({ height: 64 })])
    expect(judged(seating, plan(), one)).toMatchObject({ verdict: 'tight', brief: 'nowhere to sit at night' })
    expect(judged(seating, plan([fixture('tri-fold-sofa', [20, 2, 66, 34], { seats: 3 })]), one).words).toContain(
      '3 places to sit are left',
    )
  })
})
