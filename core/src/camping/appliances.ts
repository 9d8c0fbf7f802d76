import type { Trip } from '../household/household'

/** What people bring and plug in where no post gives power: W, and minutes a day (makers' plates and common practice). */
export const APPLIANCES = {
  coffee: { watts: 900, minutes: 8 },
  hairDryer: { watts: 1_500, minutes: 5 },
} as const
export type Appliance = keyof typeof APPLIANCES

export const pluggedIn = ({ plugsIn }: Pick<Trip, 'plugsIn'>): Appliance[] =>
  plugsIn === undefined ? [] : plugsIn === 'coffee maker' ? ['coffee'] : ['coffee', 'hairDryer']

/** Wh a day. */
export const energyOf = (appliances: readonly Appliance[]): number =>
  appliances.reduce((sum, one) => sum + (APPLIANCES[one].watts * APPLIANCES[one].minutes) / 60, 0)
