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
  const upper = isUpper(berth)
  const longest = berth.length ?? berth.drawn.length + rules.drawnTolerance
  const widest = berth.width ?? berth.drawn.width + rules.drawnTolerance
  let spare = Infinity
  const widthNeeded = widthFor(group, rules)
  let weight = 0
  for (const sleeper of group) {
    if (upper && sleeper.age < rules.upperBunkFrom) return TOO_YOUNG
    if (upper && !sleeper.climbs) return NO_CLIMBER
    const height = sleeper.height ?? (liesAtMost(sleeper, longest, rules) ? sleeper.tallest : undefined)
    if (height !== undefined) spare = Math.min(spare, longest - height - rules.lengthSpare)
    weight += sleeper.weight ?? 0
  }
  if (spare < 0) return TOO_SHORT
  if (widest < widthNeeded) return TOO_NARROW
  if (berth.limit !== undefined && weight > berth.limit) return TOO_HEAVY
  if (group.length > 1 && berth.climbsOver && group.every(({ climbs }) => !climbs)) return NO_WAY_OVER
  if (berth.length === undefined) spare = Infinity
  const widthSpare = berth.width === undefined ? Infinity : berth.width - widthNeeded
  return {
    can: true,
    spare,
    widthSpare,
    discomfort: discomfort(group, berth, spare, widthSpare, rules),
    missing: missingFor(group, berth, longest, rules),
  }
}

/** A child that nobody measured lies well for certain where the tallest of its age would; else its height is asked for. */
const liesAtMost = ({ tallest }: Sleeper, longest: number, { lengthComfort }: NightRules): boolean =>
  tallest !== undefined && longest - tallest >= lengthComfort

const TOO_YOUNG: Fit = { can: false, why: 'too young for an upper bunk' }
const NO_CLIMBER: Fit = { can: false, why: 'does not climb' }
const TOO_SHORT: Fit = { can: false, why: 'too short' }
const TOO_NARROW: Fit = { can: false, why: 'too narrow' }
const TOO_HEAVY: Fit = { can: false, why: 'over its weight limit' }
const NO_WAY_OVER: Fit = { can: false, why: 'no way over' }
const NOTHING: string[] = []

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
