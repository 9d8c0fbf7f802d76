import { questionOf, type QuestionId } from '../questions/index'
import type { Way } from './bindingConstraints'
import type { CachedMatch } from './cachedMatch'
import type { Standing } from './standing'

/** How much of the yard is still possible for a household. */
export interface YardLeft {
  all: number
  left: number
  /**
   * Units with anything against them, by the question that says so, and its words; one unit may count under
   * several.
   */
  out: { question: QuestionId; units: number; against: string }[]
  /** What would let in more, by the ids of those units. */
  ways: Way[]
  /** Every unit, best first. */
  units: { id: string; standing: Standing }[]
}

/** `ranked`: the yard, best first. */
export function yardLeft(ranked: readonly (CachedMatch & { id: string })[], ways: Way[]): YardLeft {
  const against = new Map<QuestionId, number>()
  for (const one of ranked) for (const question of one.against) against.set(question, (against.get(question) ?? 0) + 1)
  return {
    all: ranked.length,
    left: ranked.filter(({ standing }) => standing === 'fits' || standing === 'measure').length,
    out: [...against]
      .map(([question, units]) => ({ question, units, against: questionOf(question).words.against }))
      .sort((a, b) => b.units - a.units),
    ways,
    units: ranked.map(({ id, standing }) => ({ id, standing })),
  }
}
