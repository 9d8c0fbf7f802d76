import type { Household } from '@hitchet/core/household/household'
import { restedFigure, type RestedFigure } from '@hitchet/core/match/told/restedFigure'
import { provenanceOf } from '@hitchet/core/match/provenance'
import { QUESTIONS, type QuestionId } from '@hitchet/core/questions/index'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import type { Trailer } from '@hitchet/core/trailer/trailer'

/** What one answer rests on, figure by figure. */
export interface AnswerRests {
  question: QuestionId
  short: string
  figures: RestedFigure[]
}

/** For each question that a household asks of a unit the figures its answer rests on. */
export function rests(job: { trailer: Trailer; household: Household; rules: HouseRules }): AnswerRests[] {
  const { trailer, household, rules } = job
  const keys = provenanceOf(trailer, household, rules)
  return QUESTIONS.flatMap(({ id, words: { short } }) =>
    keys[id]
      ? [{ question: id, short, figures: keys[id].flatMap((key) => restedFigure(key, trailer, household) ?? []) }]
      : [],
  )
}
