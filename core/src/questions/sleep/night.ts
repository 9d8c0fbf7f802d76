import type { SleepRules } from '../../rules/houseRules'
import { assign, bits, type AssignmentOption, type AssignmentProblem } from './assign'
import type { BerthFact, SleepFacts } from './facts'
import { fit, type Fit } from './fit'
import { groupsOf, type Sleeper } from './need'

/** Who lies where on one kind of night. */
export interface Night {
  placements: Placement[]
  /** Conversions made, by id. */
  made: string[]
  unplaced: Sleeper[]
  /** Couples that do not lie together. */
  apart: boolean
  /** Readings this night rests on that nobody took; empty when it is proven. */
  missing: string[]
}

export interface Placement {
  berth: BerthFact
  people: Sleeper[]
  /** Inches beyond the least length; Infinity when not known. */
  spare: number
}

/**
 * Costs in order of weight, so that one sum is lexicographic: nobody without a berth, couples together,
 * few beds made up, comfort. Comfort stays under 1,000 for 14 people; conversions under 50,000.
 */
const COST = { unplaced: 10_000_000, partnerApart: 100_000, conversion: 2_000, conversionMinute: 10 }

/** The best night by what is known; when that leaves someone out, the best night there could be, with what to measure. */
export function bestNight(facts: SleepFacts, sleepers: readonly Sleeper[], rules: SleepRules): Night {
  const fits = fitsOf(facts, sleepers, rules)
  const known = solve(facts, sleepers, fits, (one) => one.missing.length === 0)
  if ((known.unplaced.length === 0 && !known.apart) || fits.every(({ fit: one }) => one.missing.length === 0)) return known
  const hoped = solve(facts, sleepers, fits, () => true)
  const better = hoped.unplaced.length < known.unplaced.length || (hoped.unplaced.length === known.unplaced.length && known.apart && !hoped.apart)
  return better ? hoped : known
}

type Possible = Extract<Fit, { can: true }>

interface GroupInBerth {
  berth: number
  mask: number
  members: Sleeper[]
  apart: boolean
  fit: Possible
}

function fitsOf({ berths }: SleepFacts, sleepers: readonly Sleeper[], rules: SleepRules): GroupInBerth[] {
  const groups = groupsOf(sleepers, rules)
  const found: GroupInBerth[] = []
  berths.forEach((place, berth) => {
    for (const { mask, members, apart } of groups) {
      const one = fit(members, place, rules)
      if (one.can) found.push({ berth, mask, members, apart, fit: one })
    }
  })
  return found
}

/** The problem as the solver takes it, and how to read its berths back. */
export function problemOf(
  facts: SleepFacts,
  people: number,
  fits: readonly Pick<GroupInBerth, 'berth' | 'mask' | 'apart' | 'fit'>[],
): { problem: AssignmentProblem; berthAt: number[][] } {
  const groupsIn = (berth: number) =>
    fits.filter((one) => one.berth === berth).map(({ mask, apart, fit: { discomfort } }) => ({ mask, cost: discomfort + (apart ? COST.partnerApart * bits(mask) : 0) }))
  const indexed = facts.berths.map((berth, i) => ({ berth, i }))
  const always = indexed.filter(({ berth }) => !berth.conversion).map(({ i }) => i)
  const berthAt = [always, ...facts.conversions.map(({ id }) => indexed.filter(({ berth }) => berth.conversion === id).map(({ i }) => i))]
  const options: AssignmentOption[] = berthAt.map((berths, k) => ({
    opening: k === 0 ? 0 : COST.conversion + COST.conversionMinute * facts.conversions[k - 1]!.minutes,
    berths: berths.map(groupsIn),
  }))
  const exclusions = facts.conversions.flatMap(({ excludes }, a) =>
    excludes.map((id): [number, number] => [a + 1, facts.conversions.findIndex((other) => other.id === id) + 1]),
  )
  return { problem: { people, unplaced: COST.unplaced, options, exclusions }, berthAt }
}

function solve(facts: SleepFacts, sleepers: readonly Sleeper[], fits: readonly GroupInBerth[], allowed: (fit: Possible) => boolean): Night {
  const usable = fits.filter((one) => allowed(one.fit))
  const { problem, berthAt } = problemOf(facts, sleepers.length, usable)
  const { placements, unplacedMask } = assign(problem)
  const used = placements.map(({ option, berth, group }) => usable.find((one) => one.berth === berthAt[option]![berth] && one.mask === group.mask)!)
  return {
    placements: used.map((one) => ({ berth: facts.berths[one.berth]!, people: one.members, spare: one.fit.spare })),
    made: [...new Set(used.flatMap((one) => facts.berths[one.berth]!.conversion ?? []))],
    unplaced: sleepers.filter((_, i) => unplacedMask & (1 << i)),
    apart: used.some((one) => one.apart),
    missing: [...new Set(used.flatMap((one) => one.fit.missing))],
  }
}
