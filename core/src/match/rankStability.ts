import { QUESTIONS } from '../questions/index'
import type { RankingRules } from '../rules/houseRules'
import type { CachedMatch } from './cachedMatch'

/** With fewer plans there is not much to be first of. */
const LEAST = 5
/** So many weightings are tried, each question between half and twice what the house gives it. */
const TRIED = 200
const WIDEST = 2

/**
 * How firm the first place is: the share of sensible weightings under which that unit, or another of its plan, stays first
 * of those of its standing; undefined where fewer than five plans could be first, or where the first place itself waits for a
 * reading: neither is firm, nor the contrary. The weightings are the same each time (a Halton sequence over
 * the questions, evenly spread on a scale of logarithms; Halton, 1960), so that the share does not flicker.
 */
export function rankStability(
  ranked: readonly Pick<CachedMatch, 'plan' | 'standing' | 'worths'>[],
  { weights }: Pick<RankingRules, 'weights'>,
): number | undefined {
  const [first] = ranked
  const rivals = first ? ranked.filter(({ standing }) => standing === first.standing) : []
  if (!first || first.standing !== 'fits') return undefined
  if (new Set(rivals.map(({ plan }) => plan)).size < LEAST) return undefined
  const ids = QUESTIONS.map(({ id }) => id)
  let stays = 0
  for (let n = 1; n <= TRIED; n++) {
    const tried = ids.map((id, k) => weights[id] * WIDEST ** (2 * halton(n, PRIMES[k]!) - 1))
    let [best, most] = [-1, -Infinity]
    rivals.forEach(({ worths }, i) => {
      let [weight, sum] = [0, 0]
      worths.forEach((one, k) => {
        if (one === null) return
        weight += tried[k]!
        sum += tried[k]! * one
      })
      const score = weight ? sum / weight : 0
      if (score > most + 1e-12) [best, most] = [i, score]
    })
    if (rivals[best]!.plan === first.plan) stays += 1
  }
  return stays / TRIED
}

const PRIMES = [2, 3, 5, 7, 11, 13, 17, 19, 23, 29, 31, 37, 41, 43, 47, 53] satisfies number[]

/** The digits of `n` to a base, turned round behind the point. */
function halton(n: number, base: number): number {
  let [sum, share] = [0, 1]
  for (let left = n; left > 0; left = Math.floor(left / base)) {
    share /= base
    sum += share * (left % base)
  }
  return sum
}
