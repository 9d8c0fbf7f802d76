import type { Gear } from '../household/household'
import type { Solver } from '../solver/solver'
import { stowingFacts, type StowingFacts } from './facts'
import { ridesInIt, stowed, type Stowed } from './stowed'

/** What rides where: what they bring, packed into the bays through their doors and under their limits. */
export const stowing: Solver<'stowing', StowingFacts, Gear[], object, Stowed> = {
  id: 'stowing',
  version: 3,
  rules: {},
  factRules: [],
  facts: stowingFacts,
  need: ridesInIt,
  solve: stowed,
}
