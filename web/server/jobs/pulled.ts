import type { Household } from '@hitchet/core/household/household'
import type { FactSheet } from '@hitchet/core/match/factSheet'
import { pulled as otherUnits, type Pulled } from '@hitchet/core/match/pulled'
import type { HouseRules } from '@hitchet/core/rules/houseRules'

/** Other units of the lot that a household can pull; facts arrive as stored text. */
export const pulled = (job: {
  facts: readonly { id: string; facts: string }[]
  instead: string
  household: Household
  rules: HouseRules
}): Pulled[] =>
  otherUnits(
    job.facts.map(({ id, facts }) => ({ id, facts: JSON.parse(facts) as FactSheet })),
    job.instead,
    job.household,
    job.rules,
  )
