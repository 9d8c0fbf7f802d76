import type { Phrase } from '../quantity/phrase'

/** One thing to go through with the buyer before they drive off with it. */
export interface HandoverStep {
  /** The same as long as it is about the same thing: `slides.before`, `road.fridge`. */
  id: string
  says: Phrase
  /** Nobody has read the figure: it is read together, there and then. */
  toRead?: boolean
}

/** What belongs together and is shown at one go. */
export interface HandoverCard {
  id: string
  title: string
  steps: HandoverStep[]
  /** Who or what decides where this page does not. */
  defers?: string
}
