import type { Answers } from '../match/judge'
import { headline } from '../match/headline'
import { byWeightOfObjection } from '../match/match'
import { goodOf } from '../match/told/pitch'
import { phraseText, type Phrase } from '../quantity/phrase'
import type { QuestionId } from '../questions/index'

/** So many sentences are read at home; what else was said stands behind. */
const MOST = 3

/**
 * Who sleeps where, what decides, and what speaks for it; and what the towing rests on where there is room. Nothing is said
 * twice: where somebody has no bed, what decides says so.
 */
export function threeSentences(
  answers: Answers,
  sleeping: Phrase | undefined,
  weights: Readonly<Record<QuestionId, number>>,
): Phrase[] {
  const good = goodOf(answers, weights)
  const bedsDecide = byWeightOfObjection(answers)[0]?.[0] === 'sleep' && answers.sleep?.verdict === 'no'
  const all = [
    ...(sleeping && !bedsDecide ? [sleeping] : []),
    headline(answers),
    ...(good ? [good] : []),
    ...(answers.tow?.because[0] ? [answers.tow.because[0].says] : []),
  ]
  const text = all.map((one) => phraseText(one))
  return all.filter((_, i) => text.findIndex((other) => other.startsWith(text[i]!)) === i).slice(0, MOST)
}
