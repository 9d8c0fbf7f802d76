import type { Household } from '../household/household'
import type { Phrase } from '../quantity/phrase'

/** Something a household could do or allow. `id` is equal for equal changes. */
export interface Change {
  id: string
  size: number
  /** After `if`: `if the two youngest share`. */
  says: Phrase
  change(setting: Setting): Setting
}

/** Who asks, and who of them sleeps in a tent. */
export interface Setting {
  household: Household
  tents: readonly string[]
}

export const sizeOf = (set: readonly Change[]): number => set.reduce((sum, { size }) => sum + size, 0)

/** The setting once all of them are made. */
export const changed = (start: Setting, set: readonly Change[]): Setting =>
  set.reduce((now, { change }) => change(now), start)
