import type { Phrase } from '../../quantity/phrase'
import type { Answer } from '../../questions/answer'
import { knownMargin, marginText } from '../../questions/margin'
import type { Margin, Verdict } from '../../questions/reason'

/** An answer as it stands on one line: bar, word, figure. */
export interface AnswerLineData {
  verdict: Verdict
  margin?: Margin
  says: Phrase
  /** What is known of an answer that is open. */
  known?: Margin
  knownSays?: Phrase
}

export function answerLine(answer: Answer): AnswerLineData {
  const known = knownMargin(answer)
  return {
    verdict: answer.verdict,
    ...(answer.margin && { margin: answer.margin }),
    says: marginText(answer),
    ...(known && { known, knownSays: marginText({ verdict: 'tight', margin: known, missing: [] }) }),
  }
}
