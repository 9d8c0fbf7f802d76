import type { Answer } from '../questions/answer'
import { answerOf } from '../questions/answer'
import type { QuestionId } from '../questions/index'
import { measure, note } from '../questions/reason'
import type { Doubt } from '../readings/doubt'

/** The questions that a household's figure enters, by what its key begins with; people and vehicle say so themselves. */
const ENTERS: readonly [begins: string, questions: readonly QuestionId[]][] = [
  ['household.limits.budget', ['price']],
  ['household.limits.', ['park']],
  ['household.trip.belongings', ['tow']],
  ['household.trip.hitch', ['tow']],
  ['household.trip.nights', ['sleep', 'tow', 'stow', 'stay']],
  ['household.trip.', ['tow', 'stay']],
  ['household.pets.', ['sleep', 'tow']],
  ['household.gear.', ['tow', 'stow']],
]

/**
 * An answer beside what is doubted. Where it waits for a figure because the one that was read is doubted, that is
 * said first. Where a doubted figure entered it, nothing that it found is said for certain: it is Measure, and what
 * it comes to as typed is a note.
 */
export function doubting(question: QuestionId, answer: Answer, doubts: readonly Doubt[]): Answer {
  const entered = doubts.filter(({ key }) => enters(key, question))
  if (entered.length) {
    const asTyped = answer.because.map(({ verdict, says, missing }) =>
      verdict === 'measure' ? measure(says, missing ?? []) : note(says),
    )
    return answerOf([...entered.map(({ key, says }) => measure(says, [key])), ...asTyped], answer.cautions)
  }
  const these = doubts.filter(({ key }) => answer.missing.includes(key))
  return these.length
    ? { ...answer, because: [...these.map(({ key, says }) => measure(says, [key])), ...answer.because] }
    : answer
}

const enters = (key: string, question: QuestionId): boolean =>
  ENTERS.find(([begins]) => key.startsWith(begins))?.[1].includes(question) ?? false
