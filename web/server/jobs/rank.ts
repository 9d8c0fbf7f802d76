import type { Household } from '@hitchet/core/household/household'
import { firmness } from '@hitchet/core/match/firmness'
import { inTheWay, type Way } from '@hitchet/core/match/inTheWay'
import { judgeFor, type Answers } from '@hitchet/core/match/judge'
import { keptMatch, type KeptMatch } from '@hitchet/core/match/kept'
import { rankWithChanges } from '@hitchet/core/match/match'
import { yardLeft, type YardLeft } from '@hitchet/core/match/yardLeft'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { sheetsOf, type Sheet } from './sheets'

interface OfHousehold {
  household: Household
  rules: HouseRules
}

/** How much of the yard is possible for a household that is being typed. */
export async function leftFor({ household, rules }: OfHousehold): Promise<YardLeft> {
  const sheets = await sheetsOf(rules)
  const ranked = rankWithChanges(sheets, household, rules).map((match) => ({
    id: match.id,
    ...keptMatch(match, household, rules.ranking),
  }))
  return yardLeft(ranked, waysIn(ranked, sheets, household, rules))
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

/** What would let in more of a yard that is ranked already, and how firm its first place is. */
export async function waysFor({
  ranked,
  household,
  rules,
}: OfHousehold & { ranked: readonly Ranked[] }): Promise<{ ways: Way[]; firm?: number }> {
  // Only trying tells of these; of the others the limits they pass are known.
  const tried = ranked.filter(({ asks }) => asks?.tryable !== undefined).map(({ id }) => id)
  const ways = waysIn(ranked, await sheetsOf(rules, tried), household, rules)
  const firm = firmness(ranked, rules.ranking)
  return { ways, ...(firm !== undefined && { firm }) }
}

export type Ranked = Pick<KeptMatch, 'plan' | 'standing' | 'worths' | 'asks'> & { id: string }

function waysIn(ranked: readonly Ranked[], sheets: readonly Sheet[], household: Household, rules: HouseRules): Way[] {
  const facts = new Map(sheets.map((one) => [one.id, one.facts]))
  const out = ranked.flatMap(({ id, standing, asks }) =>
    (standing === 'nearly' || standing === 'out') && asks && (asks.tryable === undefined || facts.has(id))
      ? [{ id, ...asks }]
      : [],
  )
  return inTheWay(out, (id) => facts.get(id)!, household, rules)
}
