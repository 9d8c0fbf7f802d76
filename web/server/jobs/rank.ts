import type { Household } from '@hitchet/core/household/household'
import type { FactSheet } from '@hitchet/core/match/factSheet'
import { firmness } from '@hitchet/core/match/firmness'
import { inTheWay, type Way } from '@hitchet/core/match/inTheWay'
import { rank, rankWithChanges, type Match } from '@hitchet/core/match/match'
import type { HouseRules } from '@hitchet/core/rules/houseRules'

export interface RankJob {
  /** Facts arrive as stored text and are parsed here. */
  facts: readonly { id: string; facts: string }[]
  households: readonly Household[]
  rules: HouseRules
}

/** The yard ranked for each of some households. */
export function rankAll({ facts, households, rules }: RankJob): Match[][] {
  const candidates = facts.map(({ id, facts: text }) => ({ id, facts: JSON.parse(text) as FactSheet }))
  return households.map((household) => rank(candidates, household, rules))
}

/** The yard ranked for one household, and what stands in its way. */
export function rankOne({ facts, household, rules }: Omit<RankJob, 'households'> & { household: Household }): {
  matches: Match[]
  ways: Way[]
  /** How often the first stays first, when what matters is weighed otherwise. */
  firm?: number
} {
  const candidates = facts.map(({ id, facts: text }) => ({ id, facts: JSON.parse(text) as FactSheet }))
  const matches = rankWithChanges(candidates, household, rules)
  const firm = firmness(matches, rules.ranking)
  return { matches, ways: inTheWay(candidates, matches, household, rules), ...(firm !== undefined && { firm }) }
}

/** How the yard stands for a household, in three figures. */
export interface Standing {
  /** Units with nothing against them, of all. */
  left: number
  all: number
  /** Id of the one that matches best. */
  best?: string
}

/**
 * How the yard stands for each of some households: a ranking of which only the outcome leaves the worker. Where
 * nothing is left, the best is what nearly fits.
 */
export const standings = (job: RankJob): Standing[] =>
  rankAll(job).map((matches, i) => {
    const left = matches.filter(({ standing }) => standing !== 'out').length
    const best = left ? matches[0] : rankOne({ ...job, household: job.households[i]! }).matches[0]
    return { left, all: matches.length, ...(best && { best: best.id }) }
  })
