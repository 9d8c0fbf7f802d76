import loadHighs from 'highs'
import { assign } from '../../core/src/nights/assign'
import { asLinearProgram, chance, randomProblem, withPassing } from '../../core/src/testing/assignments'
import { spread, timed } from './median'

const PROBLEMS = 1000

/**
 * The sleeping solver against HiGHS on the same 1,000 problems of up to 10 people and 14 berths, with
 * conversions, exclusions and
 * berths that disturb others: the same optimum, and how much sooner. To reach: equal on all, 100 times by
 * median, 50 ms at worst.
 */
export async function benchSleeping() {
  const highs = await loadHighs()
  const random = chance(42)
  const problems = Array.from({ length: PROBLEMS }, () => withPassing(random, randomProblem(random, 10, 14)))
  for (const problem of problems.slice(0, 20)) assign(problem)
  const own: number[] = []
  const reference: number[] = []
  let sameOptimum = 0
  // One after the other: what one leaves for the collector is not timed with the other's work.
  const costs: number[] = []
  for (const problem of problems) {
    const { took, result } = await timed(() => assign(problem))
    own.push(took)
    costs.push(result.cost)
  }
  for (const [i, problem] of problems.entries()) {
    const text = asLinearProgram(problem)
    const { took, result } = await timed(() =>
      highs.solve(text, { mip_rel_gap: 0, mip_abs_gap: 0.4, output_flag: false } as never),
    )
    reference.push(took)
    if (Math.round(result.ObjectiveValue) === costs[i]) sameOptimum += 1
  }
  const [ours, theirs] = [spread(own), spread(reference)]
  return {
    problems: PROBLEMS,
    sameOptimum,
    hitchetMs: ours,
    highsMs: theirs,
    timesFasterByMedian: Math.round(theirs.median / ours.median),
  }
}
