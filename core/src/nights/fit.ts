import type { NightRules } from './rules'
import { discomfort } from './comfort'
import { isLimited, isLow, isUpper, type BerthFact } from './facts'
import type { Sleeper } from './need'

/** Why a group does not lie in a berth. */
export type Misfit =
  | 'too young for an upper bunk'
  | 'does not climb'
  | 'too short'
  | 'too narrow'
  | 'over its weight limit'
  | 'no way over'

/** Whether a group can lie in a berth, and how well. */
export type Fit = { can: false; why: Misfit } | Lies

export interface Lies {
  can: true
  spare: number
  widthSpare: number
  discomfort: number
  missing: string[]
}

/**
 * One sleeper, or two side by side. Checked: mattress length against height, width against shoulders by
 * age, the weight limit where the kind has one, age and climbing for upper berths, and that of two who both do
 * not climb none has to climb over the other. A figure nobody read does not make it fit; it is named in
 * `missing`, and until then what is drawn says no where it is too small beyond its tolerance. `spare` and
 * `widthSpare` are inches beyond the least length and width (Infinity when a figure is missing).
 */
export function fit(group: readonly Sleeper[], berth: BerthFact, rules: NightRules): Fit {
  const space = spaceFor(group, berth, rules)
  if (typeof space === 'string') return CANNOT[space]
  const { widthNeeded, longest } = space
  const spare = berth.length === undefined ? Infinity : space.spare
  const widthSpare = berth.width === undefined ? Infinity : berth.width - widthNeeded
  return {
    can: true,
    spare,
    widthSpare,
    discomfort: discomfort(group, berth, spare, widthSpare, rules),
    missing: missingFor(group, berth, longest, rules),
  }
}

/** Why a group does not lie in a berth, as `fit` says it; undefined where it can. How well is not asked. */
export function misfit(group: readonly Sleeper[], berth: BerthFact, rules: NightRules): Misfit | undefined {
  const space = spaceFor(group, berth, rules)
  return typeof space === 'string' ? space : undefined
}

/** What a berth has for a group that can lie in it: inches beyond the least length, and what its figures were held against. */
interface Space {
  spare: number
  widthNeeded: number
  longest: number
}

function spaceFor(group: readonly Sleeper[], berth: BerthFact, rules: NightRules): Space | Misfit {
  const upper = isUpper(berth)
  const longest = berth.length ?? berth.drawn.length + rules.drawnTolerance
  const widest = berth.width ?? berth.drawn.width + rules.drawnTolerance
  let spare = Infinity
  const widthNeeded = widthFor(group, rules)
  let weight = 0
  for (const sleeper of group) {
    if (upper && sleeper.age < rules.upperBunkFrom) return 'too young for an upper bunk'
    if (upper && !sleeper.climbs) return 'does not climb'
    const height = sleeper.height ?? (liesAtMost(sleeper, longest, rules) ? sleeper.tallest : undefined)
    if (height !== undefined) spare = Math.min(spare, longest - height - rules.lengthSpare)
    weight += sleeper.weight ?? 0
  }
  if (spare < 0) return 'too short'
  if (widest < widthNeeded) return 'too narrow'
  if (berth.limit !== undefined && weight > berth.limit) return 'over its weight limit'
  if (group.length > 1 && berth.climbsOver && group.every(({ climbs }) => !climbs)) return 'no way over'
  return { spare, widthNeeded, longest }
}

/** One answer for each reason: a ranking asks a hundred thousand times. */
const CANNOT: Record<Misfit, Fit> = {
  'too young for an upper bunk': { can: false, why: 'too young for an upper bunk' },
  'does not climb': { can: false, why: 'does not climb' },
  'too short': { can: false, why: 'too short' },
  'too narrow': { can: false, why: 'too narrow' },
  'over its weight limit': { can: false, why: 'over its weight limit' },
  'no way over': { can: false, why: 'no way over' },
}
const NOTHING: string[] = []

/** A child that nobody measured lies well for certain where the tallest of its age would; else its height is asked for. */
const liesAtMost = ({ tallest }: Sleeper, longest: number, { lengthComfort }: NightRules): boolean =>
  tallest !== undefined && longest - tallest >= lengthComfort

/** Readings that the fit rests on and nobody took. */
function missingFor(group: readonly Sleeper[], berth: BerthFact, longest: number, rules: NightRules): string[] {
  const limited = isLimited(berth)
  const low = berth.headroom === undefined && isLow(berth) && group.some(({ age }) => age >= rules.adultFrom)
  const known =
    berth.length !== undefined && berth.width !== undefined && (!limited || berth.limit !== undefined) && !low
  if (known && group.every(({ height, weight }) => height !== undefined && (!limited || weight !== undefined)))
    return NOTHING
  return [
    ...group
      .filter((one) => one.height === undefined && !liesAtMost(one, longest, rules))
      .map(({ id }) => `household.people.${id}.height`),
    ...(berth.length === undefined ? [`plan.berths.${berth.id}.mattressLength`] : []),
    ...(berth.width === undefined ? [`plan.berths.${berth.id}.mattressWidth`] : []),
    ...(limited && berth.limit === undefined ? [`plan.berths.${berth.id}.weightLimit`] : []),
    ...(low ? [`plan.berths.${berth.id}.headroom`] : []),
    ...(limited ? unweighed(group, berth.limit).map(({ id }) => `household.people.${id}.weight`) : []),
  ]
}

/** Whose weight is asked for: nobody’s where the heaviest of their age are within the limit. */
function unweighed(group: readonly Sleeper[], limit: number | undefined): readonly Sleeper[] {
  const unknown = group.filter(({ weight }) => weight === undefined)
  const most = group.reduce((sum, { weight, heaviest }) => sum + (weight ?? heaviest ?? Infinity), 0)
  if (limit !== undefined && most <= limit) return []
  // Of a limit that is to be read first nobody can say yet whether a child’s weight matters.
  return limit === undefined ? unknown.filter(({ heaviest }) => heaviest === undefined) : unknown
}

/** Inches of width one takes alone, or two side by side. */
export function widthFor(group: readonly Sleeper[], rules: NightRules): number {
  if (group.length === 1) return widthAlone(group[0]!.age, rules)
  let width = 0
  for (const { age } of group) width += age < rules.shareUnder ? rules.pairChild : rules.pairAdult
  return width
}

function widthAlone(age: number, rules: NightRules): number {
  if (age >= rules.adultFrom) return rules.widthAdult
  return age >= rules.teenFrom ? rules.widthTeen : rules.widthChild
}
