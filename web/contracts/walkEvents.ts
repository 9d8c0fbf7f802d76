import type { WalkOutcome } from '@hitchet/core/walk/event'

/** So many events are sent together at the most. */
export const AT_ONCE = 25

export interface TakenEvents {
  outcomes: WalkOutcome[]
}
