import { trustedHousehold } from '../household/doubts'
import type { Household } from '../household/household'
import { trusted } from '../trailer/trusted'
import type { Trailer } from '../trailer/trailer'
import type { WayRules } from '../plan/wayRules'
import type { Solver } from '../solver/solver'
import { nightFacts, type NightFacts } from './facts'
import { nightNeed, type NightNeed } from './need'
import { bestNight, type Night } from './night'
import { NIGHT_RULES, type NightRules } from './rules'

/**
 * Who sleeps where: on an ordinary night, on one with guests when guests come, and with everybody who ever
 * comes where that is more.
 */
export interface Nights {
  everyNight: Night
  guestNight?: Night
  fullNight?: Night
  /** What it was solved from. */
  facts: NightFacts
  need: NightNeed
}

/** Every person in a berth that fits length, width, weight limit and age; couples together; proven best. */
export const nights: Solver<'nights', NightFacts, NightNeed, typeof NIGHT_RULES, Nights> = {
  id: 'nights',
  version: 7,
  rules: NIGHT_RULES,
  factRules: [],
  facts: nightFacts,
  need: nightNeed,
  solve: arrangement,
}

export function arrangement(facts: NightFacts, need: NightNeed): Nights {
  const { everyNight, withGuests, mostEver, rules } = need
  return {
    everyNight: bestNight(facts, everyNight, rules),
    ...(withGuests && { guestNight: bestNight(facts, withGuests, rules) }),
    ...(mostEver && { fullNight: bestNight(facts, mostEver, rules) }),
    facts,
    need,
  }
}

/** The nights of one household in one unit, from the unit itself. */
export const nightsIn = (
  trailer: Trailer,
  household: Household,
  { nights: rules, ways }: { nights: NightRules; ways: WayRules },
): Nights => arrangement(nightFacts(trusted(trailer), rules, ways), nightNeed(trustedHousehold(household), rules))
