import { dollars } from '../../quantity/quantity'
import { says } from '../../quantity/phrase'
import { trailerFigure } from '../../trailer/trailer'
import { answerOf } from '../answer'
import type { Question } from '../question'
import { measure, reason, verdictOf } from '../reason'
import { openLimit } from '../open'
import { PRICE_LIMITS, priceHelping } from './helping'

export interface PriceFacts {
  asking?: number
}

export interface PriceNeed {
  budget: number
  tightShare: number
}

export interface PriceRules {
  /** Less of the budget left than this is tight: fees and hitch work eat about as much (common practice). */
  tightShare: number
}

/** Can they pay for it: asking price against the most they want to spend, US dollars, before taxes and fees. */
export const price: Question<'price', PriceFacts, PriceNeed, PriceRules> = {
  id: 'price',
  words: {
    asks: 'Is it within their budget?',
    short: 'Price',
    topic: 'price',
    against: 'over the budget',
    speaksFor: 'within their budget',
    spare: '',
    shownAt: 'papers',
  },
  version: 1,
  rules: { tightShare: 0.03 },
  baked: [],
  weight: 2,
  living: false,
  drawing: [],
  cautions: [],
  helping: priceHelping,
  limits: PRICE_LIMITS,
  open: (household, left) =>
    openLimit(
      household,
      'budget',
      says`What it may cost them`,
      left.map(({ asking }) => asking),
    ),
  facts: (trailer) => ({ asking: trailerFigure(trailer, 'askingPrice') }),
  need: ({ limits }, { tightShare }) => (limits.budget === undefined ? null : { budget: limits.budget, tightShare }),
  judge: ({ facts: { asking }, need: { budget, tightShare } }) => {
    if (asking === undefined) return answerOf([measure(says`It has no price yet.`, ['readings.askingPrice'])])
    const spare = budget - asking
    return answerOf([
      reason(
        verdictOf(spare, budget * tightShare),
        says`Asking ${dollars(asking)}, and they want to spend at most ${dollars(budget)} before taxes and fees.`,
        { margin: { value: spare, unit: '$', plenty: budget * 0.4 }, rests: ['readings.askingPrice'] },
      ),
    ])
  },
}
