import type { Camp } from './camp'
import type { Washing } from '../household/told/tripFields'

/** What one person takes of water a day, gallons. */
interface Water {
  shower: number
  /** Hands, teeth, face. */
  basin: number
  dishes: number
  flush: number
  /** Drunk and cooked: none of it comes back to a tank. */
  drunk: number
}

/**
 * Common practice: 3 to 4 gallons a person and day for those who spare, 7 to 9 with short showers, 15 to 20 as at home.
 * A shower runs 2 gal/min (1.8-2.5): half a minute to wet and rinse every day or two minutes every fourth, two minutes,
 * six minutes.
 */
export const WATER: Record<Washing, Water> = {
  sparing: { shower: 1, basin: 0.5, dishes: 0.75, flush: 0.6, drunk: 0.5 },
  'park showers': { shower: 0, basin: 0.5, dishes: 1, flush: 1, drunk: 0.5 },
  'short showers': { shower: 4, basin: 1, dishes: 1.25, flush: 1.2, drunk: 0.5 },
  'as at home': { shower: 12, basin: 2, dishes: 2, flush: 2, drunk: 0.5 },
}

/** What people add to a black tank besides the flush, gallons a day each (common practice). */
export const WASTE = 0.4

/** How they live: what is changed first when something runs low. */
export interface Habits {
  washing: Washing
  /** TV, and a fan for more than the worst heat. */
  evenings: boolean
  /** F inside. */
  heatTo: number
}

/** Shares of a day's use by the hour from midnight. */
const spread = (...shares: [hour: number, share: number][]): readonly number[] => {
  const hours = new Array<number>(24).fill(0)
  for (const [hour, share] of shares) hours[hour] = share
  return hours
}

/** When it is used: showers morning and evening, dishes after meals. Each adds up to 1. */
export const TIMES = {
  shower: spread([7, 0.5], [20, 0.5]),
  basin: spread([7, 0.3], [12, 0.2], [18, 0.2], [21, 0.3]),
  dishes: spread([8, 0.3], [13, 0.2], [19, 0.5]),
  flush: spread([7, 0.3], [10, 0.1], [14, 0.15], [18, 0.2], [22, 0.25]),
  drunk: spread([8, 0.35], [13, 0.25], [18, 0.4]),
  cooking: spread([8, 0.35], [18, 0.65]),
  /** Coffee and hair, before the day. */
  outlets: spread([7, 1]),
  lights: spread([19, 1], [20, 1], [21, 1], [22, 1]),
  devices: spread([20, 0.5], [21, 0.5]),
  tv: spread([20, 1], [21, 1]),
  asleep: spread(...[22, 23, 0, 1, 2, 3, 4, 5].map((hour): [number, number] => [hour, 1])),
  generator: [8, 17, 9, 18, 10, 19, 11, 16, 12, 15, 13, 14],
} as const

/** As they live while there is enough, and as they would to make it last. */
export const habitsOf = ({ washing, rules }: Pick<Camp, 'washing' | 'rules'>): Habits => ({
  washing,
  evenings: true,
  heatTo: rules.warm,
})

/** Where there is power there is a park, and a bath house. */
export const sparing = ({ power, rules }: Pick<Camp, 'power' | 'rules'>): Habits => ({
  washing: power ? 'park showers' : 'sparing',
  evenings: false,
  heatTo: rules.sparingWarm,
})
