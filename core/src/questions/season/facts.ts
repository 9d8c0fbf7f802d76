import { added, type Known } from '../../camping/facts'
import type { Underbelly } from '../../camping/warmth'
import { breezes, type Breeze } from '../../plan/living/breeze'
import { figure, flag, word } from '../../readings/reading'
import type { Trailer } from '../../trailer/trailer'

export interface SeasonFacts {
  /** Absent: nobody looked. */
  underbelly?: Underbelly
  pads?: boolean
  /** What the maker calls it. */
  claim?: string
  /** All air conditioners together, BTU/h; nothing where there is none. */
  cooling: Known
  /** How air goes through its rooms without AC. */
  breezes: Breeze[]
}

export function seasonFacts(trailer: Trailer): SeasonFacts {
  const { readings } = trailer
  return {
    underbelly: word(readings, 'underbelly') as Underbelly | undefined,
    pads: flag(readings, 'tankPads'),
    claim: word(readings, 'season'),
    cooling: added(trailer, 'air-conditioner', ['cooling'], (one) => figure(one.readings, 'cooling')),
    breezes: breezes(trailer.plan),
  }
}
