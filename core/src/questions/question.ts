import type { Place } from '../features/feature'
import type { Household } from '../household/household'
import type { RulesBelow, Shared } from '../solver/solvers'
import type { WayRules } from '../plan/wayRules'
import type { ValuesOf } from '../rule/rule'
import type { DrawnPart } from '../trailer/drawn'
import type { Trailer } from '../trailer/trailer'
import type { Answer } from './answer'
import type { CautionId } from './cautions'
import type { Change } from './change'
import type { Helping, Limit } from './helping'
import type { Open } from './open'
import type { Reason } from './reason'

/**
 * One thing a household asks of a trailer. Facts are what the trailer offers whoever asks: made once for each
 * revision and stored, so they are plain JSON. Judging is cheap and pure. All that is a question's own stands
 * here; what several rest on is in the rooms of `shared`.
 */
export interface Question<Id extends string, Facts, Need, Rules extends object, FactRules extends keyof Rules = never> {
  id: Id
  words: QuestionWords
  /** Raised when the shape or the meaning of its facts changes: those stored by an older one are made anew. */
  version: number
  /** Its thresholds, each with its range and the reason for its default. */
  rules: Rules
  /** The rules its facts are made with; facts see no others, and are made anew when one of them changes. */
  factRules: readonly FactRules[]
  /** How much it weighs in the order, unless the house says otherwise. */
  weight: number
  /** Asked anew for a night with guests: about living in it, not about pulling or paying. */
  living: boolean
  /** Without these parts of the drawing it cannot be answered: then it is measure, before anything is judged. */
  drawing: readonly DrawnPart[]
  /** What it may have to warn of. */
  cautions: readonly CautionId[]
  /** What a person could change when it says no; absent: nothing but what they insist on. */
  helping?: Helping<Facts, ValuesOf<Rules>>
  /** The household’s limits that it goes by, and that can be raised. */
  limits?: readonly Limit[]
  /** What a household must have, besides stances, of what it hears of: each given up by itself. */
  musts?(household: Household, size: number): Change[]
  /** What to ask a household that nobody asked yet; `left`: its facts of the units that are left. */
  open?(household: Household, left: readonly Facts[]): Open[]
  /** What is claimed of a unit, beside that it has to be drawn, while it is not: no claim makes anything fit. */
  claimed?(asked: { facts: Facts; need: Need }): Reason[]
  facts(trailer: Trailer, rules: Pick<ValuesOf<Rules>, FactRules>, ways: WayRules): Facts
  /** Null when this household does not ask. */
  need(household: Household, rules: ValuesOf<Rules>, below: RulesBelow): Need | null
  /**
   * Never throws on a missing reading: it answers `measure` and names it. Null where the question does not arise,
   * as ways out for those who have no berth.
   */
  judge(asked: { facts: Facts; need: Need; shared: Shared }): Answer | null
}

export interface QuestionWords {
  /** As a consultant asks it: `Can they all sleep?` */
  asks: string
  /** A word or two for a table: `Sleeps them`. */
  short: string
  /** What it is about, within a sentence: `sleeping`. */
  topic: string
  /** When it speaks against units, after their number: `do not sleep them`. */
  against: string
  /** What is said for a unit that fits: `everyone has a place to sleep`; absent: it is nothing to praise. */
  speaksFor?: string
  /** Of what its margin is to spare, after the figure, where that is told with it: `on the mattress`. */
  spare?: string
  /** Where on a walk it is shown when its points name no thing there; absent: in the living room. */
  shownAt?: Place
  /** What to let them try themselves there: a full sentence. */
  tryIt?: string
}
