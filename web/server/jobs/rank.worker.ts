import { rank, type FactSheet, type Match } from '@hitchet/core/match/match'
import type { Household } from '@hitchet/core/household/household'

export interface RankJob {
  facts: { id: string; facts: string }[]
  households: Household[]
}

/** Runs in a worker thread: facts arrive as stored text and are parsed here, away from the thread that answers requests. */
export default function rankJob({ facts, households }: RankJob): Match[][] {
  const candidates = facts.map(({ id, facts: text }) => ({ id, facts: JSON.parse(text) as FactSheet }))
  return households.map((household) => rank(candidates, household))
}
