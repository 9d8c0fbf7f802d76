import type { Household } from '../household/household'
import type { CounterfactualRules } from './counterfactualRules'
import type { SolverFacts, RulesBelow } from '../solver/solvers'
import type { Answer } from './answer'
import type { Change } from './change'
import type { Reason } from './reason'

/** A unit that a question speaks against, and what there is to help it. */
export interface Refusal<Facts, Rules> {
  answer: Answer
  /** Its own. */
  facts: Facts
  /** Of the rooms below. */
  rooms: SolverFacts
  household: Household
  rules: Rules
  below: RulesBelow
  /** How large each change is, and what is too much. */
  sizes: CounterfactualRules
  /** Musts that this question hears of, each given up by itself. */
  givenUp: readonly Change[]
  /** What the question only knows by trying (`Helping.tries`), made once for the household. */
  tries: readonly Change[]
}

/** What a person could change about a question that says no. */
export interface Helping<Facts, Rules> {
  /** How dear it is to find out, among the questions: the cheapest is looked into first, so that most units are given up early. */
  turn: number
  /** No set of changes that answers it is smaller than this; 0 where to find out is as cheap. */
  least(of: Refusal<Facts, Rules>): number
  /** The smallest set, no larger than `left`, with which it does not say no. `answered`: what it says once some are made. */
  smallest(
    of: Refusal<Facts, Rules>,
    left: number,
    answered: (set: readonly Change[]) => Answer | undefined,
  ): readonly Change[] | undefined
  /** Changes of which only trying tells whether they answer it, whatever the unit. */
  tries?(household: Household, below: RulesBelow, sizes: CounterfactualRules): Change[]
}

/** A limit of the household’s that a question goes by, and that can be raised. */
export interface Limit {
  /** `budget`, or the key of a rating. */
  kind: string
  /** Whether it is this one that a point, which says no, speaks of. */
  decides(reason: Reason): boolean
  now(household: Household): number | undefined
  raised(household: Household, amount: number, size: number): Change
}
