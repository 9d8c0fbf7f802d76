import { camping } from '../camping/camping'
import type { Household } from '../household/household'
import { nights } from '../nights/nights'
import type { WayRules } from '../plan/wayRules'
import { stowing } from '../stowing/stowing'
import type { Ground } from '../ground/ground'

/** The rooms below the questions. A question rests on any of them, and on no other question. */
export const GROUNDS = [nights, stowing, camping] as const

type Grounds = (typeof GROUNDS)[number]
export type GroundId = Grounds['id']

/** What the trailer offers to each, as stored. */
export type GroundFacts = { [G in Grounds as G['id']]: ReturnType<G['facts']> }
/** The house rules of each. */
export type GroundRules = { [G in Grounds as G['id']]: G['rules'] }
/** The rules below the questions: of the rooms they rest on, and of the plan. */
export type RulesBelow = GroundRules & { ways: WayRules }
/** What each of them found for one household in one unit. */
export type Shared = { readonly [G in Grounds as G['id']]: ReturnType<G['solve']> }

type AnyGround = Ground<GroundId, unknown, unknown, unknown, unknown, never>

/**
 * The household's needs once, then any number of units. Each room is solved when the first question asks for
 * it, and once for all units whose facts of it are the same object. `look` hears of each room that is asked.
 */
export function sharedFor(
  household: Household,
  rules: GroundRules,
): (facts: GroundFacts, look?: (id: GroundId) => void) => Shared {
  const asked = (GROUNDS as readonly AnyGround[]).map((ground) => ({
    ground,
    need: ground.need(household, rules[ground.id]),
    known: new WeakMap<object, unknown>(),
  }))
  return (facts, look) => {
    const shared = {} as Shared
    for (const { ground, need, known } of asked) {
      const get = () => {
        look?.(ground.id)
        const own = facts[ground.id]
        if (!known.has(own)) known.set(own, ground.solve(own, need))
        return known.get(own)
      }
      Object.defineProperty(shared, ground.id, { get, enumerable: true })
    }
    return shared
  }
}
