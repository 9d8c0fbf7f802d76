import type { Household } from '@hitchet/core/household/household'
import { tokensOf, type PersonToken } from '@hitchet/core/household/tokens'
import type { Night } from '@hitchet/core/nights/night'
import { nightsIn } from '@hitchet/core/nights/nights'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import type { StripSleepers } from '../drawing/PlanStrip'

/** Who lies where, what is made up for it, and who is left. */
export interface DrawnNight {
  made: string[]
  sleepers: StripSleepers[]
  unplaced: PersonToken[]
}

/** An ordinary night of a household in a unit, and one with guests when guests come. */
export function drawnNights(
  trailer: Trailer,
  household: Household,
  rules: HouseRules,
): { everyNight: DrawnNight; guestNight?: DrawnNight } {
  const tokens = tokensOf(household.people)
  const { everyNight, guestNight } = nightsIn(trailer, household, rules)
  return { everyNight: drawn(everyNight, tokens), ...(guestNight && { guestNight: drawn(guestNight, tokens) }) }
}

function drawn({ made, placements, unplaced }: Night, tokens: PersonToken[]): DrawnNight {
  const token = ({ id }: { id: string }) => tokens.find((one) => one.id === id)!
  return {
    made,
    sleepers: placements.map(({ berth, people }) => ({ berth: berth.id, people: people.map(token) })),
    unplaced: unplaced.map(token),
  }
}
