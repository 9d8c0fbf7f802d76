import { atMost } from '../../household/growth'
import type { Household, Person } from '../../household/household'
import { STANCE_IDS, STANCES } from '../../household/wishes/stances'
import { listed, says, type Phrase } from '../../quantity/phrase'
import { QUESTIONS, questionOf } from '../../questions/index'
import { lowered } from '../../questions/lowered'
import type { Open } from '../../questions/open'
import type { HouseRules } from '../../rules/houseRules'
import { judgeFor } from '../judge'
import type { Candidate } from '../match'

/** What to ask them next. */
export interface NextQuestion {
  /** Which field of the interview takes the answer, by its path; people by their place among them. */
  field: string
  asks: Phrase
  /** Of the units that are left, the fewest and the most that stay, as the answer turns out. */
  least: number
  most: number
}

/** What nobody asked yet, and which questions the answer touches. */
interface Touching extends Open {
  touches: typeof QUESTIONS
}

/** Grown people, inches and pounds: about the 5th and the 95th centile of both sexes (ANSUR II, 2012, from memory). */
const GROWN = { height: [61, 74], weight: [120, 240] } as const
/** A child measures at least so much of what the largest of its age do. */
const OF_LARGEST = { height: 0.87, weight: 0.5 } as const
/** One in so many insists on a thing that was only mentioned (common practice). */
const INSISTS = 0.25
/**
 * The question whose answer divides what is left the most, found by trying: every unit that nothing speaks against is judged
 * with each answer they may well give; a unit that would stay with half of them is divided best, one that stays or goes
 * whatever they say not at all. Undefined where no open question divides anything. `left`: those units.
 */
export function nextQuestion(
  left: readonly Candidate[],
  household: Household,
  rules: HouseRules,
): NextQuestion | undefined {
  const tried = openQuestions(left, household).map((open) => ({ open, ...dividing(open, left, rules) }))
  const best = tried.reduce<(typeof tried)[number] | undefined>(
    (a, b) => (b.divides > (a?.divides ?? 0) ? b : a),
    undefined,
  )
  return best && { field: best.open.field, asks: best.open.asks, least: best.least, most: best.most }
}

/** For each unit the share of answers with which it stays; its spread, p (1 - p), summed over all of them. */
function dividing(
  { touches, answers, isWish }: Touching,
  left: readonly Candidate[],
  rules: HouseRules,
): { divides: number; least: number; most: number } {
  const judges = answers.map(({ household }) => judgeFor(household, rules, touches))
  const weights = answers.map(({ weight }) => weight ?? 1 / answers.length)
  const stays = answers.map(() => 0)
  let divides = 0
  for (const { facts } of left) {
    let share = 0
    judges.forEach((judge, i) => {
      if (Object.values(judge(facts)).some(({ verdict }) => verdict === 'no')) return
      share += weights[i]!
      stays[i]! += 1
    })
    divides += share * (1 - share)
  }
  const [least, most] = [Math.min(...stays), Math.max(...stays)]
  return { divides: isWish && least === 0 ? 0 : divides, least, most }
}

function openQuestions(left: readonly Candidate[], household: Household): Touching[] {
  const own = QUESTIONS.flatMap((question) =>
    (
      question.open?.(
        household,
        left.map(({ facts }) => facts[question.id]),
      ) ?? []
    ).map((open) => ({ ...open, touches: [question] })),
  )
  return [...own, ...ofPeople(household, 'height'), ...ofPeople(household, 'weight'), ...ofStances(household)]
}

/** All whose height, or weight, nobody asked: at the small end of what they may be, and at the large. */
function ofPeople(household: Household, measure: 'height' | 'weight'): Touching[] {
  const open = household.people.filter((one) => one[measure] === undefined)
  if (open.length === 0) return []
  const range = (one: Person): readonly [number, number] => {
    const most = atMost(one, measure)
    return most === undefined ? GROWN[measure] : [Math.round(most * OF_LARGEST[measure]), most]
  }
  const all = (end: 0 | 1): { household: Household } => ({
    household: {
      ...household,
      people: household.people.map((one) => (open.includes(one) ? { ...one, [measure]: range(one)[end] } : one)),
    },
  })
  const first = household.people.indexOf(open[0]!)
  return [
    {
      field: `people.${first}.${measure}`,
      asks: says`How ${measure === 'height' ? 'tall' : 'heavy'} ${listed(open.map(({ name }) => name))} ${open.length > 1 ? 'are' : 'is'}`,
      touches: QUESTIONS,
      answers: [all(0), all(1)],
    },
  ]
}

function ofStances(household: Household): Touching[] {
  return STANCE_IDS.filter((id) => STANCES[id].mustPossible && household.stances[id] === undefined).map((id) => ({
    field: `stances.${id}`,
    asks: says`Whether it must have ${lowered(STANCES[id].label)}`,
    touches: [questionOf(STANCES[id].question)],
    isWish: true,
    answers: [
      { household, weight: 1 - INSISTS },
      { household: { ...household, stances: { ...household.stances, [id]: 'must' as const } }, weight: INSISTS },
    ],
  }))
}
