import { listed, says, type Phrase } from '../../quantity/phrase'
import { inches } from '../../quantity/quantity'
import type { Clash } from '../leaves/clashes'
import { namesOfLost } from '../ways/keptFrom'
import { capital, nameOnPlan } from '../naming'
import type { Place } from '../floor/places'
import type { Plan } from '../plan'
import type { NoPocket } from '../leaves/pockets'
import type { StandingOpen } from '../ways/standingOpen'

/** What gets in the way of a leaf, in a sentence. */
export function clashWords(plan: Plan, clash: Clash): Phrase {
  const { a, b, with: what, degrees, one } = clash
  const moving = capital(one ? `one leaf of ${nameOnPlan(plan, a)}` : leaf(plan, a))
  const other = leaf(plan, b)
  switch (what) {
    case 'thing':
      return says`${moving} ${opens(degrees)}, against ${nameOnPlan(plan, b)}.`
    case 'shut':
      return says`${moving} ${opens(degrees)} while ${other} is shut.`
    case 'open':
      return says`${moving} ${opens(degrees)} while ${other} is open.`
    case 'each other':
      return says`${capital(listed([leaf(plan, a), other]))} swing through each other.`
    case 'person':
      return says`${moving} swings over the knees at ${nameOnPlan(plan, b)}.`
    case 'entry':
      return says`${moving} opens across ${nameOnPlan(plan, b)}.`
    case 'drop':
      return says`${moving} comes down on ${nameOnPlan(plan, b)}.`
  }
}

/** What an open door keeps one from, in a sentence. */
export const standingOpenWords = (plan: Plan, { door, lost }: StandingOpen, places: readonly Place[]): Phrase =>
  says`While ${nameOnPlan(plan, door)} stands open one does not get past it to ${listed(namesOfLost(plan, lost, places))}.`

/** Where a door would slide to, in a sentence. */
export function withoutPocketWords(plan: Plan, { door, needs, room, stoppedBy }: NoPocket): Phrase {
  const name = capital(nameOnPlan(plan, door))
  const wide = says`it is ${inches(needs)} wide, and beside it`
  return stoppedBy
    ? says`${name} does not slide open: ${wide} there are ${inches(room)} before ${nameOnPlan(plan, stoppedBy)}.`
    : says`${name} has no pocket: ${wide} there are ${inches(room)} of wall.`
}

/** A few degrees are the play in its hinges. */
const opens = (degrees: number): string => (degrees < 5 ? 'does not open' : `opens ${degrees} degrees only`)

/** A refrigerator's leaf is its door. */
const leaf = (plan: Plan, id: string): string =>
  plan.doors.some((door) => door.id === id) ? nameOnPlan(plan, id) : `${nameOnPlan(plan, id)}’s door`
