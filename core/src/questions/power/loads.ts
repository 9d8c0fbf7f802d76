import { APPLIANCES } from '../../camping/appliances'

/** Something that runs on 120 V, W while it runs. */
export interface Load {
  id: string
  name: string
  watts: number
  /** Starts by itself and runs for long, rather than for minutes. */
  lasting: boolean
}

/** VA (NEC article 551, from memory; an outlet at a house is 15 A at 120 V); 50 A has two legs of half of it each. */
export const SUPPLIES = {
  '50 A': { name: '50 A post', va: 12_000, legs: 2 },
  '30 A': { name: '30 A post', va: 3_600, legs: 1 },
  house: { name: 'outlet at a house', va: 1_800, legs: 1 },
} as const
export type SupplyId = keyof typeof SUPPLIES

/** Rooftop AC: 8 to 9 BTU for each Wh (common practice). */
const BTU_PER_WH = 8.5

/** What a unit has that draws much, W (makers' plates, from memory). */
export const WATTS = {
  ac: (cooling: number): number => Math.round(cooling / BTU_PER_WH / 10) * 10,
  waterHeater: 1_400,
  fireplace: 1_500,
  microwave: 1_500,
  converter: 300,
  houseFridge: 200,
  washer: 1_200,
} as const

/** What people bring and plug in. */
export const BROUGHT: readonly Load[] = [
  { id: 'hair-dryer', name: 'Hair dryer', watts: APPLIANCES.hairDryer.watts, lasting: false },
  { id: 'coffee', name: 'Coffee maker', watts: APPLIANCES.coffee.watts, lasting: false },
  { id: 'toaster', name: 'Toaster', watts: 1_000, lasting: false },
  { id: 'heater', name: 'Room heater', watts: 1_500, lasting: true },
  { id: 'tv', name: 'TV', watts: 80, lasting: true },
]

/** What runs at once, on what gives so much. W. */
export interface Sum {
  watts: number
  /** On the leg that bears more. */
  leg: number
  /** What may be drawn on one leg, and what is left of it; less than nothing trips its breaker. */
  limit: number
  spare: number
}

/**
 * What runs at once against the main breaker. On two legs the largest go to the lighter leg in turn, as a panel is laid out
 * with one AC on each (common practice); what is on one leg trips that leg alone.
 */
export function sumOn(supply: SupplyId, loads: readonly Load[]): Sum {
  const { va, legs } = SUPPLIES[supply]
  const on = new Array<number>(legs).fill(0)
  for (const { watts } of [...loads].sort((a, b) => b.watts - a.watts)) on[on.indexOf(Math.min(...on))]! += watts
  const leg = Math.max(...on)
  const limit = va / legs
  return { watts: on.reduce((sum, one) => sum + one, 0), leg, limit, spare: limit - leg }
}

/** Of what an inverter gives. */
export const sumOnInverter = (rating: number, loads: readonly Load[]): Sum => {
  const watts = loads.reduce((sum, one) => sum + one.watts, 0)
  return { watts, leg: watts, limit: rating, spare: rating - watts }
}
