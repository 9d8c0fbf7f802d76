import type { Answer } from '../../questions/answer'
import { QUESTIONS, type QuestionId } from '../../questions/index'
import type { Answers } from '../judge'

/** A question that was asked, with its words and its answer: all that a screen needs, as plain data. */
export interface Asked {
  id: QuestionId
  asks: string
  short: string
  answer: Answer
}

/** The answers in the order consultants ask. */
export function asked(answers: Answers): Asked[] {
  return QUESTIONS.flatMap(({ id, words: { asks, short } }) =>
    answers[id] ? [{ id, asks, short, answer: answers[id] }] : [],
  )
}
