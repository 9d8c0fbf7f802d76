import type { Assignment, AssignmentOption, AssignmentProblem, BerthAt, Disturbance, NightCosts } from './assignment'
import { cheapest, leftOutCost, undisturbed } from './subsets'

/**
 * The cheapest assignment where a berth that is taken costs those who lie in others, proven by branch and
 * bound (Land and Doig, "An automatic method of solving discrete programming problems", 1960): for every set
 * of options worth opening, a disturbing berth is either kept empty or taken for granted; both leave a
 * problem without disturbance, whose optimum bounds what can still be found.
 */
export function disturbed(
  problem: AssignmentProblem,
  night: (open: number) => NightCosts,
  quiet: Assignment,
): Assignment {
  const opened = quiet.placements.reduce((bits, { option }) => bits | (1 << option), 1)
  const first = night(opened)
  let best: Assignment = { ...quiet, cost: quiet.cost + first.cost + disturbance(first.disturbances, quiet) }
  if (best.cost === quiet.cost) return best
  // Beyond their opening no set of options does better than all of them open for nothing.
  const beyond = undisturbed({
    ...problem,
    night: undefined,
    options: problem.options.map((option) => ({ ...option, opening: 0 })),
  }).cost
  for (const { set, opening } of openings(problem)) {
    if (opening + beyond >= best.cost) break
    const { cost, disturbances } = night(set.reduce((bits, option) => bits | (1 << option), 0))
    const fixed = opening + cost
    const search = (empty: readonly BerthAt[], granted: readonly BerthAt[]): void => {
      const found = cheapest({ ...problem, options: adjusted(problem.options, disturbances, empty, granted) }, set)
      if (fixed + found.cost >= best.cost) return
      const placements = found.placements.map(({ option, berth, group: { mask } }) => ({
        option,
        berth,
        group: problem.options[option]!.berths[berth]!.find((one) => one.mask === mask)!,
      }))
      const plain = {
        ...found,
        placements,
        cost: placements.reduce((sum, { group }) => sum + group.cost, 0) + leftOutCost(problem, found.unplacedMask),
      }
      const real = fixed + plain.cost + disturbance(disturbances, plain)
      if (real < best.cost) best = { ...plain, cost: real }
      const open = worstDisturber(disturbances, plain, granted)
      if (!open) return
      search(empty, [...granted, open])
      search([...empty, open], granted)
    }
    search([], [])
  }
  return best
}

/** Beyond so many sets of options the quiet night stands as it is: a trailer has not half as many. */
const MOST_OPENINGS = 256

/**
 * Every set of options that may be open together, the cheapest to open first. The first option is what needs no
 * opening.
 */
function openings({ options, exclusions }: AssignmentProblem): { set: number[]; opening: number }[] {
  const excluded = (a: number, set: readonly number[]) =>
    exclusions.some(([x, y]) => (x === a && set.includes(y)) || (y === a && set.includes(x)))
  const sets = [{ set: [0], opening: options[0]!.opening }]
  for (let option = 1; option < options.length && sets.length < MOST_OPENINGS; option++)
    for (const { set, opening } of [...sets])
      if (!excluded(option, set)) sets.push({ set: [...set, option], opening: opening + options[option]!.opening })
  return sets.sort((a, b) => a.opening - b.opening)
}

/** What the placements cost each other. */
function disturbance(disturbances: readonly Disturbance[], { placements }: Pick<Assignment, 'placements'>): number {
  let sum = 0
  for (const { at, by, cost } of disturbances) {
    const lying = placements.find((one) => is(one, at))
    if (lying && (!by || placements.some((one) => is(one, by)))) sum += cost(lying.group.mask)
  }
  return sum
}

/** The options with some berths kept empty, and what granted ones cost the others made part of their own cost. */
function adjusted(
  options: readonly AssignmentOption[],
  disturbances: readonly Disturbance[],
  empty: readonly BerthAt[],
  granted: readonly BerthAt[],
): AssignmentOption[] {
  return options.map(({ berths }, option) => ({
    opening: 0,
    berths: berths.map((groups, berth) => {
      const here = { option, berth }
      if (empty.some((one) => is(here, one))) return []
      const paid = disturbances.filter(
        ({ at, by }) => is(here, at) && (!by || granted.some((one) => one[0] === by[0] && one[1] === by[1])),
      )
      return paid.length === 0
        ? groups
        : groups.map(({ mask, cost }) => ({ mask, cost: paid.reduce((sum, one) => sum + one.cost(mask), cost) }))
    }),
  }))
}

/** The taken berth, not granted yet, that costs the others most. */
function worstDisturber(
  disturbances: readonly Disturbance[],
  { placements }: Assignment,
  granted: readonly BerthAt[],
): BerthAt | undefined {
  const costs = new Map<string, { by: BerthAt; cost: number }>()
  for (const { at, by, cost } of disturbances) {
    if (!by || granted.some((one) => one[0] === by[0] && one[1] === by[1])) continue
    const lying = placements.find((one) => is(one, at))
    if (!lying || !placements.some((one) => is(one, by))) continue
    const key = by.join()
    costs.set(key, { by, cost: (costs.get(key)?.cost ?? 0) + cost(lying.group.mask) })
  }
  const worst = [...costs.values()].filter(({ cost }) => cost > 0).sort((a, b) => b.cost - a.cost)[0]
  return worst?.by
}

const is = ({ option, berth }: { option: number; berth: number }, at: BerthAt): boolean =>
  option === at[0] && berth === at[1]
