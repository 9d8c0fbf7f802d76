import { says } from '../../quantity/phrase'
import { pounds } from '../../quantity/quantity'
import type { Tongue } from '../../loading/moments'
import { fits, no, tight, type Reason } from '../reason'
import type { Load, VehicleRatings } from './load'

/** How a vehicle shares what it bears between its axles, while no scale has told: shares of each, and inches. */
export interface RearAxleRules {
  emptyLeast: number
  emptyMost: number
  peopleLeast: number
  peopleMost: number
  gearLeast: number
  gearMost: number
  /** From the rear axle back to the ball. */
  overhangLeast: number
  overhangMost: number
  /** While nobody measured it. */
  wheelbaseLeast: number
  wheelbaseMost: number
  /** Of the tongue, what weight distribution may take off the rear axle. */
  barsTake: number
}

/** Common practice: cars and pickups as they are weighed; behind the axle a load bears with more than itself. */
export const REAR_AXLE_RULES: RearAxleRules = {
  emptyLeast: 0.38,
  emptyMost: 0.5,
  peopleLeast: 0.4,
  peopleMost: 0.65,
  gearLeast: 0.8,
  gearMost: 1.15,
  overhangLeast: 40,
  overhangMost: 65,
  wheelbaseLeast: 100,
  wheelbaseMost: 170,
  barsTake: 0.3,
}

/**
 * What the vehicle's rear axle bears, between least and most, pounds: its own share of the empty vehicle, of people and gear,
 * and the tongue with the hitch by its lever, (wheelbase + overhang) / wheelbase (statics, exact); the shares are common practice.
 */
export function onRearAxle(
  curbWeight: number,
  wheelbase: number | undefined,
  { people, pets, gearInVehicle, hitch }: Pick<Load, 'people' | 'pets' | 'gearInVehicle' | 'hitch'>,
  tongue: Pick<Tongue, 'least' | 'most'>,
  rules: RearAxleRules,
): { least: number; most: number } {
  const riders = people.known + pets.known
  const lever = (overhang: number, base: number): number => 1 + overhang / base
  const [light, heavy] = [Math.max(0, tongue.least) + hitch, Math.max(0, tongue.most) + hitch]
  return {
    least:
      curbWeight * rules.emptyLeast +
      riders * rules.peopleLeast +
      gearInVehicle * rules.gearLeast +
      light * (lever(rules.overhangLeast, wheelbase ?? rules.wheelbaseMost) - rules.barsTake),
    most:
      curbWeight * rules.emptyMost +
      riders * rules.peopleMost +
      gearInVehicle * rules.gearMost +
      heavy * lever(rules.overhangMost, wheelbase ?? rules.wheelbaseLeast),
  }
}

/** Against what the label in the door says it carries, where somebody read it: over at the least is no, at the most a scale decides. */
export function rearAxleReason(
  load: Load,
  { gawrRear, curbWeight, wheelbase }: VehicleRatings,
  tongue: Tongue,
  rules: RearAxleRules,
): Reason[] {
  if (gawrRear === undefined || curbWeight === undefined) return []
  const { least, most } = onRearAxle(curbWeight, wheelbase, load, tongue, rules)
  const rests = ['household.vehicle.gawrRear', 'household.vehicle.curbWeight']
  const between = says`${pounds(least)} to ${pounds(most)} with people, gear and tongue`
  const bears = says`The vehicle’s rear axle bears ${between}, and carries ${pounds(gawrRear)}`
  if (least > gawrRear) return [no(says`${bears}: too much however it is loaded.`, { brief: 'rear axle over', rests })]
  return most > gawrRear
    ? [tight(says`${bears}: weigh that axle with the trailer on.`, { brief: 'weigh the rear axle', rests })]
    : [fits(says`${bears}.`, { rests })]
}
