import type { PersonToken } from '@hitchet/core/household/tokens'
import type { LoadedRack } from '@hitchet/core/loading/racks'
import type { HoldOnPlan, Things } from '@hitchet/core/stowing/onPlan'
import type { Asked } from '@hitchet/core/match/asking/asked'
import type { ToFindOut } from '@hitchet/core/match/asking/toFindOut'
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
  holds: HoldOnPlan[]
  stowed: StowedAway
  asked: Asked[]
  toFindOut: ToFindOut
  everyNight: DrawnNight
  guestNight?: DrawnNight
}

/** What they bring, by where it rides: in each hold by its id, on which rack, and what no rack may take. */
export interface StowedAway {
  inHolds: Record<string, Things[]>
  onRacks: Pick<LoadedRack, 'title' | 'things'>[]
  tooLong: string[]
}
