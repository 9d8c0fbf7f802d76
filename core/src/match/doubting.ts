import type { Answer } from '../questions/answer'
import { answerOf } from '../questions/answer'
import { measure, note } from '../questions/reason'
import type { Doubt } from '../readings/doubt'

/**
 * An answer beside what is doubted. Where it waits for a figure because the one that was read is doubted, that is
 * said first. Where a doubted figure entered it, nothing that it found is said for certain: it is Measure, and what
 * it comes to as typed is a note. `entered`: the figures of the household that were looked at on the way.
 */
export function doubting(answer: Answer, doubts: readonly Doubt[], entered: (key: string) => boolean): Answer {
  const those = doubts.filter(({ key }) => entered(key))
  if (those.length) {
    const asTyped = answer.because.map(({ verdict, says, missing }) =>
      verdict === 'measure' ? measure(says, missing ?? []) : note(says),
    )
    return answerOf([...those.map(({ key, says }) => measure(says, [key])), ...asTyped], answer.cautions)
  }
  const these = doubts.filter(({ key }) => answer.missing.includes(key))
  return these.length
    ? { ...answer, because: [...these.map(({ key, says }) => measure(says, [key])), ...answer.because] }
    : answer
}
