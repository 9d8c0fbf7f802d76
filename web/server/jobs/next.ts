import type { Household } from '@hitchet/core/household/household'
import { judgeFor } from '@hitchet/core/match/judge'
import { nextQuestion, type NextQuestion } from '@hitchet/core/match/asking/nextQuestion'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { sheetsOf } from './sheets'

/** What to ask a household next: what divides best what nothing speaks against yet. */
export async function next({
  household,
  rules,
}: {
  household: Household
  rules: HouseRules
}): Promise<NextQuestion | undefined> {
  const judge = judgeFor(household, rules)
  const left = (await sheetsOf(rules)).filter(({ facts }) =>
    Object.values(judge(facts)).every(({ verdict }) => verdict !== 'no'),
  )
  return nextQuestion(left, household, rules)
}
