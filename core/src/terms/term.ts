import type { Unit } from '../quantity/quantity'
import type { Trailer } from '../trailer/trailer'

/** What is known of a unit under a term: whether it has it, and its figure; undefined: nobody looked. */
export interface Known {
  there?: boolean
  figure?: number
}

/** Something one can look for in the yard. */
export interface Term {
  /** What it is about, the same as long as the catalogues call it so: `features.roofFan`, `equipment.jack.drive=power`. */
  key: string
  /** As it is said back: `roof fan`. */
  says: string
  /** As people type it, small letters. */
  names: readonly string[]
  /** Of its figure, where it has one; `count` for a plain number. */
  unit?: Unit | 'count'
  of(trailer: Trailer): Known
}
