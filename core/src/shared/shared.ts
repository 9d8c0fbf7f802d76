import { camping } from '../camping/camping'
import type { Household } from '../household/household'
import { lyingOnce, type Lying } from '../nights/lying'
import { nights, type Nights } from '../nights/nights'
import type { LoadingRules } from '../loading/rules'
import type { WayRules } from '../plan/wayRules'
import type { ValuesOf } from '../rule/rule'
import { stowing } from '../stowing/stowing'
import type { Ground } from '../ground/ground'

/** The rooms below the questions. A question rests on any of them, and on no other question. */
export const GROUNDS = [nights, stowing, camping] as const

type Grounds = (typeof GROUNDS)[number]
export type GroundId = Grounds['id']

/** What the trailer offers to each, as stored. */
export type GroundFacts = { [G in Grounds as G['id']]: ReturnType<G['facts']> }
/** The house rules of each. */
export type GroundRules = { [G in Grounds as G['id']]: ValuesOf<G['rules']> }
/** The rules below the questions: of the rooms they rest on, of the plan, and of where things ride. */
export type RulesBelow = GroundRules & { ways: WayRules; loading: LoadingRules }
/** What each of them found for one household in one unit. */
export type Shared = { readonly [G in Grounds as G['id']]: ReturnType<G['solve']> } & {
  /** Of the nights who lies where: the same for many units, where nights are of one mattress each. */
  readonly lying: Lying
}
export type SharedId = keyof Shared

/** The room that finds it. */
export const roomOf = (id: SharedId): GroundId => (id === 'lying' ? 'nights' : id)

type AnyGround = Ground<GroundId, unknown, unknown, object, unknown, never>

/**
 * The household's needs once, then any number of units. Each room is solved when the first question asks for
 * it, and once for all units whose facts of it are the same object. `look` hears of each room that is asked. `by`: the household as
 * a room sees it, such as one that is watched.
 */
export function sharedFor(
  household: Household,
  rules: GroundRules,
  by: (room: GroundId) => Household = () => household,
): (facts: GroundFacts, look?: (id: SharedId) => void) => Shared {
  /** One unit as its rooms are asked. */
  class Asked {
    constructor(
      readonly facts: GroundFacts,
      readonly look: ((id: SharedId) => void) | undefined,
    ) {}
  }
  const found = (id: SharedId, by: GroundId, solve: (facts: GroundFacts) => unknown) => {
    const known = new WeakMap<object, unknown>()
    const once = (facts: GroundFacts): unknown => {
      const own = facts[by]
      if (!known.has(own)) known.set(own, solve(facts))
      return known.get(own)
    }
    Object.defineProperty(Asked.prototype, id, {
      get(this: Asked) {
        this.look?.(id)
        return once(this.facts)
      },
    })
    return once
  }
  const rooms = new Map<GroundId, (facts: GroundFacts) => unknown>()
  for (const ground of GROUNDS as readonly AnyGround[]) {
    const need = ground.need(by(ground.id), rules[ground.id])
    rooms.set(
      ground.id,
      found(ground.id, ground.id, (facts) => ground.solve(facts[ground.id], need)),
    )
  }
  const lying = lyingOnce()
  found('lying', 'nights', (facts) => lying(rooms.get('nights')!(facts) as Nights))
  return (facts, look) => new Asked(facts, look) as unknown as Shared
}
