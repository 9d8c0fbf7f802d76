import type { Doubt } from '../readings/doubt'
import { ALL, type QuestionFacts } from '../questions/index'
import { hungWays, unhung } from '../plan/hungWays'
import { nameOnPlan } from '../plan/naming'
import { planKey } from '../plan/planKey'
import type { HouseRules } from '../rules/houseRules'
import { SOLVERS, type SolverFacts } from '../solver/solvers'
import { doubtsOf } from '../trailer/doubts'
import { trusted } from '../trailer/trusted'
import { inOrder } from '../trailer/inOrder'
import { undrawn, type DrawnPart } from '../trailer/drawn'
import { isSold, modelKey, type Trailer } from '../trailer/trailer'
import { withId } from '../plan/withId'

/** A trailer's facts for all questions and for what they rest on, what is doubted and not drawn; as stored. */
export type FactSheet = Readonly<
  SolverFacts &
    QuestionFacts & {
      doubts: Doubt[]
      undrawn: DrawnPart[]
      /** Of units drawn alike the same. */ plan: string
      /** Of units of one make and model the same. */ model: string
      sold: boolean
      /** Inside doors of which nobody noted how they are hung, and what is otherwise where they are hung another way. */
      unhung: { id: string; name: string }[]
      otherwise: Partial<SolverFacts & QuestionFacts>[]
    }
>

/** Whatever has facts: a room below the questions, or a question. */
interface Room {
  id: string
  version: number
  factRules: readonly PropertyKey[]
  facts(trailer: Trailer, rules: object, ways: HouseRules['ways']): unknown
}

export const ROOMS = [...SOLVERS, ...ALL] as readonly Room[]

/** All facts of a trailer at once, as plain data. */
export const factSheet = (trailer: Trailer, rules: HouseRules): FactSheet => ({ ...factsOn(trailer, rules) })

/**
 * The facts of a trailer, from what is not doubted on it; each made when it is first asked for: for few questions
 * of many variants of a unit.
 */
export function factsOn(given: Trailer, rules: HouseRules): FactSheet {
  const trailer = inOrder(given)
  const doubts = doubtsOf(trailer)
  const known = trusted(trailer, doubts)
  const sheet = {
    doubts,
    undrawn: undrawn(trailer),
    plan: planKey(trailer.plan),
    model: modelKey(trailer),
    sold: isSold(trailer),
    unhung: unhung(known.plan).map(({ id }) => ({ id, name: nameOnPlan(known.plan, id) })),
  } as unknown as FactSheet
  madeOnce(
    sheet,
    ROOMS.map(({ id }) => id),
    (id) => factsOf(id, known, rules),
  )
  madeOnce(sheet, ['otherwise'], () => hungWays(known.plan).map((plan) => otherwise(sheet, { ...known, plan }, rules)))
  return sheet
}

/** What of a unit is otherwise, with its doors hung another way. */
function otherwise(sheet: FactSheet, known: Trailer, rules: HouseRules): FactSheet['otherwise'][number] {
  const changed = ROOMS.map(({ id }) => [id, factsOf(id, known, rules)] as const).filter(
    ([id, facts]) => JSON.stringify(facts) !== JSON.stringify(sheet[id as keyof FactSheet]),
  )
  return Object.fromEntries(changed)
}

function factsOf(id: string, known: Trailer, rules: HouseRules): unknown {
  const room = withId(ROOMS, id)
  return room.facts(known, factRulesOf(room, rules), rules.ways)
}

/** Each of some keys is made when it is first asked for. */
function madeOnce(of: object, keys: readonly string[], make: (key: string) => unknown): void {
  for (const key of keys) {
    let made: unknown
    Object.defineProperty(of, key, { get: () => (made ??= make(key)), enumerable: true })
  }
}

/**
 * By what facts were made: each room's version and every rule that is baked into them. Facts that were kept
 * under another key are not to be trusted.
 */
export const factsKey = (rules: HouseRules): string =>
  JSON.stringify([
    rules.ways,
    ['doubts', 3],
    ['plan', 2],
    ['model', 1],
    ['sold', 1],
    ['hung', 1],
    ...ROOMS.map((room) => [room.id, room.version, factRulesOf(room, rules)]),
  ])

/** The rules that a room's facts are made with. */
export function factRulesOf({ id, factRules }: Pick<Room, 'id' | 'factRules'>, rules: HouseRules): object {
  const own = rules[id as keyof HouseRules] as unknown as Record<PropertyKey, unknown>
  return Object.fromEntries(factRules.map((key) => [key, own[key]]))
}
