import { describe, expect, it } from 'vitest'
import type { Plan } from '../../plan/plan'
import { DEFAULT_HOUSE_RULES } from '../../rules/houseRules'
import { couple, household, person } from '../../testing/someone'
import { berth, conversion, fixture, unit } from '../../testing/unit'
import { gait } from '../../plan/ways/gait'
import { reach } from './reach'
import { answerTo } from '../../testing/answerTo'

const judge = answerTo
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
    [13.5, 'too narrow to pass'],
    [14, 'sideways'],
    [16, 'sideways'],
    [18, 'shoulders straight'],
    [24, 'comfortable'],
    [33, 'wide enough for a wheelchair'],
  ])('%d in is %s', (width, word) => expect(gait(width, DEFAULT_HOUSE_RULES.ways)).toBe(word))

  it('an open floor fits', () => {
    const answer = judge(reach, unit({ berths: [bed], fixtures: [toilet, fridge] }), two)
    expect(answer.verdict).toBe('fits')
    expect(answer.words).toContain('No slide: on the road everything is within reach as at camp.')
  })

  it('a gap one has to turn sideways for is tight, with what it lies between', () => {
    const answer = judge(reach, unit({ berths: [bed], fixtures: [toilet, fixture('wardrobe', [196, 2, 12, 76])] }), two)
    expect(answer).toMatchObject({ verdict: 'tight', margin: { value: 2, unit: 'in' } })
    expect(answer.words).toMatch(
      /narrowest way, to the toilet, is 16 in, between the wardrobe and the door-side wall: sideways/,
    )
  })

  it('a toilet nobody gets to is no', () => {
    const answer = judge(reach, unit({ berths: [bed], fixtures: [toilet, fixture('wardrobe', [196, 2, 12, 92])] }), two)
    expect(answer.verdict).toBe('no')
    expect(answer.words).toMatch(/does not get to the toilet: there is no way at all/)
  })

  it('that there is no toilet at all is for the bath to say', () =>
    expect(judge(reach, unit({ berths: [bed], fixtures: [fixture('nightstand', [4, 80, 12, 12])] }), two).verdict).toBe(
      'fits',
    ))

  it('of an undrawn inside nothing is claimed', () =>
    expect(judge(reach, unit({ berths: [bed] }), two)).toMatchObject({
      verdict: 'measure',
      missing: ['plan.fixtures'],
    }))

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
        head: 'off-door',
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
    expect(guests.words).toContain('With guests at night')
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

describe('the doors of what one opens every day', () => {
  const fridge = fixture('fridge', [100, 2, 24, 28], {}, { faces: 'door' })
  const before = (y: number) => fixture('island', [90, y, 60, 20])
  const at = (...fixtures: ReturnType<typeof fixture>[]) =>
    judge(reach, unit({ berths: [bed], fixtures: [toilet, ...fixtures] }), two)

  it('a refrigerator that opens a third of the way is tight, and it is said against what', () => {
    // 14 in to the island, 24 in of leaf: asin(14 / 24) is 36 degrees.
    const answer = at(fridge, before(44))
    expect(answer.verdict).toBe('tight')
    expect(answer.words).toMatch(/The refrigerator’s door opens 3[4-6] degrees only, against the island\./)
  })

  it('one that opens past half is told, and decides nothing', () => {
    const answer = at(fridge, before(53))
    expect(answer.words).toMatch(/opens 7\d degrees only/)
    expect(answer.verdict).toBe('fits')
  })
})
