import { listed, says, type Phrase } from '../quantity/phrase'
import { marginText } from '../questions/margin'
import type { Answer } from '../questions/answer'
import { questionOf, type QuestionId } from '../questions/index'
import { ease } from '../questions/reason'
import { type Answers } from './judge'
import { byWeightOfObjection } from './match'

/**
 * One sentence a person would say of a unit: what speaks against it, else what is tight or open, else what
 * comes closest.
 */
export function headline(answers: Answers): Phrase {
  const [worst] = byWeightOfObjection(answers)
  if (!worst) return says`This household asks nothing yet.`
  const [, answer] = worst
  if (answer.verdict === 'fits') return nothingAgainst(answers)
  const others = byWeightOfObjection(answers)
    .slice(1)
    .filter(([, other]) => other.verdict === answer.verdict)
  const also = others.length
    ? says` Also ${ALSO[answer.verdict]}: ${listed(others.map(([id]) => questionOf(id).words.topic))}.`
    : []
  return [...answer.because[0]!.says, ...also]
}

const ALSO = { fits: '', tight: 'tight', measure: 'to be measured', no: 'against it' } as const

function nothingAgainst(answers: Answers): Phrase {
  const closest = (Object.entries(answers) as [QuestionId, Answer][])
    .filter(([, { margin }]) => margin)
    .sort(([, a], [, b]) => ease(a.margin!) - ease(b.margin!))[0]
  if (!closest) return says`Nothing speaks against it.`
  return says`Nothing speaks against it. Closest: ${questionOf(closest[0]).words.topic}, ${marginText(closest[1])}.`
}
