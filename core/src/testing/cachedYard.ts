import type { Household } from '../household/household'
import { bindingConstraints, type Way } from '../match/bindingConstraints'
import { cachedMatch, outOf, type CachedMatch } from '../match/cachedMatch'
import { rankWithChanges, type Candidate, type Match } from '../match/match'
import type { HouseRules } from '../rules/houseRules'

/** What is kept of some matches. */
export const cachedOf = (
  matches: readonly Match[],
  household: Household,
  rules: HouseRules,
): (CachedMatch & { id: string })[] =>
  matches.map((match) => ({ id: match.id, ...cachedMatch(match, household, rules.ranking) }))

/** What stands in the way over a whole yard, reckoned as from what is kept of it. */
export function waysOver(candidates: readonly Candidate[], household: Household, rules: HouseRules): Way[] {
  const facts = new Map(candidates.map((one) => [one.id, one.facts]))
  const out = outOf(cachedOf(rankWithChanges(candidates, household, rules), household, rules))
  return bindingConstraints(JSON.parse(JSON.stringify(out)) as typeof out, (id) => facts.get(id)!, household, rules)
}
