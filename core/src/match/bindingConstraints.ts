import type { Household } from '../household/household'
import { says, type Phrase } from '../quantity/phrase'
import type { Change } from '../questions/change'
import type { Limit } from '../questions/helping'
import { QUESTIONS, questionOf, type QuestionId } from '../questions/index'
import type { Reason } from '../questions/reason'
import type { HouseRules } from '../rules/houseRules'
import type { FactSheet } from './factSheet'
import { mustsGivenUp } from './givenUp'
import type { Answers } from './judge'
import { answersWith, type Start } from './counterfactuals'

/** What would let in so many units that something speaks against: one change, or two together. */
export interface Way {
  /** After `if`. */
  says: Phrase
  units: string[]
}

/** So many are told: single changes, then pairs that let in more than either alone. */
const MOST_SINGLE = 3
const MOST_PAIRS = 2

/** The kind of a limit (`questions/helping.ts`). */
type Raisable = string

/** What a unit asks of each limit that it passes; absent: something speaks against it that is no limit. */
export interface AskedLimits {
  limits?: [Raisable, number][]
  /** The only question against it, where it is one that only trying tells. */
  tryable?: QuestionId
}

/**
 * Over all units that something speaks against: the single changes, and pairs of them, that let in the most units nothing else speaks
 * against. A limit is raised to what the last of those units asks, which is exact; two who share, somebody in a
 * tent and wishes given up are tried on each unit.
 */
export function bindingConstraints(
  out: readonly (AskedLimits & { id: string })[],
  factsOf: (id: string) => FactSheet,
  household: Household,
  rules: HouseRules,
): Way[] {
  const asked = out.map(({ id, tryable: only, limits }): Asked => ({
    id,
    tryable: only,
    ...(limits && { limits: new Map(limits) }),
  }))
  const start: Start = { household, rules }
  const tried = tryable(household, rules).map(({ change, question }) => ({
    says: change.says,
    units: asked
      .filter((one) => one.tryable === question)
      .filter(({ id }) => letsIn(change, question, factsOf(id), start))
      .map(({ id }) => id),
  }))
  const kinds = [...new Set(asked.flatMap(({ limits }) => [...(limits?.keys() ?? [])]))]
  const single = kinds.map((kind) => raised([kind], asked, household))
  const pairs = kinds
    .flatMap((a, i) => kinds.slice(i + 1).map((b) => raised([a, b], asked, household)))
    .filter(
      (pair) => pair.units.length > Math.max(0, ...pair.of.map((kind) => single[kinds.indexOf(kind)]!.units.length)),
    )
  const most = <T extends Way>(ways: readonly T[], count: number): Way[] =>
    ways
      .filter(({ units }) => units.length > 0)
      .sort((a, b) => b.units.length - a.units.length)
      .slice(0, count)
      .map((way) => ({ says: way.says, units: way.units }))
  const first = most([...single, ...tried], MOST_SINGLE)
  const best = first[0]?.units.length ?? 0
  return [
    ...first,
    ...most(
      pairs.filter(({ units }) => units.length > best),
      MOST_PAIRS,
    ),
  ]
}

/** The one question that says no is asked first: mostly it says no again, and the others need not be asked. */
const letsIn = (change: Change, question: QuestionId, facts: FactSheet, start: Start): boolean =>
  noneAgainst(answersWith(facts, start, [change], question)) && noneAgainst(answersWith(facts, start, [change]))

const noneAgainst = (answers: Answers): boolean => Object.values(answers).every(({ verdict }) => verdict !== 'no')

interface Asked {
  id: string
  limits?: ReadonlyMap<Raisable, number>
  tryable?: QuestionId
}

/** Which limits a unit passes and by how much, from the reasons that say no. */
export function askedBy(answers: Answers, household: Household): AskedLimits {
  const against = (Object.entries(answers) as [QuestionId, NonNullable<Answers[QuestionId]>][]).filter(
    ([, { verdict }]) => verdict === 'no',
  )
  const limits = new Map<Raisable, number>()
  for (const [question, { because }] of against) {
    for (const reason of because) {
      const { verdict, margin } = reason
      if (verdict !== 'no') continue
      const kind = limitOf(question, reason)
      const now = kind === undefined ? undefined : limitNow(household, kind)
      if (!kind || !margin || now === undefined) return against.length === 1 ? { tryable: against[0]![0] } : {}
      limits.set(kind, Math.max(limits.get(kind) ?? 0, now - margin.value))
    }
  }
  return { limits: [...limits] }
}

const LIMITS: ReadonlyMap<Raisable, Limit> = new Map(
  QUESTIONS.flatMap(({ limits = [] }) => limits.map((one) => [one.kind, one] as const)),
)

const limitOf = (question: QuestionId, reason: Reason): Raisable | undefined =>
  questionOf(question).limits?.find((one) => one.decides(reason))?.kind

const limitNow = (household: Household, kind: Raisable): number | undefined => LIMITS.get(kind)?.now(household)

/** These limits raised to what the units ask that nothing else keeps out. */
function raised(
  of: readonly Raisable[],
  asked: readonly Asked[],
  household: Household,
): Way & { of: readonly Raisable[] } {
  const fitting = asked.filter(
    ({ limits }) => limits && limits.size > 0 && [...limits.keys()].every((kind) => of.includes(kind)),
  )
  const reached = fitting.filter(({ limits }) =>
    [...limits!].every(([kind, value]) => value <= farthest(household, kind)),
  )
  const changes = of.map((kind) => {
    const now = limitNow(household, kind)!
    const to = Math.max(now, ...reached.map(({ limits }) => limits!.get(kind) ?? now))
    return raise(household, kind, to - now)
  })
  const [first, second] = changes.map((change) => change.says)
  return { of, says: second ? says`${first!} and ${second}` : first!, units: reached.map(({ id }) => id) }
}

const raise = (household: Household, kind: Raisable, amount: number): Change =>
  LIMITS.get(kind)!.raised(household, amount, 1)

/** Beyond this it is another life, not another vehicle: half as much again. */
const FARTHEST = 1.5

const farthest = (household: Household, kind: Raisable): number => limitNow(household, kind)! * FARTHEST

/** What only trying tells, with the question it could answer. */
function tryable(household: Household, rules: HouseRules): { change: Change; question: QuestionId }[] {
  const tries = QUESTIONS.flatMap(({ id, helping }) =>
    (helping?.tries?.(household, rules, rules.nearly) ?? []).map((change) => ({ change, question: id })),
  )
  return [...mustsGivenUp(household, rules.nearly.wish), ...tries]
}
