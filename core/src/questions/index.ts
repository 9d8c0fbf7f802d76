import { bath } from './bath/bath'
import { exits } from './exits/exits'
import { galley } from './galley/galley'
import { park } from './park/park'
import { price } from './price/price'
import type { Question, QuestionId } from './question'
import { reach } from './reach/reach'
import { seating } from './seating/seating'
import { sleep } from './sleep/sleep'
import { stow } from './stow/stow'
import { tow } from './tow/tow'
import { wishes } from './wishes/wishes'

/** All questions, in the order consultants ask. A new question is a folder and a line here. */
export const QUESTIONS: readonly Question<unknown, unknown>[] = [
  sleep,
  exits,
  reach,
  tow,
  park,
  bath,
  galley,
  seating,
  stow,
  wishes,
  price,
]

/** Raise when the facts of any question change shape: stored facts of an older number are made anew. */
export const FACTS_VERSION = 4

export const questionOf = (id: QuestionId): Question<unknown, unknown> =>
  QUESTIONS.find((question) => question.id === id)!
