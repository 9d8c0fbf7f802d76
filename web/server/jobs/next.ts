import type { Household } from '@hitchet/core/household/household'
import type { FactSheet } from '@hitchet/core/match/factSheet'
import { judgeFor } from '@hitchet/core/match/judge'
import { nextQuestion, type NextQuestion } from '@hitchet/core/match/nextQuestion'
import type { RankJob } from './rank'

/** What to ask a household next: what divides best what nothing speaks against yet. */
export function next({
  facts,
  household,
  rules,
}: Omit<RankJob, 'households'> & { household: Household }): NextQuestion | undefined {
  const judge = judgeFor(household, rules)
  const left = facts
    .map(({ id, facts: text }) => ({ id, facts: JSON.parse(text) as FactSheet }))
    .filter((one) => Object.values(judge(one.facts)).every(({ verdict }) => verdict !== 'no'))
  return nextQuestion(left, household, rules)
}
