import type { QuestionId } from '../../questions/index'
import { badness } from '../../questions/reason'
import type { Asked } from '../asking/asked'

/**
 * Of all that was asked the few that matter most to these people on this unit: what speaks against it or is open, the worst
 * first, then what weighs most with them.
 */
export function mattering(
  all: readonly Asked[],
  weights: Readonly<Record<QuestionId, number>>,
  count: number,
): { first: Asked[]; rest: Asked[] } {
  // What fits is no objection: its badness is 0.
  const objection = ({ id, answer }: Asked) => badness(answer.verdict) * weights[id]
  const sorted = [...all].sort((a, b) => objection(b) - objection(a) || weights[b.id] - weights[a.id])
  const first = new Set(sorted.slice(0, count))
  return { first: all.filter((one) => first.has(one)), rest: all.filter((one) => !first.has(one)) }
}
