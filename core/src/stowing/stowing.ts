import type { Gear } from '../household/household'
import type { Ground } from '../ground/ground'
import { stowingFacts, type StowingFacts } from './facts'
import { ridesInIt, stowed, type Stowed } from './stowed'

/** What rides where: what they bring, packed into the bays through their doors and under their limits. */
export const stowing: Ground<'stowing', StowingFacts, Gear[], object, Stowed> = {
  id: 'stowing',
  version: 3,
  rules: {},
  baked: [],
  facts: stowingFacts,
  need: ridesInIt,
  solve: stowed,
}
