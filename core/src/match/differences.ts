import type { Answer } from '../questions/answer'
import { QUESTIONS, type QuestionId } from '../questions/index'
import { badness, ease } from '../questions/reason'
import type { Answers } from './judge'

/** A question over several units: whether it tells them apart, and how much. */
export interface Difference {
  question: QuestionId
  differs: boolean
  /** 0 when all answer alike; a whole number for each step between best and worst verdict. */
  spread: number
}

/** Margins nearer than this share of `plenty` are alike to a buyer. */
const ALIKE = 0.15

/** The questions that any of the units was asked, those that tell them apart most first. */
export function differences(units: readonly Answers[]): Difference[] {
  return QUESTIONS.flatMap(({ id }): Difference[] => {
    const answers = units.flatMap((answersOfOne) => answersOfOne[id] ?? [])
    if (answers.length === 0) return []
    const spread = spreadOf(answers.map(({ verdict }) => badness(verdict))) + spreadOf(answers.map(easeOf))
    return [{ question: id, differs: spread >= ALIKE, spread }]
  }).sort((a, b) => b.spread - a.spread)
}

const easeOf = ({ margin, verdict }: Answer): number => (margin && verdict !== 'measure' ? ease(margin) : 0)

const spreadOf = (values: number[]): number => Math.max(...values) - Math.min(...values)
