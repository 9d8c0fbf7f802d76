import { REAR_AXLE_RULES, type RearAxleRules } from './rearAxleRules'

/** Pounds, and shares of the loaded trailer or of a rating. */
export interface TowRules {
  /** Left unused of every rating before it is called comfortable. */
  reserve: number
  tongueLeast: number
  tongueMost: number
  /** Clothes, food, dishes and bedding in the trailer, per person. */
  belongingsPerPerson: number
  /** The same of who lives in it. */
  belongingsLiving: number
  /** Household of the trailer itself: hoses, leveling blocks, cookware, chairs. */
  campingKit: number
  /** Weight-distribution hitch, counted against payload. */
  hitchHardware: number
  /** A rack at the rear receiver, by itself. */
  rack: number
  rearAxle: RearAxleRules
  waterPerGallon: number
  /** Fresh water on board when there is water where they camp. */
  freshShareWithHookups: number
  freshShareWithout: number
}

export const TOW_RULES: TowRules = {
  reserve: 0.1, // a tenth of every rating left: common practice
  tongueLeast: 0.1, // SAE J2807 (from memory): conventional trailer at least 10 %
  tongueMost: 0.15, // common practice: 10-15 % of the loaded trailer
  belongingsPerPerson: 75,
  belongingsLiving: 300, // two who live in one carry 1,200 lb and more over dry, kit and tools among it (common practice)
  campingKit: 150,
  hitchHardware: 80,
  rack: 45, // as in stowing: common practice
  rearAxle: REAR_AXLE_RULES,
  waterPerGallon: 8.34, // NIST
  freshShareWithHookups: 0.25, // enough for the road
  freshShareWithout: 1,
}
