import { QUESTIONS, type QuestionId } from '../questions/index'
import type { RankingRules } from '../rules/houseRules'
import type { Answers } from './judge'
import { worth } from './match'

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
export function whyOver(a: Answers, b: Answers, ranking: RankingRules): Part[] {
  const [of, over] = [earned(a, ranking), earned(b, ranking)]
  return QUESTIONS.map(({ id }) => ({ question: id, points: (of.get(id) ?? 0) - (over.get(id) ?? 0) }))
    .filter(({ points }) => Math.abs(points) >= HAIR)
    .sort((x, y) => Math.abs(y.points) - Math.abs(x.points))
}

/** Of the 100 points what each question that was asked earns. */
export function earned(answers: Answers, { weights, points }: RankingRules): Map<QuestionId, number> {
  const asked = Object.keys(answers) as QuestionId[]
  const all = asked.reduce((sum, id) => sum + weights[id], 0)
  return new Map(asked.map((id) => [id, all ? (100 * weights[id] * worth(answers[id]!, points)) / all : 0]))
}
