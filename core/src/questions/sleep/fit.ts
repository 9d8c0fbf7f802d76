import type { SleepRules } from '../../rules/houseRules'
import { isLimited, isUpper, type BerthFact } from './facts'
import type { Sleeper } from './need'

/** Whether a group can lie in a berth, and how well. */
export type Fit = { can: false; why: string } | { can: true; spare: number; discomfort: number; missing: string[] }

/**
 * One sleeper, or two side by side. Checked: mattress length against height, width against shoulders by
 * age, the weight limit where the kind has one, age and climbing for upper berths. A figure nobody read
 * does not make it fit; it is named in `missing`. `spare` is inches beyond the least length (Infinity
 * when a length or height is missing).
 */
export function fit(group: readonly Sleeper[], berth: BerthFact, rules: SleepRules): Fit {
  const upper = isUpper(berth)
  const missing: string[] = []
  let spare = Infinity
  let discomfort = 0
  let widthNeeded = 0
  let weight: number | undefined = 0
  for (const sleeper of group) {
    if (upper && sleeper.age < rules.upperBunkFrom) return no(`${sleeper.name} is under ${rules.upperBunkFrom}`)
    if (upper && !sleeper.climbs) return no(`${sleeper.name} does not climb`)
    if (sleeper.height === undefined) missing.push(`household.people.${sleeper.id}.height`)
    else if (berth.length !== undefined) spare = Math.min(spare, berth.length - sleeper.height - rules.lengthSpare)
    widthNeeded += group.length > 1 ? (sleeper.age < rules.shareUnder ? rules.pairChild : rules.pairAdult) : widthAlone(sleeper.age, rules)
    weight = sleeper.weight === undefined || weight === undefined ? undefined : weight + sleeper.weight
    discomfort += discomfortOf(sleeper, berth, upper, rules)
  }
  if (spare < 0) return no('too short')
  if (berth.width !== undefined && berth.width < widthNeeded) return no('too narrow')
  if (berth.limit !== undefined && weight !== undefined && weight > berth.limit) return no('over its weight limit')
  if (berth.length === undefined) missing.push(`plan.berths.${berth.id}.mattressLength`)
  if (berth.width === undefined) missing.push(`plan.berths.${berth.id}.mattressWidth`)
  if (isLimited(berth) && berth.limit === undefined) missing.push(`plan.berths.${berth.id}.weightLimit`)
  if (isLimited(berth) && weight === undefined) missing.push(...group.filter((one) => one.weight === undefined).map(({ id }) => `household.people.${id}.weight`))
  if (spare < rules.lengthComfort - rules.lengthSpare) discomfort += 6
  if (group.length > 1 && group[0]!.partner !== group[1]!.id) discomfort += 10
  return { can: true, spare, discomfort, missing }
}

function no(why: string): Fit {
  return { can: false, why }
}

function widthAlone(age: number, rules: SleepRules): number {
  if (age >= rules.adultFrom) return rules.widthAdult
  return age >= rules.teenFrom ? rules.widthTeen : rules.widthChild
}

/** Small preferences, all together far below the cost of making up one bed: adults in beds, children in bunks, the old not on ladders. */
function discomfortOf({ age }: Sleeper, { kind }: BerthFact, upper: boolean, rules: SleepRules): number {
  if (age < rules.adultFrom) return kind === 'bed' ? 3 : 0
  if (upper) return age >= 60 ? 20 : 8
  return kind === 'bunk' ? 4 : 0
}
