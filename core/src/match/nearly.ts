import { everyNight, type Household, type Person } from '../household/household'
import { STANCE_IDS } from '../household/stances'
import type { Answer } from '../questions/answer'
import { QUESTIONS, questionOf, type QuestionId } from '../questions/index'
import type { Reason } from '../questions/reason'
import type { VehicleKey } from '../readings/catalogue'
import type { HouseRules } from '../rules/houseRules'
import {
  dryTank,
  higherRating,
  inTent,
  leftAtHome,
  longerAllowed,
  moreBudget,
  shared,
  wishGivenUp,
  type Change,
  type Setting,
} from './change'
import type { FactSheet } from './factSheet'
import { judgeFor, type Answers } from './judge'

/** So many things that could stay home are tried, the heaviest first, and none lighter than this, pounds. */
const MOST_GEAR = 3
const WORTH_LEAVING = 20

/**
 * The smallest set of changes with which nothing speaks against a unit any more, each tried on the unit and the
 * whole set once more on all questions; undefined when there is none within the house rules. Questions are
 * answered apart, since no small change to one of them touches another, and each by the smallest that answers
 * it.
 */
export function nearlyFor(
  facts: FactSheet,
  household: Household,
  answers: Answers,
  rules: HouseRules,
): Change[] | undefined {
  const start: Setting = { household, rules, tents: [] }
  const set: Change[] = []
  for (const [id, answer] of against(answers)) {
    const left = rules.nearly.most - sizeOf(set)
    const found = smallestFor(id, answer, facts, start, left)
    if (!found || sizeOf(found) > left) return undefined
    set.push(...found)
  }
  if (set.length === 0) return undefined
  return against(answersWith(facts, start, set)).length === 0 ? set : undefined
}

export const sizeOf = (set: readonly Change[]): number => set.reduce((sum, { size }) => sum + size, 0)

/** What speaks against a unit; the cheapest to look into first, so that most are given up early. */
function against(answers: Answers): [QuestionId, Answer][] {
  const all = (Object.entries(answers) as [QuestionId, Answer][]).filter(([, { verdict }]) => verdict === 'no')
  return all.sort(([a], [b]) => ORDER.indexOf(a) - ORDER.indexOf(b))
}

const ORDER: QuestionId[] = ['price', 'park', 'wishes', 'bath', 'galley', 'seating', 'exits', 'reach', 'tow', 'sleep']

/** Those in tents sleep elsewhere, and ride along all the same. */
export function answersWith(facts: FactSheet, start: Setting, set: readonly Change[], only?: QuestionId): Answers {
  const { household, rules, tents } = set.reduce((now, { change }) => change(now), start)
  const asked = only ? [questionOf(only)] : QUESTIONS
  if (tents.length === 0) return judgeFor(household, rules, asked)(facts)
  const inside = { ...household, people: household.people.filter(({ id }) => !tents.includes(id)) }
  return {
    ...judgeFor(
      household,
      rules,
      asked.filter(({ living }) => !living),
    )(facts),
    ...judgeFor(
      inside,
      rules,
      asked.filter(({ living }) => living),
    )(facts),
  }
}

function smallestFor(
  id: QuestionId,
  answer: Answer,
  facts: FactSheet,
  start: Setting,
  left: number,
): Change[] | undefined {
  const helps = (set: Change[]) => answersWith(facts, start, set, id)[id]?.verdict !== 'no'
  const { household, rules } = start
  if (id === 'price' || id === 'park') return limitsRaised(answer, household, rules)
  if (id === 'tow') return pulled(answer, facts, start, left)
  const wishes = STANCE_IDS.filter((one) => household.stances[one] === 'must').map((one) =>
    wishGivenUp(one, rules.nearly.wish),
  )
  const beds = id === 'sleep' && isShortOf(answer, FEW) ? otherBeds(household, rules) : []
  const singles = [...wishes, ...beds]
  const sets = [...singles.map((one) => [one]), ...(id === 'sleep' ? pairsOf(singles) : [])]
    .filter((set) => sizeOf(set) <= left)
    .sort((a, b) => sizeOf(a) - sizeOf(b))
  return sets.find(helps)
}

/** Nobody puts three of them out. */
const FEW = 2

const isShortOf = ({ margin }: Answer, most: number): boolean => margin?.unit === 'person' && -margin.value <= most

/** Two at a time; but not two tents: then it is another trailer they want. */
const pairsOf = (singles: readonly Change[]): Change[][] =>
  singles.flatMap((a, i) =>
    singles.slice(i + 1).flatMap((b) => (a.id.startsWith('tent:') && b.id.startsWith('tent:') ? [] : [[a, b]])),
  )

