import type { Household } from '../household/household'
import type { Phrase } from '../quantity/phrase'
import type { Answer } from '../questions/answer'
import { QUESTIONS, type QuestionId } from '../questions/index'
import { badness, ease } from '../questions/reason'
import type { HouseRules, RankingRules } from '../rules/houseRules'
import type { FactSheet } from './factSheet'
import { judgeFor, type Answers } from './judge'
import { outcomesOf, withLikely, type LikelyNo } from './likely'
import { sizeOf } from '../questions/change'
import { counterfactualJudge } from './counterfactuals'
import { STANDINGS, type Standing } from './standing'

export interface Candidate {
  id: string
  facts: FactSheet
}

export interface Match {
  id: string
  /** Of units drawn alike the same. */
  plan: string
  /** Of units of one make and model the same. */
  model: string
  standing: Standing
  /** 0 to 100, higher is better; only orders units of one standing. */
  score: number
  answers: Answers
  /** The smallest changes that would let it in, after `if`, and their size by the house rules. */
  nearly?: { changes: Phrase[]; size: number }
  /** For households with guests. */
  flexibility?: Flexibility
  /** What it waits for, and its like fails by. */
  likely?: LikelyNo
}

/**
 * The yard in order for a household: what fits first, then what must be measured, then what something speaks
 * against, what fewest things do first. What small changes could do is not tried: that takes longer than the
 * ranking itself (`rankWithChanges`).
 */
export const rank = (candidates: readonly Candidate[], household: Household, rules: HouseRules): Match[] =>
  ranked(candidates.map(matcherFor(household, rules)))

/** The same, and of what something speaks against those that nearly fit, the smallest change first. */
export const rankWithChanges = (candidates: readonly Candidate[], household: Household, rules: HouseRules): Match[] =>
  ranked(candidates.map(matcherWithChangesFor(household, rules)))

const ranked = (matches: readonly Match[]): Match[] =>
  withLikely(matches.map((one) => ({ ...one, ...outcomesOf(one.answers) })))
    .map(({ against: _against, waits: _waits, passed: _passed, ...match }): Match => match)
    .sort(inOrder)

/** For one household, and then for any unit: how it stands, small changes not tried. */
function matcherFor(household: Household, rules: HouseRules): (candidate: Candidate) => Match {
  const judge = judgeFor(household, rules)
  const flexibility = flexibilityFor(household, rules)
  return ({ id, facts }) => ({
    ...matchOf(id, facts, judge(facts), rules.ranking),
    ...(flexibility && { flexibility: flexibility(facts) }),
  })
}

/** The same, small changes tried. Whoever needs little of each match lets go of it before the next one is made. */
export function matcherWithChangesFor(household: Household, rules: HouseRules): (candidate: Candidate) => Match {
  const match = matcherFor(household, rules)
  const nearly = counterfactualJudge(household, rules)
  return (candidate) => {
    const own = match(candidate)
    // What nobody drew is no nearer for all that is not known of it.
    const isOut = own.standing === 'out' && candidate.facts.undrawn.length === 0
    const set = isOut ? nearly(candidate.facts, own.answers) : undefined
    if (!set) return own
    return { ...own, standing: 'nearly', nearly: { changes: set.map(({ says }) => says), size: sizeOf(set) } }
  }
}

/** How units stand behind each other for a household. */
export const inOrder = (a: Match, b: Match): number =>
  place(a) - place(b) ||
  (a.nearly?.size ?? 0) - (b.nearly?.size ?? 0) ||
  (a.standing === 'out' ? objections(a) - objections(b) : 0) ||
  b.score - a.score ||
  (a.id < b.id ? -1 : 1)

/**
 * By standing; what nobody measured and its like fails by stands behind what nearly fits, and an undrawn one of that kind behind
 * the other undrawn ones. Between two standings is a half.
 */
export function place({ standing, likely }: Pick<Match, 'standing' | 'likely'>): number {
  const at = STANDINGS.indexOf(standing)
  if (!likely) return at
  return standing === 'measure' ? STANDINGS.indexOf('nearly') + 0.5 : at + 0.5
}

/** So many questions speak against it. */
export const objections = ({ answers }: Pick<Match, 'answers'>): number =>
  Object.values(answers).filter(({ verdict }) => verdict === 'no').length

function matchOf(
  id: string,
  { plan, model, sold, undrawn }: Pick<FactSheet, 'plan' | 'model' | 'sold' | 'undrawn'>,
  answers: Answers,
  ranking: RankingRules,
): Match {
  const verdicts = Object.values(answers).map(({ verdict }) => verdict)
  const standing = sold
    ? 'sold'
    : verdicts.includes('no')
      ? 'out'
      : undrawn.length
        ? 'undrawn'
        : verdicts.includes('measure')
          ? 'measure'
          : 'fits'
  // Two empty boxes are not the same plan.
  return {
    id,
    plan: undrawn.length ? `${plan} ${id}` : plan,
    model,
    standing,
    score: scoreOf(answers, ranking),
    answers,
  }
}

/** Of all that was asked, what the verdicts earn, 0 to 100. */
function scoreOf(answers: Answers, { weights, points }: RankingRules): number {
  let [weight, earned] = [0, 0]
  for (const question in answers) {
    weight += weights[question as QuestionId]
    earned += weights[question as QuestionId] * worth(answers[question as QuestionId]!, points)
  }
  return weight ? Math.round((1000 * earned) / weight) / 10 : 0
}

/** How a unit does on ordinary days and when guests are there, each 0 to 100; undefined for those who have none. */
export interface Flexibility {
  everyday: number
  withGuests: number
}

/**
 * One unit as two things, by the questions of living in it: judged once for those who are always there, once
 * for all of them as if guests always were.
 */
export function flexibilityFor(
  household: Household,
  rules: HouseRules,
): ((facts: FactSheet) => Flexibility) | undefined {
  const guests = household.people.filter(({ guest }) => guest)
  if (household.guestsCome === 'never' || guests.length === 0 || guests.length === household.people.length)
    return undefined
  const living = (people: Household['people']) =>
    judgeFor(
      { ...household, people, guestsCome: 'never' },
      rules,
      QUESTIONS.filter((question) => question.living),
    )
  const everyday = living(household.people.filter(({ guest }) => !guest))
  const withGuests = living(
    household.people.filter(({ seldom }) => !seldom).map(({ guest: _guest, ...person }) => person),
  )
  const score = (answers: Answers) => Math.round(scoreOf(answers, rules.ranking))
  return (facts) => ({ everyday: score(everyday(facts)), withGuests: score(withGuests(facts)) })
}

/** A verdict's points, moved a little by its margin: 6 in to spare beats 1 in. */
export function worth({ verdict, margin }: Answer, points: RankingRules['points']): number {
  const nudge = margin && verdict !== 'measure' ? 0.2 * ease(margin) - (verdict === 'fits' ? 0.2 : 0) : 0
  return Math.max(0, Math.min(1, points[verdict] + nudge))
}

/** The questions of a match, those that speak against it first. */
export function byWeightOfObjection(answers: Answers): [QuestionId, Answer][] {
  return (Object.entries(answers) as [QuestionId, Answer][]).sort(
    ([, a], [, b]) => badness(b.verdict) - badness(a.verdict),
  )
}
