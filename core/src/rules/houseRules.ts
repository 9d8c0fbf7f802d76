import { NEARLY_RULES, type NearlyRules } from '../questions/nearlyRules'
import { WAY_RULES } from '../plan/wayRules'
import { ALL, type QuestionId, type QuestionRules } from '../questions/index'
import type { Verdict } from '../questions/reason'
import { GROUNDS, type GroundRules, type RulesBelow } from '../shared/shared'

/**
 * The dealership's thresholds. Each stands with the reason for its default in the room it belongs to: a
 * question's in its folder, those of what questions rest on in theirs. A manager may change them; nothing
 * else in the code holds a threshold. Lengths in inches, weights in pounds.
 */
export type HouseRules = RulesBelow & QuestionRules & { ranking: RankingRules; nearly: NearlyRules }

export interface RankingRules {
  /** How much each question weighs in the order. */
  weights: Record<QuestionId, number>
  /** What a verdict earns of its question's weight. */
  points: Record<Verdict, number>
}

export const DEFAULT_HOUSE_RULES: HouseRules = {
  ...(rulesOf(GROUNDS) as GroundRules),
  ...(rulesOf(ALL) as QuestionRules),
  ways: WAY_RULES,
  nearly: NEARLY_RULES,
  ranking: {
    weights: Object.fromEntries(ALL.map(({ id, weight }) => [id, weight])) as Record<QuestionId, number>,
    points: { fits: 1, tight: 0.5, measure: 0.35, no: 0 },
  },
}

function rulesOf(rooms: readonly { id: string; rules: object }[]): Record<string, object> {
  return Object.fromEntries(rooms.map(({ id, rules }) => [id, rules]))
}
