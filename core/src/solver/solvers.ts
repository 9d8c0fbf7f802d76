import { camping } from '../camping/camping'
import type { Household } from '../household/household'
import { assignedOnce, type SleepingAssignment } from '../nights/sleepingAssignment'
import { nights, type Nights } from '../nights/nights'
import type { LoadingRules } from '../loading/rules'
import type { WayRules } from '../plan/wayRules'
import type { ValuesOf } from '../rule/rule'
import { stowing } from '../stowing/stowing'
import type { Solver } from './solver'
import { oncePer } from '../memory/remembered'

/** The rooms below the questions. A question rests on any of them, and on no other question. */
export const SOLVERS = [nights, stowing, camping] as const

type Solvers = (typeof SOLVERS)[number]
export type SolverId = Solvers['id']

/** What the trailer offers to each, as stored. */
export type SolverFacts = { [G in Solvers as G['id']]: ReturnType<G['facts']> }
/** The house rules of each. */
export type SolverRules = { [G in Solvers as G['id']]: ValuesOf<G['rules']> }
/** The rules below the questions: of the rooms they rest on, of the plan, and of where things ride. */
export type RulesBelow = SolverRules & { ways: WayRules; loading: LoadingRules }
/** What each of them found for one household in one unit. */
export type Shared = { readonly [G in Solvers as G['id']]: ReturnType<G['solve']> } & {
  /** Of the nights who lies where: the same for many units, where nights are of one mattress each. */
  readonly lying: SleepingAssignment
}
export type SharedId = keyof Shared

/** The room that finds it. */
export const roomOf = (id: SharedId): SolverId => (id === 'lying' ? 'nights' : id)

type AnySolver = Solver<SolverId, unknown, unknown, object, unknown, never>

/**
 * The household's needs once, then any number of units. Each room is solved when the first question asks for
 * it, and once for all units whose facts of it are the same object. `look` hears of each room that is asked. `by`: the household as
 * a room sees it, such as one that is watched.
 */
export function sharedFor(
  household: Household,
  rules: SolverRules,
  by: (room: SolverId) => Household = () => household,
): (facts: SolverFacts, look?: (id: SharedId) => void) => Shared {
  /** One unit as its rooms are asked. */
  class Asked {
    constructor(
      readonly facts: SolverFacts,
      readonly look: ((id: SharedId) => void) | undefined,
    ) {}
  }
  const found = (id: SharedId, by: SolverId, solve: (own: object) => unknown) => {
    const solved = oncePer(solve)
    const once = (facts: SolverFacts): unknown => solved(facts[by])
    Object.defineProperty(Asked.prototype, id, {
      get(this: Asked) {
        this.look?.(id)
        return once(this.facts)
      },
    })
    return once
  }
  const rooms = new Map<SolverId, (facts: SolverFacts) => unknown>()
  for (const ground of SOLVERS as readonly AnySolver[]) {
    const need = ground.need(by(ground.id), rules[ground.id])
    rooms.set(
      ground.id,
      found(ground.id, ground.id, (own) => ground.solve(own, need)),
    )
  }
  const lying = assignedOnce()
  const nightsOf = rooms.get('nights')!
  found('lying', 'nights', (own) => lying(nightsOf({ nights: own } as unknown as SolverFacts) as Nights))
  return (facts, look) => new Asked(facts, look) as unknown as Shared
}
