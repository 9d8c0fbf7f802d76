import type { Household } from '@hitchet/core/household/household'
import { rankStability } from '@hitchet/core/match/rankStability'
import { bindingConstraints, type Way } from '@hitchet/core/match/bindingConstraints'
import { judgeFor, type Answers } from '@hitchet/core/match/judge'
import { cachedMatch, outOf, type CachedMatch, type OutUnit } from '@hitchet/core/match/cachedMatch'
import { rankWithChanges } from '@hitchet/core/match/match'
import { yardLeft, type YardLeft } from '@hitchet/core/match/yardLeft'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { outcomeOf } from './outcome'
import { sheetsOf, type Sheet } from './sheets'

interface OfHousehold {
  household: Household
  rules: HouseRules
}

/** How much of the yard is possible for a household that is being typed. */
export async function leftFor({ household, rules }: OfHousehold): Promise<YardLeft> {
  const all = await sheetsOf(rules)
  const left = (sheets: Sheet[]) => {
    const ranked = rankWithChanges(sheets, household, rules).map((match) => ({
      id: match.id,
      ...cachedMatch(match, household, rules.ranking),
    }))
    return yardLeft(ranked, waysIn(outOf(ranked), sheets, household, rules))
  }
  const outcome = outcomeOf(() => left(all))
  if ('kept' in outcome) return outcome.kept
  // One on which nothing can be worked out costs the others nothing.
  return left(all.filter((one) => 'kept' in outcomeOf(() => left([one]))))
}

/** All that is answered to a household on some units, by their ids. */
export async function answersFor({
  units,
  household,
  rules,
}: OfHousehold & { units: readonly string[] }): Promise<[id: string, answers: Answers][]> {
  const judge = judgeFor(household, rules)
  return (await sheetsOf(rules, units)).map(({ id, facts }) => [id, judge(facts)])
}

/** What would let in more of a yard that is ranked already, by those that something speaks against. */
export async function waysFor({ out, household, rules }: OfHousehold & { out: readonly OutUnit[] }): Promise<Way[]> {
  // Only trying tells of these; of the others the limits they pass are known.
  const tried = out.filter(({ tryable }) => tryable !== undefined).map(({ id }) => id)
  return waysIn(out, await sheetsOf(rules, tried), household, rules)
}

/** How firm the first place of a ranked yard is. */
export const firmnessOf = ({
  ranked,
  rules,
}: {
  ranked: readonly Pick<CachedMatch, 'plan' | 'standing' | 'worths'>[]
  rules: HouseRules
}): number | undefined => rankStability(ranked, rules.ranking)

function waysIn(out: readonly OutUnit[], sheets: readonly Sheet[], household: Household, rules: HouseRules): Way[] {
  const facts = new Map(sheets.map((one) => [one.id, one.facts]))
  const known = out.filter(({ id, tryable }) => tryable === undefined || facts.has(id))
  return bindingConstraints(known, (id) => facts.get(id)!, household, rules)
}
