import { rule, type ValuesOf } from '../../rule/rule'

export const PRICE_RULES = {
  tightShare: rule(
    'Budget left called tight',
    0.03,
    'share',
    [0, 0.15],
    'Fees and hitch work eat about as much (common practice)',
  ),
  plentyShare: rule('Budget bar is full with this share left', 0.4, 'share', [0.1, 0.8], 'Common practice', 0.05),
} as const

export type PriceRules = ValuesOf<typeof PRICE_RULES>
