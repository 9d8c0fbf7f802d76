import type { SleepRules } from '../../rules/houseRules'
import { assign, bits, type AssignmentProblem } from './assign'
import type { BerthFact, SleepFacts } from './facts'
import { fit, type Fit } from './fit'
import type { Party, SharingGroup, Sleeper } from './need'

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

/** An ordinary night, and one with guests when guests come. */
export interface Nights {
  everyNight: Night
  guestNight?: Night
}

/** Of what was stored for each set of conversions, that of this night's; undefined when nobody looked at so many at once. */
export function storedFor<T extends { made: string[] }>(stored: readonly T[], night: Pick<Night, 'made'>): T | undefined {
  return stored.find(({ made }) => made.length === night.made.length && made.every((id) => night.made.includes(id)))
}

export interface Placement {
  berth: BerthFact
  people: readonly Sleeper[]
  /** Inches beyond the least length; Infinity when not known. */
  spare: number
}

/**
 * Costs in order of weight, so that one sum is lexicographic: nobody without a berth, couples together,
 * few beds made up, comfort. Comfort stays under 1,000 for 14 people; conversions under 50,000.
 */
const COST = { unplaced: 10_000_000, partnerApart: 100_000, conversion: 2_000, conversionMinute: 10 }

/** The best night by what is known; when that leaves someone out, the best night there could be, with what to measure. */
export function bestNight(facts: SleepFacts, party: Party, rules: SleepRules): Night {
  const fits = fitsOf(facts, party, rules)
  if (fits.every((inBerth) => inBerth.every(isProven))) return solve(facts, party, fits)
  const known = solve(facts, party, fits.map((inBerth) => inBerth.filter(isProven)))
  if (known.unplaced.length === 0 && !known.apart) return known
  const hoped = solve(facts, party, fits)
  const better = hoped.unplaced.length < known.unplaced.length || (hoped.unplaced.length === known.unplaced.length && known.apart && !hoped.apart)
  return better ? hoped : known
}

interface GroupInBerth {
  group: SharingGroup
  fit: Extract<Fit, { can: true }>
}

const isProven = ({ fit: { missing } }: GroupInBerth): boolean => missing.length === 0

/** For each berth, the groups that can lie in it. */
function fitsOf({ berths }: SleepFacts, { groups }: Party, rules: SleepRules): GroupInBerth[][] {
  return berths.map((berth) => {
    const found: GroupInBerth[] = []
    for (const group of groups) {
      const one = fit(group.members, berth, rules)
      if (one.can) found.push({ group, fit: one })
    }
    return found
  })
}

/** Berths that are always there first, then those of each conversion, at the price of making it up. */
function problemOf({ berths, conversions }: SleepFacts, people: number, fits: readonly GroupInBerth[][]): { problem: AssignmentProblem; berthAt: number[][] } {
  const berthAt: number[][] = [[], ...conversions.map(() => [])]
  berths.forEach(({ conversion }, i) => berthAt[conversion ? 1 + conversions.findIndex(({ id }) => id === conversion) : 0]!.push(i))
  const groupsIn = (berth: number) => fits[berth]!.map(({ group: { mask, apart }, fit: { discomfort } }) => ({ mask, cost: discomfort + (apart ? COST.partnerApart * bits(mask) : 0) }))
  const options = berthAt.map((at, k) => ({ opening: k === 0 ? 0 : COST.conversion + COST.conversionMinute * conversions[k - 1]!.minutes, berths: at.map(groupsIn) }))
  const exclusions = conversions.flatMap(({ excludes }, a) => excludes.map((id): [number, number] => [a + 1, conversions.findIndex((other) => other.id === id) + 1]))
  return { problem: { people, unplaced: COST.unplaced, options, exclusions }, berthAt }
}

function solve(facts: SleepFacts, { sleepers }: Party, fits: readonly GroupInBerth[][]): Night {
  const { problem, berthAt } = problemOf(facts, sleepers.length, fits)
  const { placements, unplacedMask } = assign(problem)
  const night: Night = { placements: [], made: [], unplaced: [], apart: false, missing: [] }
  for (const { option, berth, group } of placements) {
    const at = berthAt[option]![berth]!
    const used = fits[at]!.find((one) => one.group.mask === group.mask)!
    const place = facts.berths[at]!
    night.placements.push({ berth: place, people: used.group.members, spare: used.fit.spare })
    if (place.conversion && !night.made.includes(place.conversion)) night.made.push(place.conversion)
    if (used.group.apart) night.apart = true
    for (const key of used.fit.missing) if (!night.missing.includes(key)) night.missing.push(key)
  }
  if (unplacedMask) night.unplaced = sleepers.filter((_, i) => unplacedMask & (1 << i))
  return night
}
