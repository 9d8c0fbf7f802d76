import { QUESTIONS, type QuestionId } from '../../questions/index'
import type { RankingRules } from '../../rules/houseRules'
import type { Worths } from './weighed'

/** What a question adds to one unit over another, in points of 100. */
export interface Part {
  question: QuestionId
  points: number
}

/** Less than this is rounding, points. */
const HAIR = 0.05

/**
 * Why a unit stands before another of its standing: what each question earns the one beyond the other. The parts sum up to
 * the difference of their scores, exactly but for the rounding of those; the largest first.
 */
export function whyOver(a: Worths, b: Worths, weights: RankingRules['weights']): Part[] {
  const [of, over] = [earned(a, weights), earned(b, weights)]
  return QUESTIONS.map(({ id }) => ({ question: id, points: (of.get(id) ?? 0) - (over.get(id) ?? 0) }))
    .filter(({ points }) => Math.abs(points) >= HAIR)
    .sort((x, y) => Math.abs(y.points) - Math.abs(x.points))
}

/** Of the 100 points what each question that was asked earns. */
export function earned(worths: Worths, weights: RankingRules['weights']): Map<QuestionId, number> {
  const asked = Object.keys(worths) as QuestionId[]
  const all = asked.reduce((sum, id) => sum + weights[id], 0)
  return new Map(asked.map((id) => [id, all ? (100 * weights[id] * worths[id]!) / all : 0]))
}
