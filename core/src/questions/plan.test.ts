import { describe, expect, it } from 'vitest'
import type { Household } from '../household/household'
import type { Plan } from '../plan/plan'
import { phraseText } from '../quantity/phrase'
import { DEFAULT_HOUSE_RULES } from '../rules/houseRules'
import { couple, household, person } from '../testing/someone'
import { berth, conversion, fixture, unit } from '../testing/unit'
import type { Trailer } from '../trailer/trailer'
import { exits } from './exits/exits'
import type { Question } from './question'
import { gait, reach } from './reach/reach'
import { seating } from './seating/seating'
import { sleepFacts } from './sleep/facts'
import { sleepNeed } from './sleep/need'
import { arrangement } from './sleep/sleep'

const judge = <F, N>(question: Question<F, N>, trailer: Trailer, of: Household) => {
  const answer = question.judge(
    JSON.parse(JSON.stringify(question.facts(trailer))),
    question.need(of, DEFAULT_HOUSE_RULES)!,
    arrangement(sleepFacts(trailer), sleepNeed(of, DEFAULT_HOUSE_RULES)),
  )
  return { ...answer, words: answer.because.map(({ says }) => phraseText(says)).join(' ') }
}

const two = household(couple())
const bed = berth('bed', 60, 80, {
  id: 'queen',
  name: 'Queen',
  shape: { rect: [2, 16, 80, 60] },
  access: ['door', 'off-door', 'rear'],
})
const toilet = fixture('toilet', [218, 60, 19, 22], {}, { faces: 'front' })
const fridge = fixture('fridge', [120, 66, 28, 28], {}, { faces: 'off-door' })
const slides: Plan['slides'] = [{ id: 's', wall: 'off-door', start: 96, length: 100, depth: 36 }]
/** Out, the sofa leaves the floor free; in, it stands before the refrigerator. */
const sofa = (deep: number) => fixture('tri-fold-sofa', [100, -34, 90, deep], { seats: 3 }, { id: 'sofa', slide: 's' })

