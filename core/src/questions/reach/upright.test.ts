import { defaultsOf } from '../../rule/rule'
import { REACH_RULES } from './rules'
import { describe, expect, it } from 'vitest'
import { answerTo } from '../../testing/answerTo'
import { household, person, readings } from '../../testing/someone'
import { fixture, unit } from '../../testing/unit'
import { phraseText } from '../../quantity/phrase'
import type { Person } from '../../household/household'
import { reach } from './reach'
import { uprightReasons, type UprightFacts } from './upright'

const said = (facts: Partial<UprightFacts>, ...people: Partial<Person>[]) =>
  uprightReasons(
    { ceiling: 78, steps: [], ...facts },
    people.map((one) => person({ name: 'Ole', ...one })),
    defaultsOf(REACH_RULES),
  ).map(({ verdict, says }) => `${verdict}: ${phraseText(says)}`)

const furnished = () => unit({ fixtures: [fixture('fridge', [20, 2, 24, 24])] })

describe('the tallest under its ceiling', () => {
  it('6 ft 4 and a shoe’s sole stand under 6 ft 6, not under 6 ft 4', () => {
    expect(said({ ceiling: 78 }, { height: 76 })).toEqual([
      'fits: Ole, 6 ft 4 in, stands upright in it: the ceiling is at 6 ft 6 in.',
    ])
    expect(said({ ceiling: 76 }, { height: 76 })).toEqual([
      'tight: Ole, 6 ft 4 in, does not stand upright in it: the ceiling is at 6 ft 4 in.',
    ])
    expect(said({ ceiling: 77 }, { height: 76 })[0]).toMatch(/^fits/)
  })

  it('a ceiling that nobody measured is to be measured; a slide’s is only told', () => {
    const { readings: all, ...rest } = furnished()
    const { interiorHeight: _read, ...unmeasured } = all
    expect(answerTo(reach, { ...rest, readings: unmeasured }, household([person()])).missing).toContain(
      'readings.interiorHeight',
    )
    expect(answerTo(reach, furnished(), household([person()])).missing).not.toContain('readings.interiorHeight')
    expect(said({ slide: 70 }, { height: 72 })[1]).toBe('note: Under the slide’s ceiling of 5 ft 10 in Ole stoops.')
  })
})

describe('the heaviest on its steps', () => {
  const steps = (carries?: number) => ({ steps: [{ id: 's', ...(carries !== undefined && { carries }) }] })

  it('steps for 300 lb do not carry 320', () => {
    expect(said(steps(300), { weight: 320 })[1]).toMatch(/^no: The steps carry 300 lb, and Ole weighs 320 lb/)
    expect(said(steps(500), { weight: 320 })).toHaveLength(1)
  })

  it('from 250 lb on the label is to be read; below it any steps that are sold carry', () => {
    expect(said(steps(), { weight: 260 })[1]).toMatch(/^measure: What its steps carry is not read/)
    expect(said(steps(), { weight: 249 })).toHaveLength(1)
    expect(said({}, { weight: 260 })[1]).toMatch(/^note: Read what its steps carry/)
  })

  it('a label under 250 lb is questioned before anybody goes by it', () => {
    const drawn = unit({
      fixtures: [fixture('fridge', [20, 2, 24, 24])],
      outside: [{ id: 's', kind: 'steps', wall: 'door', start: 160, length: 28, readings: readings({ rating: 200 }) }],
    })
    const answer = answerTo(reach, drawn, household([person({ weight: 280 })]))
    expect(answer.missing).toContain('plan.outside.s.rating')
  })
})
