/** Inches, cubic feet and people. */
export interface GalleyRules {
  /** From this many at the table, three burners instead of two. */
  threeBurnersFrom: number
  fridgePerPersonDay: number
  /** Nobody expects more than this many days between shops. */
  daysBetweenShops: number
  fridgeTight: number
  prepLength: number
  prepLengthMany: number
  prepManyFrom: number
  prepDepth: number
  /** Least of it left while cooking: a place to put a pot down. */
  prepWhileCooking: number
  /** So much of a counter's front may have something before it. */
  blockedFront: number
  /** The largest pot, across, for few and for many. */
  pot: number
  potMany: number
  /** Inside depth of a cabinet that holds dinner plates, and one that holds cups. */
  plateDepth: number
  cupDepth: number
  /** How deep and how high an outside kitchen reaches into the inside behind it. */
  outsideKitchenTakes: { depth: number; height: number }
  /** Shelves of a pantry reach from the toe board to under the ceiling. */
  pantryHeight: number
  /** Children under so many years are kept in sight, years. */
  watchedUnder: number
  /** The rim of a sink and the wall between two bowls. */
  sinkRim: number
}

export const GALLEY_RULES: GalleyRules = {
  threeBurnersFrom: 4,
  fridgePerPersonDay: 0.4, // cubic feet; from memory of household guides, tolerance a quarter
  daysBetweenShops: 4,
  fridgeTight: 1,
  prepLength: 18,
  prepLengthMany: 24,
  prepManyFrom: 5,
  prepDepth: 16,
  prepWhileCooking: 12,
  blockedFront: 18,
  pot: 10, // a six-quart pot (common practice)
  potMany: 12,
  plateDepth: 12, // common practice: 12 in holds plates, 5-6 in holds cups
  cupDepth: 5,
  outsideKitchenTakes: { depth: 20, height: 30 }, // its cabinet, floor to counter (common practice)
  pantryHeight: 70, // common practice
  watchedUnder: 9, // common practice
  sinkRim: 2,
}
