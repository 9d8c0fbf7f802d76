import { dayOf } from './day'
import type { Habits } from './habits'
import type { Camp } from './camp'
import type { Rig } from './rig'
import type { Shell } from './shell'
import type { Weather } from './weather'

/** Colder than this nobody camps, hotter nobody either: F. */
const COLDEST = -40
const HOTTEST = 130

/** The coldest night at which the furnace keeps it warm: what it gives, over what goes out for each degree. F. */
export function coldestHeld({ furnace, heatLoss }: Pick<Rig, 'furnace' | 'heatLoss'>, warm: number): number {
  return Math.max(COLDEST, warm - furnace / heatLoss)
}

/** What a hot day brings in besides the air: common practice, BTU/h. */
const SUN_ON_ROOF = 12 // each square foot of it
const SUN_ON_WALLS = 3
const SUN_THROUGH_GLASS = 45 // each square foot, shades drawn on the sunny side
const PERSON = 400 // up and about, warmth and moisture
const COOKING = 1_500 // refrigerator, lights, a pot on the stove
/** Of its rating at 95 F what an AC brings into the room: a hotter roof, and ducts through it (common practice). */
const HOT_ROOF = 0.8

/** The hottest day at which so much cooling holds what they want, F. */
export function hottestHeld(cooling: number, heatLoss: number, shell: Shell, people: number, cool: number): number {
  const sun = shell.roof * SUN_ON_ROOF + shell.walls * SUN_ON_WALLS + shell.windows * SUN_THROUGH_GLASS
  const always = sun + people * PERSON + COOKING
  return Math.min(HOTTEST, cool + (cooling * HOT_ROOF - always) / heatLoss)
}

export type Underbelly = 'open' | 'enclosed' | 'enclosed and heated'

/** By how much what is below the floor is warmer than the air, as a share of the way up to the room (common practice). */
const KEEPS: Record<Underbelly, number> = { open: 0, enclosed: 0.15, 'enclosed and heated': 0.4 }
/** What pads add where there is power for them, F (makers' data sheets, from memory). */
const PADS = 15
const FREEZES = 32

/**
 * The coldest night at which what is in the tanks stays above freezing, F: below the floor it is warmer than outside by a
 * share of what the room is, and by pads where there is power. The furnace has to run for it.
 */
export function frostAt(underbelly: Underbelly, pads: boolean, warm: number): number {
  const keeps = KEEPS[underbelly]
  return (FREEZES - keeps * warm - (pads ? PADS : 0)) / (1 - keeps)
}

/** Propane burned for warmth in a day and night of this weather, pounds. */
export function heatingPounds(rig: Rig, camp: Camp, habits: Habits, weather: Weather): number {
  const with0 = dayOf(rig, camp, habits, weather).propane
  const without = dayOf({ ...rig, heatLoss: 0 }, camp, habits, weather).propane
  return with0.reduce((sum, burned, hour) => sum + burned - without[hour]!, 0) / camp.rules.propane
}
