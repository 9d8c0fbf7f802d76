import type { FixtureKind } from '../../readings/catalogue'

export interface StowRules {
  /** Closet rod each asks, inches. */
  hangingPerPerson: number
  /** Inside depth at which an adult's hanger hangs straight. */
  hangerDepth: number
  /** Clothes, shoes and towels each brings, cubic feet: always, and for every day until they wash. */
  clothesAlways: number
  /** The same of who lives in it: all seasons, and all of a household’s kitchen. */
  clothesDwelling: number
  kitchenDwelling: number
  clothesPerDay: number
  daysBetweenLaundry: number
  /** Dishes, pots and food each asks, cubic feet. */
  kitchenPerPerson: number
  /** The share of a storage fixture's outline that can be filled, by its kind. */
  filled: Partial<Record<FixtureKind, number>>
  /** A rack at the rear receiver weighs about so much itself, pounds. */
  rack: number
}

/** Common practice; clothes, dishes and food measured off laundry bags and kitchen totes, tolerance a third. */
export const STOW_RULES: StowRules = {
  hangerDepth: 20, // a hanger of 17 in, cloth on both sides (common practice)
  hangingPerPerson: 8,
  clothesAlways: 1.5,
  clothesDwelling: 6, // a closet and a dresser (common practice)
  kitchenDwelling: 4,
  clothesPerDay: 0.3,
  daysBetweenLaundry: 7,
  kitchenPerPerson: 2,
  filled: {
    wardrobe: 0.85,
    pantry: 0.85,
    linen: 0.85,
    cabinet: 0.75,
    'tall-cabinet': 0.85,
    overhead: 0.8,
    nightstand: 0.7,
    counter: 0.5,
    island: 0.6,
  },
  rack: 45,
}
