import type { Assignment, AssignmentProblem } from './assignment'
import { disturbed } from './disturbed'
import { MOST_PEOPLE, undisturbed } from './subsets'

/**
 * The cheapest assignment, proven. What nobody disturbs is solved by `undisturbed`; disturbances only add to
 * that, so it bounds the search of `disturbed.ts` from below. Costs are whole numbers below 2^30 in sum.
 * @throws RangeError for more than 16 people.
 */
export function assign(problem: AssignmentProblem): Assignment {
  if (problem.people > MOST_PEOPLE)
    throw new RangeError(`${problem.people} people; at most ${MOST_PEOPLE} can be placed`)
  const quiet = undisturbed(problem)
  return problem.night ? disturbed(problem, problem.night, quiet) : quiet
}
