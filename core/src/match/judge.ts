import { householdDoubts, trustedHousehold } from '../household/doubts'
import type { Household } from '../household/household'
import { answerOf, type Answer } from '../questions/answer'
import { QUESTIONS, type QuestionId } from '../questions/index'
import { measure } from '../questions/reason'
import type { HouseRules } from '../rules/houseRules'
import { sharedFor } from '../shared/shared'
import { TO_DRAW, type DrawnPart } from '../trailer/drawn'
import { doubting } from './doubting'
import type { FactSheet } from './factSheet'

export type Answers = Partial<Record<QuestionId, Answer>>

/** The household's needs once, then any number of fact sheets against them. */
export function judgeFor(
  given: Household,
  rules: HouseRules,
  questions: typeof QUESTIONS = QUESTIONS,
): (facts: FactSheet) => Answers {
  const [household, doubts] = [trustedHousehold(given), householdDoubts(given)]
  const asked = questions.flatMap((question) => {
    const need = question.need(household, rules[question.id], rules)
    return need === null ? [] : [{ question, need }]
  })
  const solved = sharedFor(household, rules)
  return (facts) => {
    const answers: Answers = {}
    const shared = solved(facts)
    const odd = doubts.length ? [...facts.doubts, ...doubts] : facts.doubts
    for (const { question, need } of asked) {
      // Most units are drawn and read well: of those nothing is gone through.
      const missing = facts.undrawn.length ? question.drawing.filter((part) => facts.undrawn.includes(part)) : NOTHING
      const answer = missing.length
        ? answerOf(missing.map((part) => measure([TO_DRAW[part].says], [TO_DRAW[part].key])))
        : question.judge({ facts: facts[question.id], need, shared })
      if (answer) answers[question.id] = odd.length ? doubting(question.id, answer, odd) : answer
    }
    return answers
  }
}

const NOTHING: readonly DrawnPart[] = []
