import type { Solver } from '../solver/solver'
import { campOf, type Camp } from './camp'
import { campingFacts, type CampingFacts } from './facts'
import { CAMPING_RULES } from './rules'

/** What the unit offers those who live in it, and how this household lives. */
export interface Camping {
  facts: CampingFacts
  camp: Camp
}

/** Living in it: water, power, gas and weather. What follows from them each question reckons itself. */
export const camping: Solver<'camping', CampingFacts, Camp, typeof CAMPING_RULES, Camping> = {
  id: 'camping',
  version: 3,
  rules: CAMPING_RULES,
  factRules: [],
  facts: campingFacts,
  need: campOf,
  solve: (facts, camp) => ({ facts, camp }),
}
