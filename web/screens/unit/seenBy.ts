import type { PersonToken } from '@hitchet/core/household/tokens'
import type { BayOnPlan, StowedThings } from '@hitchet/core/stowing/onPlan'
import type { Asked } from '@hitchet/core/match/asked'
import type { DrawnNight } from '../drawnNight'

/** What an open household makes of the unit. */
export interface SeenBy {
  /** Their number in the desk. */
  id: string
  /** Whoever of them walks the ways. */
  walker?: PersonToken
  /** How tall the tallest of them is, where it is known; inches. */
  tallest?: number
  /** Where what they bring rides. */
  bays: BayOnPlan[]
  stowed: StowedThings
  asked: Asked[]
  everyNight: DrawnNight
  guestNight?: DrawnNight
}
