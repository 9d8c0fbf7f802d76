import type { Answer } from '../../questions/answer'
import { QUESTIONS, type QuestionId } from '../../questions/index'
import { badness, ease } from '../../questions/reason'
import { phraseText } from '../../quantity/phrase'
import { marginText } from '../../questions/margin'
import { bestAnswers } from './best'
import type { Answers } from '../judge'

/** A question over several units: whether it tells them apart, and how much. */
export interface Difference {
  question: QuestionId
  differs: boolean
  /** Of each unit, in their order, whether it does best. */
  best: boolean[]
  /** 0 when all answer alike; a whole number for each step between best and worst verdict. */
  spread: number
}

/** The questions that any of the units was asked, those that tell them apart most first. */
export function differences(units: readonly Answers[]): Difference[] {
  return QUESTIONS.flatMap(({ id }): Difference[] => {
    const answers = units.flatMap((answersOfOne) => answersOfOne[id] ?? [])
    if (answers.length === 0) return []
    const spread = spreadOf(answers.map(({ verdict }) => badness(verdict))) + spreadOf(answers.map(easeOf))
    // Of one verdict, what is to spare still parts them: $300 left is not $9,000 left.
    const told = new Set(answers.map((answer) => `${answer.verdict} ${phraseText(marginText(answer))}`))
    const best = bestAnswers(units.map((answersOfOne) => answersOfOne[id]))
    return [{ question: id, differs: told.size > 1 || answers.length < units.length, spread, best }]
  }).sort((a, b) => b.spread - a.spread)
}

const easeOf = ({ margin, verdict }: Answer): number => (margin && verdict !== 'measure' ? ease(margin) : 0)

const spreadOf = (values: number[]): number => Math.max(...values) - Math.min(...values)
