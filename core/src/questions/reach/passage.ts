import type { Use } from '../../plan/floor/places'

/** How one gets to a thing: half inches; 0: not at all. */
export interface Passage {
  id: string
  name: string
  use: Use
  width: number
  /** What the squeeze lies between, in words. */
  /** Of a bed: the way to its second side, for the other of two who sleep in it. */
  second?: Pick<Passage, 'width' | 'between'>
  between?: [string, string]
}
