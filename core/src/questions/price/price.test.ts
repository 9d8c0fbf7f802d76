import { describe, expect, it } from 'vitest'
import { phraseText } from '../../quantity/phrase'
import { answerTo } from '../../testing/answerTo'
import { household, person } from '../../testing/someone'
import { unit } from '../../testing/unit'
import { marginText } from '../margin'
import { price } from './price'

const judge = answerTo

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
