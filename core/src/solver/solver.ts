import type { Household } from '../household/household'
import type { WayRules } from '../plan/wayRules'
import type { ValuesOf } from '../rule/rule'
import type { Trailer } from '../trailer/trailer'

/**
 * What several questions rest on, such as who sleeps where: a room below the questions, solved once for a
 * household and a unit. Like a question it has facts of the trailer, which are stored, and a need of the household.
 */
export interface Solver<
  Id extends string,
  Facts,
  Need,
  Rules extends object,
  Solved,
  FactRules extends keyof Rules = never,
> {
  id: Id
  /** Raised when the shape or the meaning of its facts changes: those stored by an older one are made anew. */
  version: number
  rules: Rules
  /** The rules its facts are made with; facts see no others, and are made anew when one of them changes. */
  factRules: readonly FactRules[]
  facts(trailer: Trailer, rules: Pick<ValuesOf<Rules>, FactRules>, ways: WayRules): Facts
  need(household: Household, rules: ValuesOf<Rules>): Need
  solve(facts: Facts, need: Need): Solved
}
