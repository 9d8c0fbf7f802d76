import type { Use } from '../../plan/places'

/** How one gets to a thing: half inches; 0: not at all. */
export interface Passage {
  id: string
  name: string
  use: Use
  width: number
  /** What the squeeze lies between, in words. */
  between?: [string, string]
}
