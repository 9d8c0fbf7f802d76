import { QUESTIONS } from '../questions/index'
import type { RankingRules } from '../rules/houseRules'
import type { Answers } from './judge'
import { worth } from './match'
import { worthsIn, type Worths } from './weighed'

/** What every question that was asked is worth on a unit, 0 to 1. */
export const worthsOf = (answers: Answers, points: RankingRules['points']): Worths =>
  Object.fromEntries(QUESTIONS.flatMap(({ id }) => (answers[id] ? [[id, worth(answers[id], points)]] : [])))

/** The same of what is kept of a match, question by question in their order. */
export const keptWorths = ({ worths }: { worths: readonly (number | null)[] }): Worths =>
  worthsIn(
    QUESTIONS.map(({ id }) => id),
    worths,
  )
