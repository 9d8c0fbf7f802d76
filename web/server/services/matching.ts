import type { Household } from '@hitchet/core/household/household'
import type { Answers } from '@hitchet/core/match/judge'
import type { Match, Standing } from '@hitchet/core/match/match'
import type { NextQuestion } from '@hitchet/core/match/nextQuestion'
import type { Pulled } from '@hitchet/core/match/pulled'
import { trailerName } from '@hitchet/core/trailer/trailer'
import type { Way } from '@hitchet/core/match/inTheWay'
import { questionOf, type QuestionId } from '@hitchet/core/questions/index'
import { yardFacts } from '../db/facts'
import { householdById } from '../db/households'
import { trailersById, trailersByStock } from '../db/trailers'
import { houseRules } from '../houseRules'
import { inWorker } from '../jobs/pool'
import type { AnswerRests } from '../jobs/rests'
import { Refused } from '../refused'

/** The yard ranked for a household. */
export async function rankYard(household: Household): Promise<Match[]> {
  return (await rankYardWithWays(household)).matches
}

/** The yard ranked for a household, what would let in more of it, and how firm its first place is. */
export async function rankYardWithWays(
  household: Household,
): Promise<{ matches: Match[]; ways: Way[]; firm?: number }> {
  const rules = houseRules()
  return inWorker('rankOne', { facts: await yardFacts(rules), household, rules })
}

/** The yard ranked for each of some households: its facts are read and parsed once. */
export async function rankYardFor(households: Household[]): Promise<Match[][]> {
  const rules = houseRules()
  return inWorker('rankAll', { facts: await yardFacts(rules), households, rules })
}

/** What each of some households is answered on one unit, by its id. */
export async function answersOn(id: string, households: Household[]): Promise<Answers[]> {
  const rules = houseRules()
  const facts = await yardFacts(rules, id)
  return (await inWorker('rankAll', { facts, households, rules })).map(([match]) => match?.answers ?? {})
}

/** The figures that each of a household's answers on a unit rests on. @throws Refused. */
export async function restsFor(stock: string, householdId: string): Promise<AnswerRests[]> {
  const [[found], kept] = await Promise.all([trailersByStock([stock]), householdById(householdId)])
  if (!found || !kept) throw new Refused('There is no such unit or household any more.', [], 404)
  return inWorker('rests', { trailer: found.trailer, household: kept.household, rules: houseRules() })
}

/** Another unit that they can pull, as it is named on the lot. */
export interface PulledUnit extends Omit<Pulled, 'id'> {
  stock: string
  name: string
}

/** Other units of the lot that a household can pull. @throws Refused. */
export async function pulledFor(stock: string, householdId: string): Promise<PulledUnit[]> {
  const [[found], kept] = await Promise.all([trailersByStock([stock]), householdById(householdId)])
  if (!found || !kept) throw new Refused('There is no such unit or household any more.', [], 404)
  const rules = houseRules()
  const facts = await yardFacts(rules)
  const units = await inWorker('pulled', { facts, instead: found.id, household: kept.household, rules })
  const named = new Map((await trailersById(units.map(({ id }) => id))).map(({ id, trailer }) => [id, trailer]))
  return units.flatMap(({ id, ...rest }) => {
    const trailer = named.get(id)
    return trailer ? [{ stock: trailer.stock, name: trailerName(trailer), ...rest }] : []
  })
}

/** What to ask a household next, of all that nobody asked yet. */
export async function nextFor(household: Household): Promise<NextQuestion | undefined> {
  const rules = houseRules()
  return inWorker('next', { facts: await yardFacts(rules), household, rules })
}

export interface YardLeft {
  all: number
  left: number
  /**
   * Units with anything against them, by the question that says so, and its words; one unit may count under
   * several.
   */
  out: { question: QuestionId; units: number; against: string }[]
  /** What would let in more, by the ids of those units. */
  ways: Way[]
  /** Every unit, best first. */
  units: { id: string; standing: Standing }[]
}

/** How much of the yard is still possible: for the interview, while it is typed. */
export async function yardLeft(household: Household): Promise<YardLeft> {
  const { matches, ways } = await rankYardWithWays(household)
  const against = new Map<QuestionId, number>()
  for (const { answers } of matches) {
    for (const [question, answer] of Object.entries(answers) as [QuestionId, { verdict: string }][]) {
      if (answer.verdict === 'no') against.set(question, (against.get(question) ?? 0) + 1)
    }
  }
  return {
    all: matches.length,
    left: matches.filter(({ standing }) => standing === 'fits' || standing === 'measure').length,
    out: [...against]
      .map(([question, units]) => ({ question, units, against: questionOf(question).words.against }))
      .sort((a, b) => b.units - a.units),
    ways,
    units: matches.map(({ id, standing }) => ({ id, standing })),
  }
}
