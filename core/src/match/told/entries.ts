import { says, type Phrase } from '../../quantity/phrase'
import { dollars } from '../../quantity/quantity'
import { questionOf, type QuestionId } from '../../questions/index'
import { isTheirs } from '../../questions/margin'
import { badness } from '../../questions/reason'
import type { Match } from '../match'

/** Units that share a plan, as one entry of a match: the one that ranks best, and the others in their order. */
export interface Entry<T extends { plan: string }> {
  first: T
  others: T[]
}

/** The yard by its plans, in the order of their best. */
export function entriesOf<T extends { plan: string }>(ranked: readonly T[]): Entry<T>[] {
  const byPlan = new Map<string, Entry<T>>()
  for (const one of ranked) {
    const entry = byPlan.get(one.plan)
    if (entry) entry.others.push(one)
    else byPlan.set(one.plan, { first: one, others: [] })
  }
  return [...byPlan.values()]
}

/** What a unit is told apart from another of its plan by: its price, its answers, what is still to be measured on it. */
interface Told {
  price?: number
  answers: Match['answers']
}

/** Prices nearer than this are the same to a buyer, dollars. */
const SAME = 100

/**
 * How a unit differs from another of its plan: `$3,500 less; towing no longer fits; 2 more to measure`. Nothing where it does
 * not.
 */
export function differsFrom(first: Told, other: Told): Phrase[] {
  const price = ((): Phrase[] => {
    if (other.price === undefined) return first.price === undefined ? [] : [says`no price yet`]
    if (first.price === undefined) return []
    const by = other.price - first.price
    return Math.abs(by) < SAME ? [] : [says`${dollars(Math.abs(by))} ${by < 0 ? 'less' : 'more'}`]
  })()
  const answers = (Object.keys(other.answers) as QuestionId[]).flatMap((id): Phrase[] => {
    const [own, theirs] = [other.answers[id]!.verdict, first.answers[id]?.verdict]
    if (theirs === undefined || own === theirs || own === 'measure' || theirs === 'measure') return []
    const { topic } = questionOf(id).words
    if (own === 'no') return [says`${topic}: no`]
    if (own === 'fits') return [says`${topic} fits`]
    return [badness(own) > badness(theirs) ? says`${topic} tighter` : says`${topic} better`]
  })
  const open = (told: Told) => new Set(Object.values(told.answers).flatMap(({ missing }) => missing))
  const [own, theirs] = [open(other), open(first)]
  const more = [...own].filter((key) => !theirs.has(key) && !isTheirs(key)).length
  const fewer = [...theirs].filter((key) => !own.has(key) && !isTheirs(key)).length
  return [
    ...price,
    ...answers,
    ...(more > 0 ? [says`${more} more to measure`] : fewer > 0 ? [says`${fewer} fewer to measure`] : []),
  ]
}
