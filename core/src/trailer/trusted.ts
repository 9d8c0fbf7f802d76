import { withoutImpossible } from '../plan/findings/impossible'
import type { Doubt } from '../readings/doubt'
import { doubtsOf } from './doubts'
import { inOrder } from './inOrder'
import type { Trailer } from './trailer'
import { withReadings } from './watched'
import { oncePerAndItself } from '../memory/remembered'

/**
 * The trailer without what is doubted and what cannot be drawn so, its lists in one order: a figure nobody stands by counts
 * as not read, a window where there is no wall as none.
 */
export function trusted(trailer: Trailer, doubts: readonly Doubt[] = doubtsOf(trailer)): Trailer {
  const doubted = new Set(doubts.map(({ key }) => key))
  const known = withSoundPlan(inOrder(trailer))
  if (doubted.size === 0) return known
  return withReadings(known, (path, readings) =>
    Object.fromEntries(Object.entries(readings).filter(([name]) => !doubted.has(`${path}.${name}`))),
  )
}

const withSoundPlan = oncePerAndItself((trailer: Trailer): Trailer => {
  const plan = withoutImpossible(trailer.plan)
  return plan === trailer.plan ? trailer : { ...trailer, plan }
})
