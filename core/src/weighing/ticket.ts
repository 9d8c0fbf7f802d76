import { says, type Phrase } from '../quantity/phrase'
import { pounds } from '../quantity/quantity'

/** What a scale with three platforms shows of a rig, pounds: front axle, rear axle, trailer axles. */
export interface Platforms {
  steer: number
  drive: number
  trailer: number
}

/**
 * Three weighings of a certified scale, on one visit: hitched with the weight-distribution bars on, hitched with the bars
 * off, and the vehicle alone. Without bars the first and the second are the same.
 */
export interface Ticket {
  bars: Platforms
  loose: Platforms
  alone: Pick<Platforms, 'steer' | 'drive'>
}

/** A scale that can be asked; the program ships with one that is played on the screen. */
export interface Scale {
  weigh(): Promise<Ticket>
}

/** What a ticket comes to, pounds. */
export interface Weighed {
  /** The trailer, tongue and all. */
  trailer: number
  tongue: number
  /** Of the trailer. */
  share: number
  trailerAxles: number
  vehicle: number
  combined: number
  /** What the bars put back onto the front axle. */
  toFront: number
}

/** Platforms show twenty pounds at a time: sums of a few of them may be off by this much (common practice). */
const SLACK = 60

/**
 * Trailer = rig - vehicle alone; tongue = what the vehicle's axles bear more with the bars off than alone (statics). Refuses
 * what cannot be of one rig, and names the weighing. Pounds.
 */
export function weighed({ bars, loose, alone }: Ticket): { weighed: Weighed } | { wrong: Phrase } {
  const rig = loose.steer + loose.drive + loose.trailer
  const vehicle = alone.steer + alone.drive
  const combined = bars.steer + bars.drive + bars.trailer
  const trailer = rig - vehicle
  const tongue = loose.steer + loose.drive - vehicle
  const [apart, lifts] = [pounds(Math.abs(rig - combined)), pounds(Math.abs(tongue))]
  if (apart.value > SLACK)
    return { wrong: says`Bars on and bars off differ by ${apart} in all: bars move weight, they add none. Read again.` }
  if (trailer <= 0)
    return { wrong: says`The vehicle alone weighs more than the whole rig: the weighings are mixed up.` }
  if (tongue <= 0)
    return { wrong: says`The vehicle bears ${lifts} less with the trailer on it: the coupler lifts. Read again.` }
  if (tongue >= trailer) return { wrong: says`The tongue would bear all of the trailer: the weighings are mixed up.` }
  return {
    weighed: {
      trailer,
      tongue,
      share: tongue / trailer,
      trailerAxles: loose.trailer,
      vehicle,
      combined,
      toFront: bars.steer - loose.steer,
    },
  }
}
