import type { NightRules } from './rules'
import { discomfort } from './comfort'
import { isLimited, isUpper, type BerthFact } from './facts'
import type { Sleeper } from './need'

/** Whether a group can lie in a berth, and how well. */
export type Fit =
  { can: false; why: string } | { can: true; spare: number; widthSpare: number; discomfort: number; missing: string[] }

/**
 * One sleeper, or two side by side. Checked: mattress length against height, width against shoulders by
 * age, the weight limit where the kind has one, age and climbing for upper berths. A figure nobody read
 * does not make it fit; it is named in `missing`. `spare` and `widthSpare` are inches beyond the least length
 * and width (Infinity when a figure is missing).
 */
export function fit(group: readonly Sleeper[], berth: BerthFact, rules: NightRules): Fit {
  const upper = isUpper(berth)
  let spare = Infinity
  let widthNeeded = 0
  let weight = 0
  for (const sleeper of group) {
    if (upper && sleeper.age < rules.upperBunkFrom) return TOO_YOUNG
    if (upper && !sleeper.climbs) return NO_CLIMBER
    if (sleeper.height !== undefined && berth.length !== undefined)
      spare = Math.min(spare, berth.length - sleeper.height - rules.lengthSpare)
    widthNeeded +=
      group.length > 1
        ? sleeper.age < rules.shareUnder
          ? rules.pairChild
          : rules.pairAdult
        : widthAlone(sleeper.age, rules)
    weight += sleeper.weight ?? 0
  }
  if (spare < 0) return TOO_SHORT
  if (berth.width !== undefined && berth.width < widthNeeded) return TOO_NARROW
  if (berth.limit !== undefined && weight > berth.limit) return TOO_HEAVY
  const widthSpare = berth.width === undefined ? Infinity : berth.width - widthNeeded
  return {
    can: true,
    spare,
    widthSpare,
    discomfort: discomfort(group, berth, spare, widthSpare, rules),
    missing: missingFor(group, berth),
  }
}

const TOO_YOUNG: Fit = { can: false, why: 'too young for an upper bunk' }
const NO_CLIMBER: Fit = { can: false, why: 'does not climb' }
const TOO_SHORT: Fit = { can: false, why: 'too short' }
const TOO_NARROW: Fit = { can: false, why: 'too narrow' }
const TOO_HEAVY: Fit = { can: false, why: 'over its weight limit' }
const NOTHING: string[] = []

/** Readings that the fit rests on and nobody took. */
function missingFor(group: readonly Sleeper[], berth: BerthFact): string[] {
  const limited = isLimited(berth)
  const known = berth.length !== undefined && berth.width !== undefined && (!limited || berth.limit !== undefined)
  if (known && group.every(({ height, weight }) => height !== undefined && (!limited || weight !== undefined)))
    return NOTHING
  return [
    ...group.filter(({ height }) => height === undefined).map(({ id }) => `household.people.${id}.height`),
    ...(berth.length === undefined ? [`plan.berths.${berth.id}.mattressLength`] : []),
    ...(berth.width === undefined ? [`plan.berths.${berth.id}.mattressWidth`] : []),
    ...(limited && berth.limit === undefined ? [`plan.berths.${berth.id}.weightLimit`] : []),
    ...(limited
      ? group.filter(({ weight }) => weight === undefined).map(({ id }) => `household.people.${id}.weight`)
      : []),
  ]
}

function widthAlone(age: number, rules: NightRules): number {
  if (age >= rules.adultFrom) return rules.widthAdult
  return age >= rules.teenFrom ? rules.widthTeen : rules.widthChild
}
