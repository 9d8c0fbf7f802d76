import type { BerthFact } from './facts'
import type { Sleeper } from './need'
import type { Nights } from './nights'
import type { Night } from './night'

/**
 * Who lies where, and nothing of how well: no length, no width, no point of comfort. What lies beside a bed, its ways
 * out and its clothes hang on that alone.
 */
export interface SleepingAssignment {
  everyNight: AssignedNight
  guestNight?: AssignedNight
}

export interface AssignedNight extends Pick<Night, 'made' | 'unsure'> {
  placements: { berth: LyingBerth; people: readonly Sleeper[] }[]
}

/** The night they usually have: with guests where those come on most trips. */
export const usualNight = ({ everyNight, guestNight }: SleepingAssignment, guests: boolean): AssignedNight =>
  guests ? (guestNight ?? everyNight) : everyNight

type LyingBerth = Pick<BerthFact, 'id' | 'name' | 'kind' | 'room'>

/**
 * Of one household's nights who lies where: the same object for all units in which they lie in the same beds, however
 * long the mattresses are. Who asks only that can be answered once for all of them.
 */
export function assignedOnce(): (nights: Nights) => SleepingAssignment {
  const known = new Map<string, SleepingAssignment>()
  return ({ everyNight, guestNight }) => {
    const lying: SleepingAssignment = {
      everyNight: lyingOn(everyNight),
      ...(guestNight && { guestNight: lyingOn(guestNight) }),
    }
    const key = JSON.stringify([keyOf(lying.everyNight), guestNight ? keyOf(lying.guestNight!) : null])
    const same = known.get(key)
    if (same) return same
    known.set(key, lying)
    return lying
  }
}

const lyingOn = ({ made, unsure, placements }: Night): AssignedNight => ({
  made,
  unsure,
  placements: placements.map(({ berth: { id, name, kind, room }, people }) => ({
    berth: { id, name, kind, room },
    people,
  })),
})

/** Everything in it; of the people, who are the household's own, their ids. */
const keyOf = ({ made, unsure, placements }: AssignedNight): unknown => [
  made,
  unsure,
  placements.map(({ berth, people }) => [berth.id, berth.name, berth.kind, berth.room, people.map(({ id }) => id)]),
]
