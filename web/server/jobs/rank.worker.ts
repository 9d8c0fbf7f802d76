import { rank, type FactSheet, type Match } from '@hitchet/core/match/match'
import type { Household } from '@hitchet/core/household/household'

export interface RankJob {
  facts: { id: string; facts: string }[]
  household: Household
}

/** Runs in a worker thread: facts arrive as stored text and are parsed here, away from the thread that answers requests. */
export default function rankJob({ facts, household }: RankJob): Match[] {
  return rank(
    facts.map(({ id, facts: text }) => ({ id, facts: JSON.parse(text) as FactSheet })),
    household,
  )
}
