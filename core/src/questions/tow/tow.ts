import { says } from '../../quantity/phrase'
import { answerOf } from '../answer'
import type { Question } from '../question'
import { measure } from '../reason'
import { estimateOf, placedGear } from './estimate'
import { towFacts, type TowFacts } from './facts'
import { loadOf, ratingsOf, type Load, type VehicleRatings } from './load'
import { TOW_RULES, type TowRules } from './rules'
import { gearReason, trailerReasons } from './trailerLimits'
import { vehicleReasons } from './vehicleLimits'

export interface TowNeed {
  load: Load
  ratings: VehicleRatings
  vehicle: string
  rules: TowRules
}

/** Can they pull it: the loaded trailer, its tongue and the family in the vehicle against every rating; the lowest governs. */
export const tow: Question<'tow', TowFacts, TowNeed, TowRules> = {
  id: 'tow',
  words: {
    asks: 'Can they pull it?',
    short: 'Pull it',
    topic: 'towing',
    against: 'too much to pull',
  },
  version: 2,
  rules: TOW_RULES,
  baked: [],
  weight: 4,
  living: false,
  cautions: ['ratings', 'fuel'],
  facts: towFacts,
  need: (household, rules) => ({
    load: loadOf(household, rules),
    ratings: ratingsOf(household),
    vehicle: household.vehicle.name,
    rules,
  }),
  judge: ({ facts, need, shared: { stowing } }) => {
    const { uvw } = facts
    if (uvw === undefined) {
      return answerOf(
        [measure(says`The dry weight is not known; nothing can be said before the label is read.`, ['readings.uvw'])],
        ['ratings'],
      )
    }
    const known = { ...facts, uvw }
    const placed = placedGear(facts, stowing)
    const estimate = estimateOf(known, need, placed)
    return answerOf(
      [
        ...trailerReasons(known, need.rules, estimate),
        ...gearReason(need.rules, estimate, placed),
        ...vehicleReasons(need, estimate),
      ],
      ['ratings', ...(need.load.carriesFuel ? (['fuel'] as const) : [])],
    )
  },
}
