import { trustedHousehold } from '../household/doubts'
import type { Household } from '../household/household'
import { watchedHousehold } from '../household/watchedHousehold'
import { QUESTIONS, type QuestionId } from '../questions/index'
import { factRulesOf, type FactSheet } from './factSheet'
import type { HouseRules } from '../rules/houseRules'
import { assignedOnce } from '../nights/sleepingAssignment'
import type { Nights } from '../nights/nights'
import { SOLVERS, type Shared } from '../solver/solvers'
import { trusted } from '../trailer/trusted'
import type { Trailer } from '../trailer/trailer'
import { watched } from '../trailer/watched'

/** The keys of the figures that each answer rests on. */
export type Provenance = Partial<Record<QuestionId, string[]>>

/**
 * The figures that entered each of a household's answers on a unit, whether they decided it or not: every one
 * that was looked at on the way, by the question itself or by a room below that it asked. Watched, not declared,
 * so none can be forgotten.
 */
export function provenanceOf(trailer: Trailer, given: Household, rules: HouseRules): Provenance {
  const [known, household] = [trusted(trailer), trustedHousehold(given)]
  const grounds = SOLVERS.map((ground) => {
    const looked = new Set<string>()
    const look = (key: string) => void looked.add(key)
    const own = rules[ground.id]
    const facts = (ground as unknown as Room).facts(watched(known, look), factRulesOf(ground, rules), rules.ways)
    const need = (ground as unknown as Room).need(watchedHousehold(household, look), own, rules)
    return { id: ground.id, looked, solved: (ground as unknown as Solver).solve(facts, need) }
  })
  const { looked: atNights, solved: nights } = grounds.find(({ id }) => id === 'nights')!
  const lying = { id: 'lying', looked: atNights, solved: assignedOnce()(nights as Nights) }
  return Object.fromEntries(
    QUESTIONS.flatMap((question) => {
      const looked = new Set<string>()
      const look = (key: string) => void looked.add(key)
      const need = question.need(watchedHousehold(household, look), rules[question.id], rules)
      if (need === null) return []
      const facts = (question as unknown as Room).facts(
        watched(known, look),
        factRulesOf(question as unknown as Room, rules),
        rules.ways,
      )
      const shared = {} as Shared
      for (const { id, looked: below, solved } of [...grounds, lying]) {
        const get = () => {
          below.forEach(look)
          return solved
        }
        Object.defineProperty(shared, id, { get, enumerable: true })
      }
      const answer = question.judge({ facts: facts as FactSheet[QuestionId], need, shared })
      return answer ? [[question.id, [...looked]]] : []
    }),
  )
}

/** A question or a room below, of whatever facts and need. */
interface Room {
  id: string
  factRules: readonly PropertyKey[]
  facts(trailer: Trailer, rules: object, ways: HouseRules['ways']): unknown
  need(household: Household, own: object, rules: HouseRules): unknown
}
interface Solver {
  solve(facts: unknown, need: unknown): unknown
}
