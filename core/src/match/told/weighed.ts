import type { QuestionId } from '../../questions/index'
import type { RankingRules } from '../../rules/houseRules'

/** What each question that was asked is worth on a unit, 0 to 1. */
export type Worths = Partial<Record<QuestionId, number>>
/** How many times as much as the house gives it a question matters to these people; absent: as much. */
export type Matters = Partial<Record<QuestionId, number>>

/** What stands question by question in their order, by its question; null was not asked. */
export const worthsIn = (order: readonly QuestionId[], worths: readonly (number | null)[]): Worths =>
  Object.fromEntries(
    order.flatMap((id, i): [QuestionId, number][] => {
      const own = worths[i]
      return own === null || own === undefined ? [] : [[id, own]]
    }),
  )

/** 0 to 100 as the match itself reckons it, with what matters to these people. */
export function weighed(worths: Worths, weights: RankingRules['weights'], matters: Matters): number {
  let [weight, sum] = [0, 0]
  for (const id in worths) {
    const own = weights[id as QuestionId] * (matters[id as QuestionId] ?? 1)
    weight += own
    sum += own * worths[id as QuestionId]!
  }
  return weight ? (100 * sum) / weight : 0
}

/** Which comes first, by their places: as they stood where all matters as the house has it, else the better first. */
export function orderBy(all: readonly Worths[], weights: RankingRules['weights'], matters: Matters): number[] {
  const places = all.map((_, i) => i)
  if (Object.values(matters).every((one) => one === 1)) return places
  const scores = all.map((worths) => weighed(worths, weights, matters))
  return places.sort((a, b) => scores[b]! - scores[a]! || a - b)
}
