import { trustedHousehold } from '@hitchet/core/household/doubts'
import type { Household } from '@hitchet/core/household/household'
import { judgeFor, type Answers } from '@hitchet/core/match/judge'
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

/** The same for units side by side: what they are answered on it, and their nights in it. */
export async function compared({
  unit,
  household,
  rules,
}: Of & { unit: string }): Promise<{ answers: Answers; nights: Nights } | undefined> {
  const [sheet] = await sheetsOf(rules, [unit])
  if (!sheet) return undefined
  const { nights } = sharedFor(trustedHousehold(household), rules)(sheet.facts)
  return { answers: judgeFor(household, rules)(sheet.facts), nights }
}