/** Each limit that is passed, raised by as much. */
function limitsRaised({ because }: Answer, household: Household, { nearly }: HouseRules): Change[] | undefined {
  const set: Change[] = []
  for (const { verdict, margin, rests = [] } of because) {
    if (verdict !== 'no' || !margin) continue
    const over = -margin.value
    const key =
      margin.unit === '$' ? 'budget' : rests.includes('household.vehicle.length') ? 'rigLength' : 'trailerLength'
    if (over > nearly[key]) return undefined
    const size = over / nearly[key]
    set.push(key === 'budget' ? moreBudget(household, over, size) : longerAllowed(household, key, over, size))
  }
  return set
}

/** With nothing changed in the load, with the tank empty, with one heavy thing at home: what is left to raise. */
function pulled(answer: Answer, facts: FactSheet, start: Setting, left: number): Change[] | undefined {
  const { household, rules } = start
  const relief = [
    ...(facts.tow.freshGallons ? [dryTank(rules.nearly.dryTank)] : []),
    ...household.gear
      .filter(({ rides, weight, count }) => rides === 'trailer' && weight * count >= WORTH_LEAVING)
      .sort((a, b) => b.weight * b.count - a.weight * a.count)
      .slice(0, MOST_GEAR)
      .map((one) => leftAtHome(one, rules.nearly.leave)),
  ]
  const most =
    (facts.tow.freshGallons ?? 0) * rules.tow.waterPerGallon +
    household.gear.reduce((sum, { weight, count }) => sum + weight * count, 0)
  if (hopeless(answer.because, rules, most)) return undefined
  const [tank] = relief
  const loads = [[], ...relief.map((one) => [one]), ...(tank ? relief.slice(1).map((one) => [tank, one]) : [])]
  return loads
    .filter((set) => sizeOf(set) <= left)
    .map((set) => {
      const now = set.length ? answersWith(facts, start, set, 'tow').tow! : answer
      const raised = ratingsRaised(now.because, household, rules)
      return raised && [...set, ...raised]
    })
    .filter((set) => set !== undefined)
    .sort((a, b) => sizeOf(a) - sizeOf(b))[0]
}

const RATING = /^household\.vehicle\.(\w+)$/

/** Over by more than all relief and the rule allow: not worth a try. */
function hopeless(because: readonly Reason[], { nearly }: HouseRules, relief: number): boolean {
  return because.some(({ verdict, margin, rests = [] }) => {
    if (verdict !== 'no') return false
    const key = RATING.exec(rests[0] ?? '')?.[1] as VehicleKey | undefined
    return !margin || -margin.value > relief + ((key && nearly.ratings[key]) ?? 0)
  })
}

function ratingsRaised(because: readonly Reason[], household: Household, { nearly }: HouseRules): Change[] | undefined {
  const set: Change[] = []
  for (const { verdict, margin, rests = [] } of because) {
    if (verdict !== 'no') continue
    const key = RATING.exec(rests[0] ?? '')?.[1] as VehicleKey | undefined
    const limit = key && nearly.ratings[key]
    if (!key || !margin || limit === undefined || -margin.value > limit) return undefined
    set.push(higherRating(household, key, -margin.value, -margin.value / limit))
  }
  return set
}

/**
 * Two of an age who share who do not yet, children among themselves and grown people among themselves; a tent for
 * one who is neither a small child nor frail nor half of a couple, while somebody grown stays inside.
 */
export function otherBeds(household: Household, { nearly, nights }: HouseRules): Change[] {
  const { adultFrom, teenFrom, frailFrom } = nights
  const people = everyNight(household)
  const alone = people.filter(({ partner }) => !people.some(({ id }) => id === partner))
  const never = (a: Person, b: Person) => a.neverBeside?.includes(b.id) || b.neverBeside?.includes(a.id)
  const sharing = alone
    .flatMap((a, i) => alone.slice(i + 1).map((b) => [a, b] as const))
    .filter(([a, b]) => !never(a, b) && a.age >= adultFrom === b.age >= adultFrom)
    .sort(([a, b], [c, d]) => Math.abs(a.age - b.age) - Math.abs(c.age - d.age))
    .map(([a, b]) => shared(a, b, nearly.share))
  const grown = people.filter(({ age }) => age >= adultFrom)
  const tents = alone
    .filter((one) => one.age >= teenFrom && one.age < frailFrom && one.climbs !== false)
    .filter((one) => grown.some(({ id }) => id !== one.id))
    .sort((a, b) => a.age - b.age)
    .map((one) => inTent(one, nearly.tent))
  return [...sharing, ...tents]
}
