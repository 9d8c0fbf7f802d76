import { householdDoubts, trustedHousehold } from '../household/doubts'
import type { Household } from '../household/household'
import { answerOf, type Answer } from '../questions/answer'
import { QUESTIONS, type QuestionId } from '../questions/index'
import { badness, ease, measure } from '../questions/reason'
import type { Doubt } from '../readings/doubt'
import type { HouseRules, RankingRules } from '../rules/houseRules'
import { sharedFor } from '../shared/shared'
import { TO_DRAW } from '../trailer/drawn'
import type { FactSheet } from './factSheet'

export interface Candidate {
  id: string
  facts: FactSheet
}

export type Answers = Partial<Record<QuestionId, Answer>>

/**
 * `fits`: nothing against it. `measure`: nothing against it yet. `nearly`: one thing against it. `out`: more
 * than one.
 */
export const STANDINGS = ['fits', 'measure', 'nearly', 'out'] as const
export type Standing = (typeof STANDINGS)[number]

export interface Match {
  id: string
  standing: Standing
  /** 0 to 100, higher is better; only orders units of one standing. */
  score: number
  answers: Answers
  /** For households with guests. */
  flexibility?: Flexibility
}

/** The yard in order for a household: what fits first, then what must be measured, what nearly fits, what does not. */
export function rank(candidates: readonly Candidate[], household: Household, rules: HouseRules): Match[] {
  const judge = judgeFor(household, rules)
  const flexibility = flexibilityFor(household, rules)
  return candidates
    .map(({ id, facts }) => ({
      ...matchOf(id, judge(facts), rules.ranking),
      ...(flexibility && { flexibility: flexibility(facts) }),
    }))
    .sort(
      (a, b) =>
        STANDINGS.indexOf(a.standing) - STANDINGS.indexOf(b.standing) ||
        (a.standing === 'nearly' ? shortBy(b) - shortBy(a) : 0) ||
        b.score - a.score ||
        (a.id < b.id ? -1 : 1),
    )
}

/**
 * How far the one thing against a unit is from being right, in steps of half a bar: four pounds over come
 * before half a ton over, and a berth short before five.
 */
function shortBy({ answers }: Match): number {
  const margin = Object.values(answers).find(({ verdict }) => verdict === 'no')?.margin
  return margin ? Math.ceil((2 * margin.value) / margin.plenty) : -1
}

/** The household's needs once, then any number of fact sheets against them. */
export function judgeFor(
  given: Household,
  rules: HouseRules,
  questions: typeof QUESTIONS = QUESTIONS,
): (facts: FactSheet) => Answers {
  const [household, doubts] = [trustedHousehold(given), householdDoubts(given)]
  const asked = questions.flatMap((question) => {
    const need = question.need(household, rules[question.id], rules)
    return need === null ? [] : [{ question, need }]
  })
  const solved = sharedFor(household, rules)
  return (facts) => {
    const answers: Answers = {}
    const shared = solved(facts)
    for (const { question, need } of asked) {
      const missing = question.drawing.filter((part) => facts.undrawn.includes(part))
      const answer = missing.length
        ? answerOf(missing.map((part) => measure([TO_DRAW[part].says], [TO_DRAW[part].key])))
        : question.judge({ facts: facts[question.id], need, shared })
      if (answer) answers[question.id] = doubting(answer, doubts.length ? [...facts.doubts, ...doubts] : facts.doubts)
    }
    return answers
  }
}

/** An answer that waits for a figure because the one that was read is doubted says so. */
function doubting(answer: Answer, doubts: readonly Doubt[]): Answer {
  const these = doubts.filter(({ key }) => answer.missing.includes(key))
  return these.length
    ? { ...answer, because: [...these.map(({ key, says }) => measure(says, [key])), ...answer.because] }
    : answer
}

function matchOf(id: string, answers: Answers, { weights, points }: RankingRules): Match {
  let [against, weight, earned, open] = [0, 0, 0, false]
  for (const question in answers) {
    const answer = answers[question as QuestionId]!
    if (answer.verdict === 'no') against += 1
    if (answer.verdict === 'measure') open = true
    weight += weights[question as QuestionId]
    earned += weights[question as QuestionId] * worth(answer, points)
  }
  const standing: Standing = against > 1 ? 'out' : against === 1 ? 'nearly' : open ? 'measure' : 'fits'
  return { id, standing, score: weight ? Math.round((1000 * earned) / weight) / 10 : 0, answers }
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
  const score = (answers: Answers) => Math.round(matchOf('', answers, rules.ranking).score)
  return (facts) => ({ everyday: score(everyday(facts)), withGuests: score(withGuests(facts)) })
}

/** A verdict's points, moved a little by its margin: 6 in to spare beats 1 in. */
function worth({ verdict, margin }: Answer, points: RankingRules['points']): number {
  const nudge = margin && verdict !== 'measure' ? 0.2 * ease(margin) - (verdict === 'fits' ? 0.2 : 0) : 0
  return Math.max(0, Math.min(1, points[verdict] + nudge))
}

/** The questions of a match, those that speak against it first. */
export function byWeightOfObjection(answers: Answers): [QuestionId, Answer][] {
  return (Object.entries(answers) as [QuestionId, Answer][]).sort(
    ([, a], [, b]) => badness(b.verdict) - badness(a.verdict),
  )
}
