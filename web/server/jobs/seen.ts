import { trustedHousehold } from '@hitchet/core/household/doubts'
import type { Household } from '@hitchet/core/household/household'
import { seenBy, type SeenUnit } from '@hitchet/core/match/seen'
import type { Nights } from '@hitchet/core/nights/nights'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { sharedFor } from '@hitchet/core/shared/shared'
import { sheetsOf } from './sheets'

interface Of {
  household: Household
  rules: HouseRules
}

/** A unit through a household's eyes; nothing when it is gone meanwhile. */
export async function seen({ unit, household, rules }: Of & { unit: string }): Promise<SeenUnit | undefined> {
  const [sheet] = await sheetsOf(rules, [unit])
  return sheet && seenBy(sheet.facts, household, rules)
}

/** A household's nights in some units, by their ids. */
export async function nightsFor({
  units,
  household,
  rules,
}: Of & { units: readonly string[] }): Promise<[id: string, nights: Nights][]> {
  const solve = sharedFor(trustedHousehold(household), rules)
  return (await sheetsOf(rules, units)).map(({ id, facts }) => [id, solve(facts).nights])
}
