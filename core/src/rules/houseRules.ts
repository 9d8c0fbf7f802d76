import { LOADING_RULES } from '../loading/rules'
import { WAY_RULES } from '../plan/wayRules'
import { ALL, type QuestionId, type QuestionRules } from '../questions/index'
import { COUNTERFACTUAL_RULES, type CounterfactualRules } from '../questions/counterfactualRules'
import type { Verdict } from '../questions/reason'
import { defaultsOf, rulesIn, wrongFor, type Rule } from '../rule/rule'
import { SOLVERS, type RulesBelow } from '../solver/solvers'
import { RANKING_RULES } from './rankingRules'

/**
 * The values of all thresholds that a dealership may set. Each stands as data, with its range and the reason for its
 * default, in the room it belongs to: a question's in its folder, those of what questions rest on in theirs.
 */
export type HouseRules = RulesBelow & QuestionRules & { ranking: RankingRules; nearly: CounterfactualRules }

export interface RankingRules {
  /** How much each question weighs in the order. */
  weights: Record<QuestionId, number>
  /** What a verdict earns of its question's weight. */
  points: Record<Verdict, number>
}

/** Every room that has rules, by its key in them. */
export const RULE_ROOMS = {
  ...rulesOf(SOLVERS),
  ...rulesOf(ALL),
  ways: WAY_RULES,
  loading: LOADING_RULES,
  nearly: COUNTERFACTUAL_RULES,
  ranking: RANKING_RULES,
}

export const DEFAULT_HOUSE_RULES = Object.fromEntries(
  Object.entries(RULE_ROOMS).map(([room, table]) => [room, defaultsOf(table)]),
) as unknown as HouseRules

/** All rules by key: `tow.reserve`, `nights.comfort.longWay`. */
export const RULES: ReadonlyMap<string, Rule> = new Map(
  Object.entries(RULE_ROOMS).flatMap(([room, table]) =>
    rulesIn(table).map(({ path, rule }) => [`${room}.${path}`, rule] as const),
  ),
)

/** A value that the dealership has set, by its rule's key. */
export type SetRules = ReadonlyMap<string, number>

/**
 * The defaults with what the dealership set. What no rule has that key for any more, or what lies outside its range by now, is
 * left at the default: what was set under an older program never makes a newer one answer by a figure it doesn't know.
 */
export function rulesWith(set: SetRules, over: HouseRules = DEFAULT_HOUSE_RULES): HouseRules {
  const rules = structuredClone(over) as unknown as Nested
  for (const [key, value] of set) {
    const rule = RULES.get(key)
    if (rule && !wrongFor(rule, value)) put(rules, key.split('.'), value)
  }
  return rules as unknown as HouseRules
}

interface Nested {
  [key: string]: Nested | number
}

function put(into: Nested, [first, ...rest]: string[], value: number): void {
  if (rest.length === 0) into[first!] = value
  else put(into[first!] as Nested, rest, value)
}

function rulesOf(rooms: readonly { id: string; rules: object }[]): Record<string, object> {
  return Object.fromEntries(rooms.map(({ id, rules }) => [id, rules]))
}
