import type { CampingFacts } from './facts'
import { WATER } from './habits'
import type { Camp } from './camp'

/** Showers one after the other, on a tank of hot water. */
export interface MorningRush {
  /** So many before it runs cold; infinite where the water is heated as it runs. */
  showers: number
  /** Minutes until it is hot again. */
  wait: number
  /** Gallons that one takes, and what all of theirs leave in the gray tank. */
  each: number
  toGray: number
}

/** Of the tank, F; and what of it comes out hot before the cold that follows it mixes in (common practice). */
const TANK_HOT = 130
const USED_HOT = 0.8
const FLOW = 2

/**
 * How many can shower in a row: the hot water of the tank, mixed with cold, and what it heats meanwhile, over what a shower
 * takes. Gallons, F, minutes. Undefined while tank or recovery is not read, or for those who shower elsewhere.
 * A tank of six gallons at 17.8 gal/h is hot again in 20 minutes.
 */
export function morningRush({ heater }: CampingFacts, { people, washing, rules }: Camp): MorningRush | undefined {
  const each = WATER[washing].shower
  if (heater.none || each < 1) return undefined
  const toGray = each * people
  if (heater.fuel === 'on-demand gas') return { showers: Infinity, wait: 0, each, toGray }
  const { gallons, recovery } = heater
  if (!gallons || !recovery) return undefined
  const hotShare = (rules.hotWater - rules.coldWater) / (TANK_HOT - rules.coldWater)
  const drawn = each * hotShare
  const heatedMeanwhile = (each / FLOW / 60) * recovery
  const showers = Math.floor((gallons * USED_HOT) / Math.max(0.01, drawn - heatedMeanwhile))
  return { showers, wait: Math.round((gallons / recovery) * 60), each, toGray }
}
