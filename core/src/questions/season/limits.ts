import type { Camping } from '../../camping/camping'
import { habitsOf } from '../../camping/habits'
import { rigOf } from '../../camping/rig'
import { asGrown } from '../../camping/camp'
import { coldestHeld, frostAt, heatingPounds, hottestHeld } from '../../camping/warmth'
import type { SeasonFacts } from './facts'

/** Between which temperatures one lives in it, F, at the least and, with walls as good as they are built, at the most. */
export interface SeasonLimits {
  /** The coldest night its furnace holds; undefined: the furnace is not read. Infinite: it has none. */
  held?: { least: number; most: number }
  /** The coldest night its tanks stay above freezing; undefined: nobody looked below. */
  frost?: number
  /** The hottest day its AC holds; undefined: not read. Minus infinite: it has none. */
  cooled?: { least: number; most: number }
  /** Pounds of propane for warmth on their coldest day, and the days that its cylinders last then. */
  propane: { least: number; most: number }
}

/** What is 10 but for the rounding of a machine is 10. */
const ROUNDING = 1e-9

/** Whole degrees, never the better one: a degree is less than anybody knows of a wall. */
export function seasonLimits({ underbelly, pads, cooling }: SeasonFacts, { facts, camp }: Camping): SeasonLimits {
  const { rules, power, weather } = camp
  const [poor, good] = [rigOf(facts, 'least', rules), rigOf(facts, 'least', rules, 'most')]
  const habits = habitsOf(camp)
  const heat = facts.furnace.value
  const held = (rig: typeof poor): number => (heat === 0 ? Infinity : Math.ceil(coldestHeld(rig, rules.warm)))
  const cooled = (rig: typeof poor): number =>
    cooling.value === 0
      ? -Infinity
      : Math.floor(hottestHeld(cooling.value ?? 0, rig.heatLoss, facts.shell, asGrown(camp), rules.cool))
  return {
    ...(heat !== undefined && { held: { least: held(poor), most: held(good) } }),
    // Pads want power for the night: a battery does not give it.
    ...(underbelly && { frost: Math.ceil(frostAt(underbelly, power && pads === true, rules.warm) - ROUNDING) }),
    ...(cooling.value !== undefined && { cooled: { least: cooled(poor), most: cooled(good) } }),
    propane: {
      least: heatingPounds(good, camp, habits, weather.coldest),
      most: heatingPounds(poor, camp, habits, weather.coldest),
    },
  }
}
