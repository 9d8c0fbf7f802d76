import type { Household } from '@hitchet/core/household/household'
import { tokensOf, type PersonToken } from '@hitchet/core/household/tokens'
import type { Night } from '@hitchet/core/nights/night'
import type { Nights } from '@hitchet/core/nights/nights'
import type { StripSleepers } from '../drawing/PlanStrip'
import { withId } from '@hitchet/core/plan/withId'

/** Who lies where, what is made up for it, and who is left. */
export interface DrawnNight {
  made: string[]
  sleepers: StripSleepers[]
  unplaced: PersonToken[]
}

/** An ordinary night of a household in a unit, and one with guests when guests come. */
export function drawnNights(
  { everyNight, guestNight }: Nights,
  { people }: Household,
): { everyNight: DrawnNight; guestNight?: DrawnNight } {
  const tokens = tokensOf(people)
  return { everyNight: drawn(everyNight, tokens), ...(guestNight && { guestNight: drawn(guestNight, tokens) }) }
}

function drawn({ made, placements, unplaced }: Night, tokens: PersonToken[]): DrawnNight {
  const token = ({ id }: { id: string }) => withId(tokens, id)
  return {
    made,
    sleepers: placements.map(({ berth, people }) => ({ berth: berth.id, people: people.map(token) })),
    unplaced: unplaced.map(token),
  }
}
