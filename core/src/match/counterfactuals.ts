import { trustedHousehold } from '../household/doubts'
import type { Household } from '../household/household'
import type { Answer } from '../questions/answer'
import { changed, sizeOf, type Change } from '../questions/change'
import type { Helping, Refusal } from '../questions/helping'
import { QUESTIONS, questionOf, type QuestionId } from '../questions/index'
import { onlyWishes } from '../questions/wishesGivenUp'
import type { HouseRules } from '../rules/houseRules'
import type { FactSheet } from './factSheet'
import { mustsGivenUp } from './givenUp'
import { judgeFor, type Answers } from './judge'
import { latest, oncePer } from '../memory/remembered'

/** Who asks, and by which rules. */
export interface Start {
  household: Household
  rules: HouseRules
}

/**
 * For one household, and then for any unit that something speaks against: the smallest set of changes with which
 * nothing does any more, each tried on the unit and the whole set once more on all questions; undefined when there
 * is none within the house rules. Questions are answered apart, since no small change to one of them touches
 * another, and each by the smallest that answers it.
 */
export function counterfactualJudge(
  given: Household,
  rules: HouseRules,
): (facts: FactSheet, answers: Answers) => Change[] | undefined {
  const start: Start = { household: trustedHousehold(given), rules }
  const musts = mustsGivenUp(start.household, rules.nearly.wish)
  const theirs = new Map(
    QUESTIONS.map(({ id, helping }) => [
      id,
      {
        givenUp: musts.flatMap(({ change, question }) => (question === id ? [change] : [])),
        tries: helping?.tries?.(start.household, rules, rules.nearly) ?? [],
      },
    ]),
  )
  return (facts, answers) => {
    const no = against(answers).map(([id, answer]) => ({
      id,
      helping: helpingOf(id),
      of: { ...refusalOf(id, answer, facts, start), ...theirs.get(id)! },
    }))
    if (no.reduce((sum, { helping, of }) => sum + helping.least(of), 0) > rules.nearly.most) return undefined
    const set: Change[] = []
    for (const { id, helping, of } of no) {
      const left = rules.nearly.most - sizeOf(set)
      const found = helping.smallest(of, left, (tried) => answersWith(facts, start, tried, id)[id])
      if (!found || sizeOf(found) > left) return undefined
      set.push(...found)
    }
    if (set.length === 0) return undefined
    return against(answersWith(facts, start, set)).length === 0 ? set : undefined
  }
}

type AnyHelping = Helping<unknown, unknown>

const helpingOf = (id: QuestionId): AnyHelping => questionOf(id).helping ?? onlyWishes

function refusalOf(
  id: QuestionId,
  answer: Answer,
  facts: FactSheet,
  { household, rules }: Start,
): Omit<Refusal<unknown, unknown>, 'givenUp' | 'tries'> {
  return { answer, facts: facts[id], rooms: facts, household, rules: rules[id], below: rules, sizes: rules.nearly }
}

/** What speaks against a unit; the cheapest to look into first, so that most are given up early. */
function against(answers: Answers): [QuestionId, Answer][] {
  const all = (Object.entries(answers) as [QuestionId, Answer][]).filter(([, { verdict }]) => verdict === 'no')
  return all.sort(([a], [b]) => helpingOf(a).turn - helpingOf(b).turn)
}

/** What is answered on a unit once some changes are made. */
export function answersWith(facts: FactSheet, start: Start, set: readonly Change[], only?: QuestionId): Answers {
  const known = judgesOf(start)
  const name = [only ?? 'all', ...set.map(({ id }) => id)].join('\n')
  return known(name, () => judgeWith(start, set, only))(facts)
}

/** Budgets and ratings are raised by as much as each unit asks for: of these there are many, and none is asked for twice. */
const judgesOf = oncePer((_: Start) => latest<(facts: FactSheet) => Answers>(100))

/** Those in tents sleep elsewhere, and ride along all the same. */
function judgeWith({ household: given, rules }: Start, set: readonly Change[], only?: QuestionId) {
  const { household, tents } = changed({ household: given, tents: [] }, set)
  const asked = only ? [questionOf(only)] : QUESTIONS
  if (tents.length === 0) return judgeFor(household, rules, asked)
  const inside = { ...household, people: household.people.filter(({ id }) => !tents.includes(id)) }
  const onTheRoad = judgeFor(
    household,
    rules,
    asked.filter(({ living }) => !living),
  )
  const livingInIt = judgeFor(
    inside,
    rules,
    asked.filter(({ living }) => living),
  )
  return (facts: FactSheet): Answers => ({ ...onTheRoad(facts), ...livingInIt(facts) })
}
