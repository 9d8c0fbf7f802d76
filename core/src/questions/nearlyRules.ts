import type { VehicleKey } from '../readings/vehicleReads'

/**
 * What a small change is. Each has a size, and a unit is nearly right while the sizes of all it takes stay within
 * `most`; beyond its own limit no change is small. Dollars, pounds, inches.
 */
export interface NearlyRules {
  most: number
  /** A figure by so much is a change of size 1; more is none. */
  budget: number
  trailerLength: number
  rigLength: number
  ratings: Partial<Record<VehicleKey, number>>
  /** Two who share a bed; somebody in a tent; a wish that is no must; a thing left at home; the fresh tank empty. */
  share: number
  tent: number
  wish: number
  leave: number
  dryTank: number
  /** A place to dump and fill on the way; a generator for an hour or two more a day. */
  supply: number
  generator: number
}

/** Common practice: what people are seen to give in on. */
export const NEARLY_RULES: NearlyRules = {
  most: 2,
  budget: 5000, // what a trade-in or a payment plan bridges
  trailerLength: 12,
  rigLength: 24,
  ratings: { towRating: 500, payload: 400, gcwr: 700, gvwr: 300, hitchTongue: 150, hitchTrailer: 500 },
  share: 0.6,
  tent: 1,
  wish: 2, // a must is given up last, and with nothing else: money and a phone call come first
  leave: 0.5,
  dryTank: 0.3,
  supply: 0.5,
  generator: 0.6,
}
