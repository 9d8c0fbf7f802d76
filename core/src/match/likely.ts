import { says, type Phrase } from '../quantity/phrase'
import { QUESTIONS, questionOf, type QuestionId } from '../questions/index'
import type { Answers } from './judge'
import type { Standing } from './standing'

/** Of a unit beside its like: what it is alike by, and how its questions came out. */
export interface Beside {
  id: string
  standing: Standing
  /** Of units drawn alike the same. */
  plan: string
  /** Of units of one make and model the same. */
  model: string
  /** Questions that say no, each a bit in the order of the questions. */
  against: number
  /** Questions that wait for something. */
  waits: number
  /** Questions with nothing against them. */
  passed: number
}

/** What a unit most likely fails by once it is known, and the unit that tells so. */
export interface LikelyNo {
  question: QuestionId
  like: string
}

/** How the questions of a unit came out, a bit each. */
export function outcomesOf(answers: Answers): Pick<Beside, 'against' | 'waits' | 'passed'> {
  const bits = (holds: (verdict: string) => boolean) =>
    QUESTIONS.reduce((sum, { id }, i) => sum + (answers[id] && holds(answers[id].verdict) ? 2 ** i : 0), 0)
  return {
    against: bits((verdict) => verdict === 'no'),
    waits: bits((verdict) => verdict === 'measure'),
    passed: bits((verdict) => verdict === 'fits' || verdict === 'tight'),
  }
}

/**
 * What nobody measured on a unit was measured on its like, drawn alike or of its make and model. Where all of them of which a
 * question is known fail it, a unit on which that question waits most likely fails it too: it is no better for not having been
 * looked at, and stands behind those that nothing is likely against.
 *
 *      A-1  towing: no, by its label        A-2  drawn alike, no label read: most likely no
 */
export function withLikely<Unit extends Beside>(units: readonly Unit[]): (Unit & { likely?: LikelyNo })[] {
  const [plans, models] = [together(units, 'plan'), together(units, 'model')]
  return units.map((one) => {
    const [drawn, named] = [plans.get(one.plan)!, models.get(one.model)!]
    const likely = one.waits & (drawn.against | named.against) & ~(drawn.passed | named.passed)
    // What is out or sold by what is known is so without a guess.
    if (!likely || one.standing === 'out' || one.standing === 'sold') return one
    const at = QUESTIONS.findIndex((_, i) => likely & (1 << i))
    const failing = [...drawn.units, ...named.units].filter(({ against }) => against & (1 << at))
    return { ...one, likely: { question: QUESTIONS[at]!.id, like: failing.map(({ id }) => id).sort()[0]! } }
  })
}

/** Units that are alike by something, with what is known of any of them. */
function together(units: readonly Beside[], by: 'plan' | 'model') {
  const groups = new Map<string, { units: Beside[]; against: number; passed: number }>()
  for (const one of units) {
    const group = groups.get(one[by])
    if (!group) groups.set(one[by], { units: [one], against: one.against, passed: one.passed })
    else {
      group.units.push(one)
      group.against |= one.against
      group.passed |= one.passed
    }
  }
  return groups
}

/** What is said of it beside its row. `like`: the stock number of the unit that tells so. */
export function likelySays(question: QuestionId, like: string): Phrase {
  const { topic } = questionOf(question).words
  return says`Likely not: ${like} is the same plan or model and fails on ${topic}. Read what’s missing here first.`
}
