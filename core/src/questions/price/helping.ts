import type { Household } from '../../household/household'
import { says } from '../../quantity/phrase'
import { dollars } from '../../quantity/quantity'
import type { Change } from '../change'
import type { Helping, Limit } from '../helping'
import { limitsRaised } from '../limits'

export const PRICE_LIMITS: readonly Limit[] = [
  { kind: 'budget', decides: () => true, now: ({ limits }) => limits.budget, raised: moreBudget },
]

export const priceHelping: Helping<unknown, unknown> = {
  turn: 0,
  least: () => 0,
  smallest: ({ answer, household, sizes }) => limitsRaised(PRICE_LIMITS, answer, household, () => sizes.budget),
}

function moreBudget({ limits }: Household, amount: number, size: number): Change {
  const budget = Math.ceil(((limits.budget ?? 0) + amount) / 100) * 100
  const more = budget - (limits.budget ?? 0)
  return {
    id: `budget:${budget}`,
    size,
    says: says`they spend ${dollars(more)} more`,
    change: (now) => ({ ...now, household: { ...now.household, limits: { ...now.household.limits, budget } } }),
  }
}
