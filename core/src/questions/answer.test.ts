import { describe, expect, it } from 'vitest'
import { phraseText } from '../quantity/phrase'
import { answerTo } from '../testing/answerTo'
import { household, person } from '../testing/someone'
import { fixture, unit } from '../testing/unit'
import { bath } from './bath/bath'
import { marginText } from './margin'
import { answerOf } from './answer'

const judge = answerTo
const firstWords = (answer: ReturnType<typeof judge>) => phraseText(answer.because[0]!.says)
const people = (count: number, height = 68) => household(Array.from({ length: count }, () => person({ height })))

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
    expect(phraseText(marginText({ verdict: 'measure', missing: ['x'] }))).toBe('1 to measure'))
})
