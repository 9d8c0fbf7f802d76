import { describe, expect, it } from 'vitest'
import { measure } from '../../questions/reason'
import { answerOf } from '../../questions/answer'
import { says } from '../../quantity/phrase'
import { fixture, unit } from '../../testing/unit'
import { DEFAULT_HOUSE_RULES as RULES } from '../../rules/houseRules'
import { household, person } from '../../testing/someone'
import { asked } from './asked'
import { factSheet } from '../factSheet'
import { judgeFor } from '../judge'
import { toFindOut } from './toFindOut'

const trailer = unit({ fixtures: [fixture('toilet', [10, 60, 19, 22])] })
const waitingFor = (short: string, ...keys: string[]) => ({
  short,
  answer: answerOf([measure(says`Not known yet.`, keys)], []),
})

describe('what is still to be found out', () => {
  it('a figure that two answers wait for stands there once, with both, and leads to its thing', () => {
    const { theirs, here } = toFindOut(trailer, [
      waitingFor('Bath', 'plan.fixtures.toilet.room'),
      waitingFor('Reach it', 'plan.fixtures.toilet.room', 'readings.uvw'),
    ])
    expect(theirs).toEqual([])
    expect(here.map(({ key, thing, waiting }) => [key, thing, waiting])).toEqual([
      ['plan.fixtures.toilet.room', 'toilet', ['Bath', 'Reach it']],
      ['readings.uvw', 'readings', ['Reach it']],
    ])
    expect(here.every(({ key, name }) => name !== key)).toBe(true)
  })

  it('what the household has to say is asked of them and never measured on the lot; everything waited for is in one of both', () => {
    const people = household([person({ name: 'Ada', height: undefined, weight: undefined })])
    const own = asked(judgeFor(people, RULES)(factSheet(trailer, RULES)))
    const { theirs, here } = toFindOut(trailer, own)
    const waited = own.filter(({ answer }) => answer.missing.length > 0).map(({ short }) => short)
    expect(waited.length).toBeGreaterThan(1)
    expect(new Set([...theirs, ...here.flatMap(({ waiting }) => waiting)])).toEqual(new Set(waited))
    expect(here.some(({ key }) => key.startsWith('household'))).toBe(false)
  })
})
