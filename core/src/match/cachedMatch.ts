import type { Household } from '../household/household'
import type { Phrase } from '../quantity/phrase'
import { QUESTIONS, type QuestionId } from '../questions/index'
import type { RankingRules } from '../rules/houseRules'
import { headline } from './headline'
import { askedBy, type AskedLimits } from './bindingConstraints'
import { outcomesOf, withLikely, type LikelyNo } from './likely'
import { objections, place, worth, type Flexibility, type Match } from './match'
import type { Standing } from './standing'

/**
 * What is kept of a match: enough to put the yard in order, to count it, to weigh it otherwise and to say a sentence of each
 * unit. All other words are made again for the few units that are looked at. Plain data.
 */
export interface CachedMatch {
  /** Of units drawn alike the same. */
  plan: string
  /** Of units of one make and model the same. */
  model: string
  standing: Standing
  /** Of the changes that would let it in, by the house rules. */
  size: number
  /** So many questions speak against it. */
  objections: number
  score: number
  /** What each question is worth on it, in the order of the questions; nothing where it was not asked. */
  worths: (number | null)[]
  /** Questions that wait for something, and those with nothing against them, each a bit (`outcomesOf`). */
  waits: number
  passed: number
  /** Questions that say no. */
  against: QuestionId[]
  /** One sentence a person would say of it. */
  says: Phrase
  /** After `if`. */
  changes?: Phrase[]
  flexibility?: Flexibility
  /** Of a unit that something speaks against: what it asks of each limit, or what only trying tells. */
  asks?: AskedLimits
}

export function cachedMatch(match: Match, household: Household, { points }: RankingRules): CachedMatch {
  const { plan, model, standing, score, answers, nearly, flexibility } = match
  const against = QUESTIONS.flatMap(({ id }) => (answers[id]?.verdict === 'no' ? [id] : []))
  const { waits, passed } = outcomesOf(answers)
  return {
    plan,
    model,
    standing,
    size: nearly?.size ?? 0,
    objections: objections(match),
    score,
    worths: QUESTIONS.map(({ id }) => (answers[id] ? round(worth(answers[id], points)) : null)),
    waits,
    passed,
    against,
    says: headline(answers),
    ...(nearly && { changes: nearly.changes }),
    ...(flexibility && { flexibility }),
    ...(against.length > 0 && { asks: askedBy(answers, household) }),
  }
}

/** A unit that something speaks against, and what it asks of each limit. */
export type OutUnit = AskedLimits & { id: string }

/** Those of a ranked yard, nearly fitting ones too. */
export const outOf = (ranked: readonly (CachedMatch & { id: string })[]): OutUnit[] =>
  ranked.flatMap(({ id, standing, asks }) =>
    asks && (standing === 'nearly' || standing === 'out') ? [{ id, ...asks }] : [],
  )

/** Finer than any weighting tells apart. */
const round = (value: number): number => Math.round(value * 1e4) / 1e4

/** A kept match beside all others of its yard. */
export type Placed = CachedMatch & { id: string; likely?: LikelyNo }

/** A whole yard as it is kept, best first. */
export const rankedCached = <Unit extends CachedMatch & { id: string }>(units: readonly Unit[]) =>
  withLikely(units.map((one) => ({ ...one, against: bitsOf(one.against) })))
    .map(({ likely }, i): Unit & { likely?: LikelyNo } => ({ ...units[i]!, ...(likely && { likely }) }))
    .sort(inCachedOrder)

/** Questions as bits, in the order of the questions. */
export const bitsOf = (questions: readonly QuestionId[]): number =>
  QUESTIONS.reduce((sum, { id }, i) => sum + (questions.includes(id) ? 2 ** i : 0), 0)

/** How kept matches stand behind each other, as the matches themselves do (`inOrder`). */
export const inCachedOrder = (a: Placed, b: Placed): number =>
  place(a) - place(b) ||
  a.size - b.size ||
  (a.standing === 'out' ? a.objections - b.objections : 0) ||
  b.score - a.score ||
  (a.id < b.id ? -1 : 1)
