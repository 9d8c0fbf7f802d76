import { dollars } from '../../quantity/quantity'
import { says } from '../../quantity/phrase'
import { trailerFigure } from '../../trailer/trailer'
import { answerOf } from '../answer'
import type { Question } from '../question'
import { measure, reason, verdictOf } from '../reason'
import { openLimit } from '../open'
import { PRICE_LIMITS, priceHelping } from './helping'
import { PRICE_RULES, type PriceRules } from './rules'

export interface PriceFacts {
  asking?: number
}

export interface PriceNeed {
  budget: number
  rules: PriceRules
}

/** Can they pay for it: asking price against the most they want to spend, US dollars, before taxes and fees. */
export const price: Question<'price', PriceFacts, PriceNeed, typeof PRICE_RULES> = {
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
  rules: PRICE_RULES,
  factRules: [],
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
  need: ({ limits }, rules) => (limits.budget === undefined ? null : { budget: limits.budget, rules }),
  judge: ({ facts: { asking }, need: { budget, rules } }) => {
    if (asking === undefined) return answerOf([measure(says`It has no price yet.`, ['readings.askingPrice'])])
    const spare = budget - asking
    return answerOf([
      reason(
        verdictOf(spare, budget * rules.tightShare),
        says`Asking ${dollars(asking)}, and they want to spend at most ${dollars(budget)} before taxes and fees.`,
        { margin: { value: spare, unit: '$', plenty: budget * rules.plentyShare }, rests: ['readings.askingPrice'] },
      ),
    ])
  },
}