describe('can they get to everything', () => {
  it.each([
    [11, 'too narrow to pass'],
    [13, 'sideways'],
    [16, 'sideways'],
    [18, 'shoulders straight'],
    [24, 'comfortable'],
    [33, 'wide enough for a wheelchair'],
  ])('%d in is %s', (width, word) => expect(gait(width, DEFAULT_HOUSE_RULES.reach)).toBe(word))

  it('an open floor fits', () => {
    const answer = judge(reach, unit({ berths: [bed], fixtures: [toilet, fridge] }), two)
    expect(answer.verdict).toBe('fits')
    expect(answer.words).toContain('No slide: on the road everything is within reach as at camp.')
  })

  it('a gap one has to turn sideways for is tight, with what it lies between', () => {
    const answer = judge(reach, unit({ berths: [bed], fixtures: [toilet, fixture('wardrobe', [196, 2, 12, 76])] }), two)
    expect(answer).toMatchObject({ verdict: 'tight', margin: { value: 1, unit: 'in' } })
    expect(answer.words).toMatch(/15 in between the door-side wall and the wardrobe on the way to the toilet: sideways/)
  })

  it('a toilet nobody gets to is no', () => {
    const answer = judge(reach, unit({ berths: [bed], fixtures: [toilet, fixture('wardrobe', [196, 2, 12, 92])] }), two)
    expect(answer.verdict).toBe('no')
    expect(answer.words).toMatch(/does not get to the toilet: no way at all/)
  })

  it('that there is no toilet at all is for the bath to say', () =>
    expect(judge(reach, unit({ berths: [bed] }), two).verdict).toBe('fits'))

  it('a second toilet that is free makes up for the first', () => {
    expect(
      judge(
        reach,
        unit({
          berths: [bed],
          fixtures: [
            toilet,
            fixture('wardrobe', [196, 2, 12, 92]),
            { ...toilet, id: 'second', shape: { rect: [100, 10, 19, 22] } },
          ],
        }),
        two,
      ).verdict,
    ).toBe('fits')
  })

  it('the slide that hides the refrigerator says so; those who must have it on the road are told no', () => {
    const closed = unit({ slides, berths: [bed], fixtures: [toilet, fridge, sofa(60)] })
    expect(judge(reach, closed, two)).toMatchObject({ verdict: 'tight', brief: 'no fridge on the road' })
    expect(judge(reach, closed, two).words).toContain('With the slide in one does not get to the refrigerator')
    expect(judge(reach, closed, { ...two, stances: { roadAccess: 'must' } }).verdict).toBe('no')
    expect(judge(reach, unit({ slides, berths: [bed], fixtures: [toilet, fridge, sofa(34)] }), two)).toMatchObject({
      verdict: 'fits',
    })
  })

  const across = {
    conversions: [conversion('make', { name: 'Sofa', uses: ['sofa'] })],
    berths: [
      bed,
      berth('tri-fold', 60, 80, {
        id: 'sofa-bed',
        name: 'Sofa bed',
        conversion: 'make',
        shape: { rect: [100, 2, 60, 92] },
        access: ['front', 'rear'],
      }),
    ],
  }
  it('a bed made up across the passage keeps those behind it from the toilet', () => {
    const trailer = unit({
      ...across,
      fixtures: [toilet, fixture('tri-fold-sofa', [100, 2, 60, 36], { seats: 3 }, { id: 'sofa' })],
    })
    expect(judge(reach, trailer, two).verdict).toBe('fits')
    const four = judge(
      reach,
      trailer,
      household([...couple({ name: 'Ada' }, { name: 'Bo' }), ...couple({ name: 'Cy' }, { name: 'Di' })]),
    )
    expect(four).toMatchObject({ verdict: 'no', brief: 'no way to the toilet at night' })
    const guests = judge(
      reach,
      trailer,
      household([...couple(), ...couple({ guest: true }, { guest: true })], { guestsCome: 'a few times a year' }),
    )
    expect(guests.verdict).toBe('tight')
    expect(guests.words).toContain('With guests: At night')
  })

  it('a canvas bed is folded away on the road, whatever the slides do', () => {
    const trailer = unit({
      canvasEnds: [{ id: 'c', wall: 'front', start: 10, length: 74, depth: 56 }],
      berths: [
        berth('canvas-end', 56, 74, {
          id: 'tent',
          name: 'Front bed',
          canvasEnd: 'c',
          shape: { rect: [-54, 10, 56, 74] },
          access: ['rear'],
        }),
      ],
      fixtures: [toilet],
    })
    expect(judge(reach, trailer, household([person()])).words).toContain(
      'No slide; on the road only the front bed is folded away.',
    )
  })
})

describe('can everyone get out at night', () => {
  const window = { id: 'w', kind: 'exit', from: [20, 0], to: [50, 0] } as const
  it('a window and a door are two', () =>
    expect(
      judge(exits, unit({ berths: [bed], windows: [{ ...window, from: [20, 0], to: [50, 0] }] }), two),
    ).toMatchObject({ verdict: 'fits', cautions: ['exits'] }))

  it('one door only is tight, names who lies there, and asks to look for a second', () => {
    const answer = judge(exits, unit({ berths: [bed] }), household(couple({ name: 'Ada' }, { name: 'Bo' })))
    expect(answer).toMatchObject({ verdict: 'tight', brief: 'one way out of the queen', cautions: ['exits'] })
    expect(answer.words).toContain('Ada and Bo in the queen: only one way out at night, by the entry door')
  })

  it('none at all is no', () => {
    expect(judge(exits, unit({ berths: [bed], fixtures: [fixture('wardrobe', [90, 2, 20, 92])] }), two)).toMatchObject({
      verdict: 'no',
      brief: 'no way out of the queen',
    })
  })

  it('a berth nobody sleeps in is nobody’s danger', () => {
    const trailer = unit({
      berths: [
        { ...bed, readings: bed.readings },
        berth('bunk', 28, 74, { id: 'bunk', shape: { rect: [130, 2, 74, 28] }, access: ['door'], limit: 300 }),
      ],
      windows: [{ ...window, from: [20, 0], to: [50, 0] }],
    })
    expect(judge(exits, trailer, two).words).toBe('Two ways out of every berth they sleep in.')
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
    expect(judge(seating, unit(), two)).toMatchObject({ verdict: 'tight', brief: 'no table inside' }))

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
