import { says } from '../../quantity/phrase'
import { pounds } from '../../quantity/quantity'
import type { Racked } from '../../loading/racks'
import type { Tongue } from '../../loading/moments'
import { fits, no, tight, type Reason } from '../reason'
import type { Load, VehicleRatings } from './load'
import type { RearAxleRules } from './rearAxleRules'

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

/** What rides in the vehicle, and on it because no rack of the trailer takes it, pounds. */
export const gearOn = ({ gearInVehicle }: Pick<Load, 'gearInVehicle'>, { tooLong }: Pick<Racked, 'tooLong'>): number =>
  gearInVehicle + tooLong.reduce((sum, { weight, count }) => sum + weight * count, 0)

/** Against what the label in the door says it carries, where somebody read it: over at the least is no, at the most a scale decides. */
export function rearAxleReason(
  load: Load,
  racks: Pick<Racked, 'tooLong'>,
  { gawrRear, curbWeight, wheelbase }: VehicleRatings,
  tongue: Tongue,
  rules: RearAxleRules,
): Reason[] {
  if (gawrRear === undefined || curbWeight === undefined) return []
  const { least, most } = onRearAxle(
    curbWeight,
    wheelbase,
    { ...load, gearInVehicle: gearOn(load, racks) },
    tongue,
    rules,
  )
  const rests = ['household.vehicle.gawrRear', 'household.vehicle.curbWeight']
  const between = says`${pounds(least)} to ${pounds(most)} with people, gear and tongue`
  const bears = says`The vehicle’s rear axle bears ${between}, and carries ${pounds(gawrRear)}`
  if (least > gawrRear) return [no(says`${bears}: too much however it is loaded.`, { brief: 'rear axle over', rests })]
  return most > gawrRear
    ? [tight(says`${bears}: weigh that axle with the trailer on.`, { brief: 'weigh the rear axle', rests })]
    : [fits(says`${bears}.`, { rests })]
}
