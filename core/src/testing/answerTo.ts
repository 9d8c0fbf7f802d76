import type { Household } from '../household/household'
import { factsOn, type FactSheet } from '../match/factSheet'
import { judgeFor } from '../match/judge'
import { phraseText } from '../quantity/phrase'
import type { Answer } from '../questions/answer'
import { questionOf, type QuestionId } from '../questions/index'
import { DEFAULT_HOUSE_RULES, type HouseRules } from '../rules/houseRules'
import { SOLVERS } from '../solver/solvers'
import type { Trailer } from '../trailer/trailer'

/**
 * What a household is answered to one question on a trailer, from facts as they come out of the database, and
 * its reasons as one text.
 */
export function answerTo(
  { id }: { id: QuestionId },
  trailer: Trailer,
  household: Household,
  rules: HouseRules = DEFAULT_HOUSE_RULES,
): Answer & { words: string } {
  const answer = judgeFor(household, rules, [questionOf(id)])(asStored(factsOn(trailer, rules), id))[id]
  if (!answer) throw new Error(`${household.name} does not ask "${id}"`)
  return { ...answer, words: answer.because.map(({ says }) => phraseText(says)).join(' ') }
}

/** What that question sees of the facts: its own, those of the rooms below, and what may be otherwise. */
function asStored(facts: FactSheet, id: QuestionId): FactSheet {
  const seen = ['doubts', 'undrawn', 'sold', 'unhung', 'otherwise', id, ...SOLVERS.map((ground) => ground.id)] as const
  return JSON.parse(JSON.stringify(Object.fromEntries(seen.map((one) => [one, facts[one]])))) as FactSheet
}
