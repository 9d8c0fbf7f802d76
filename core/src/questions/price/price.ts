import { dollars } from '../../quantity/quantity'
import { says } from '../../quantity/phrase'
import { trailerFigure } from '../../trailer/trailer'
import { answerOf, verdictOf, type Question } from '../question'

export interface PriceFacts {
  asking?: number
}

export interface PriceNeed {
  budget: number
  tightShare: number
}

/** Can they pay for it: asking price against the most they want to spend, US dollars, before taxes and fees. */
export const price: Question<PriceFacts, PriceNeed> = {
  id: 'price',
  asks: 'Is it within their budget?',
  short: 'Price',
  topic: 'price',
  facts: (trailer) => ({ asking: trailerFigure(trailer, 'askingPrice') }),
  need: ({ limits }, rules) =>
    limits.budget === undefined ? null : { budget: limits.budget, tightShare: rules.price.tightShare },
  judge: ({ asking }, { budget, tightShare }) => {
    if (asking === undefined)
      return answerOf([{ verdict: 'measure', says: says`It has no price yet.`, missing: ['readings.askingPrice'] }])
    const spare = budget - asking
    return answerOf([
      {
        verdict: verdictOf(spare, budget * tightShare),
        says: says`Asking ${dollars(asking)}, and they want to spend at most ${dollars(budget)} before taxes and fees.`,
        margin: { value: spare, unit: '$', plenty: budget * 0.4 },
        rests: ['readings.askingPrice'],
      },
    ])
  },
}
