import type { Point } from '../plan/shape/shape'
import type { EquipmentKind } from '../readings/catalogue'
import type { Reading, ReadingSpec } from '../readings/reading'

/** Where one stops on a walk round or through a unit, and what there is to see and read there. */
export interface Station {
  id: string
  name: string
  inside: boolean
  /** Where one stands, inches on the plan; outside an arm off the wall. */
  at: Point
  /** In the order in which one comes to them. */
  things: Seen[]
}

/** One thing to note, read or measure; its key is that of the reading: `features.awningLight`, `plan.berths.upper.headroom`. */
export interface Seen {
  key: string
  /** In words: `Upper bunk: headroom`. */
  name: string
  /** How it is read; absent: a kind of equipment of which nobody has noted yet whether there is one. */
  spec?: ReadingSpec
  unnoted?: EquipmentKind
  /** As it is known; absent: nobody looked. */
  reading?: Reading
  /** One line on why it matters, of what is told rather than measured. */
  why?: string
  /** Where it is on the plan, where it has a place there. */
  at?: Point
}
