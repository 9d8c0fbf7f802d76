import type { PersonToken } from '@hitchet/core/household/tokens'
import type { Asked } from '@hitchet/core/match/asked'
import type { DrawnNight } from '../drawnNight'

/** What an open household makes of the unit. */
export interface SeenBy {
  /** Their number in the desk. */
  id: string
  /** Whoever of them walks the ways. */
  walker?: PersonToken
  asked: Asked[]
  everyNight: DrawnNight
  guestNight?: DrawnNight
}
