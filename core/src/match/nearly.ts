import { gallonsOf } from '../loading/facts'
import { trustedHousehold } from '../household/doubts'
import { everyNight, type Household, type Person } from '../household/household'
import { nightNeed } from '../nights/need'
import { bestNight } from '../nights/night'
import type { Answer } from '../questions/answer'
import { QUESTIONS, questionOf, type QuestionId } from '../questions/index'
import type { Reason } from '../questions/reason'
import type { VehicleKey } from '../readings/vehicleReads'
import type { HouseRules } from '../rules/houseRules'
import {
  dryTank,
  higherRating,
  inTent,
  leftAtHome,
  longerAllowed,
  moreGenerator,
  moreBudget,
  shared,
  suppliedEvery,
  type Change,
  type Setting,
} from './change'
import type { FactSheet } from './factSheet'
import { mustsGivenUp, type GivenUp } from './givenUp'
import { judgeFor, type Answers } from './judge'

/** So many things that could stay home are tried, the heaviest first, and none lighter than this, pounds. */
const MOST_GEAR = 3
const WORTH_LEAVING = 20

/**
 * For one household, and then for any unit that something speaks against: the smallest set of changes with which
 * nothing does any more, each tried on the unit and the whole set once more on all questions; undefined when there
 * is none within the house rules. Questions are answered apart, since no small change to one of them touches
 * another, and each by the smallest that answers it.
 */
export function nearlyJudge(
  given: Household,
  rules: HouseRules,
): (facts: FactSheet, answers: Answers) => Change[] | undefined {
  const household = trustedHousehold(given)
  const asking: Asking = {
    start: { household, rules, tents: [] },
    musts: mustsGivenUp(household, rules.nearly.wish),
    beds: otherBeds(household, rules),
  }
  return (facts, answers) => {
    const no = against(answers)
    if (no.reduce((sum, [id, answer]) => sum + least(id, answer, facts, asking), 0) > rules.nearly.most)
      return undefined
    const set: Change[] = []
    for (const [id, answer] of no) {
      const left = rules.nearly.most - sizeOf(set)
      const found = smallestFor(id, answer, facts, asking, left)
      if (!found || sizeOf(found) > left) return undefined
      set.push(...found)
    }
    if (set.length === 0) return undefined
    return against(answersWith(facts, asking.start, set)).length === 0 ? set : undefined
  }
}

/** What a household could change, whatever the unit. */
interface Asking {
  start: Setting
  musts: readonly GivenUp[]
  beds: readonly Change[]
}

/** No set of changes that answers it is smaller than this: most units are given up by it, and nothing is tried. */
function least(id: QuestionId, answer: Answer, facts: FactSheet, { start, musts, beds }: Asking): number {
  const { nearly } = start.rules
  if (id === 'price' || id === 'park') return 0
  if (id === 'stay') return Math.min(nearly.supply, nearly.generator)
  if (id === 'tow')
    return Math.min(
      ...loadsOf(facts, start.household, start.rules).map((load) => boundOf(load, answer.because, start.rules)),
    )
  const short = id === 'sleep' ? shortOf(answer) : 0
  if (short === 0) return decided(id, musts).length ? nearly.wish : Infinity
  return short <= FEW && beds.length ? short * Math.min(nearly.share, nearly.tent) : Infinity
}

/** What they could give up that this question asks for. */
const decided = (id: QuestionId, musts: readonly GivenUp[]): Change[] =>
  musts.filter(({ questions }) => questions.includes(id)).map(({ change }) => change)

export const sizeOf = (set: readonly Change[]): number => set.reduce((sum, { size }) => sum + size, 0)

/** What speaks against a unit; the cheapest to look into first, so that most are given up early. */
function against(answers: Answers): [QuestionId, Answer][] {
  const all = (Object.entries(answers) as [QuestionId, Answer][]).filter(([, { verdict }]) => verdict === 'no')
  return all.sort(([a], [b]) => ORDER.indexOf(a) - ORDER.indexOf(b))
}

const ORDER: QuestionId[] = [
  'price',
  'park',
  'wishes',
  'bath',
  'galley',
  'seating',
  'exits',
  'reach',
  'stay',
  'tow',
  'sleep',
]

/** What is answered on a unit once some changes are made. */
export function answersWith(facts: FactSheet, start: Setting, set: readonly Change[], only?: QuestionId): Answers {
  const known = judges.get(start) ?? new Map<string, (facts: FactSheet) => Answers>()
  judges.set(start, known)
  const name = [only ?? 'all', ...set.map(({ id }) => id)].join('\n')
  const judge = known.get(name) ?? judgeWith(start, set, only)
  // Budgets and ratings are raised by as much as each unit asks for: of these there are many, and none is asked for twice.
  if (known.size >= MOST_JUDGES) known.clear()
  known.set(name, judge)
  return judge(facts)
}

const judges = new WeakMap<Setting, Map<string, (facts: FactSheet) => Answers>>()
const MOST_JUDGES = 100

/** Those in tents sleep elsewhere, and ride along all the same. */
function judgeWith(start: Setting, set: readonly Change[], only?: QuestionId): (facts: FactSheet) => Answers {
  const { household, rules, tents } = set.reduce((now, { change }) => change(now), start)
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
  return (facts) => ({ ...onTheRoad(facts), ...livingInIt(facts) })
}

function smallestFor(
  id: QuestionId,
  answer: Answer,
  facts: FactSheet,
  { start, musts, beds }: Asking,
  left: number,
): Change[] | undefined {
  const { household, rules } = start
  if (id === 'price' || id === 'park') return limitsRaised(answer, household, rules)
  if (id === 'tow') return pulled(answer, facts, start, left)
  if (id === 'stay')
    return suppliedOften(start).find(
      (set) => sizeOf(set) <= left && answersWith(facts, start, set, id)[id]?.verdict !== 'no',
    )
  const bySize = (sets: Change[][]) => sets.filter((set) => sizeOf(set) <= left).sort((a, b) => sizeOf(a) - sizeOf(b))
  const wished = bySize(decided(id, musts).map((one) => [one]))
  const short = id === 'sleep' ? shortOf(answer) : 0
  if (short === 0) return wished.find((set) => answersWith(facts, start, set, id)[id]?.verdict !== 'no')
  // Who is left out of two berths is not let in by one change, and who is left out of one not by two.
  const slept = bySize(short > 1 ? pairsOf(beds) : beds.map((one) => [one])).find((set) => allSleep(facts, start, set))
  if (!slept || answersWith(facts, start, slept, id)[id]?.verdict !== 'no') return slept
  // They all sleep, and something else they must have is missing.
  return wished
    .map((set) => [...slept, ...set])
    .find((set) => sizeOf(set) <= left && answersWith(facts, start, set, id)[id]?.verdict !== 'no')
}

/** So many have no berth; infinite when a couple lies apart. */
const shortOf = ({ margin, brief }: Answer): number =>
  margin?.unit === 'person' ? -margin.value : brief === 'a couple apart' ? Infinity : 0

/** Whether everybody inside has a berth on an ordinary night: all that a bed shared or a tent can change. */
function allSleep({ nights }: FactSheet, start: Setting, set: readonly Change[]): boolean {
  const { household, rules, tents } = set.reduce((now, { change }) => change(now), start)
  const inside = { ...household, people: household.people.filter(({ id }) => !tents.includes(id)) }
  const { unplaced, apart } = bestNight(nights, nightNeed(inside, rules.nights).everyNight, rules.nights)
  return unplaced.length === 0 && !apart
}

/** Nobody puts three of them out. */
const FEW = 2

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

const GENERATOR_HOURS = 2

/** A place to dump and fill on the way, as seldom as helps; a generator; both. The smaller first. */
function suppliedOften({ household, rules: { nearly } }: Setting): Change[][] {
  const { nights, supplyEvery = nights } = household.trip
  const supplies = [4, 3, 2].filter((every) => every < supplyEvery).map((every) => suppliedEvery(every, nearly.supply))
  const generator = moreGenerator(household, GENERATOR_HOURS, nearly.generator)
  return [...supplies.map((one) => [one]), [generator], ...supplies.map((one) => [one, generator])]
}

/** With nothing changed in the load, with the tank empty, with one heavy thing at home: what is left to raise. */
function pulled(answer: Answer, facts: FactSheet, start: Setting, left: number): Change[] | undefined {
  const { household, rules } = start
  let best: Change[] | undefined
  const loads = loadsOf(facts, household, rules)
    .map((load) => ({ ...load, bound: boundOf(load, answer.because, rules) }))
    .sort((a, b) => a.bound - b.bound)
  for (const { set, bound } of loads) {
    // The bounds only grow: what is left is no smaller.
    if (bound > left || (best && bound >= sizeOf(best))) break
    const now = set.length ? answersWith(facts, start, set, 'tow').tow! : answer
    const raised = ratingsRaised(now.because, household, rules)
    const whole = raised && [...set, ...raised]
    if (whole && sizeOf(whole) <= left && (!best || sizeOf(whole) < sizeOf(best))) best = whole
  }
  return best
}

interface Load {
  set: Change[]
  /** Pounds it takes off at most. */
  relief: number
}

function loadsOf({ tow }: FactSheet, household: Household, { nearly, tow: rules }: HouseRules): Load[] {
  const fresh = gallonsOf(tow.loading, 'fresh-tank')
  const tank: Load[] =
    fresh && household.trip.fresh !== 'empty'
      ? [{ set: [dryTank(nearly.dryTank)], relief: fresh * rules.waterPerGallon }]
      : []
  const things = household.gear
    .filter(({ rides, weight, count }) => rides === 'trailer' && weight * count >= WORTH_LEAVING)
    .sort((a, b) => b.weight * b.count - a.weight * a.count)
    .slice(0, MOST_GEAR)
    .map((one): Load => ({ set: [leftAtHome(one, nearly.leave)], relief: one.weight * one.count }))
  const both = tank.flatMap((a) => things.map((b) => ({ set: [...a.set, ...b.set], relief: a.relief + b.relief })))
  return [{ set: [], relief: 0 }, ...tank, ...things, ...both]
}

const RATING = /^household\.vehicle\.(\w+)$/

/** The size of a load and of what it leaves to raise, were all it takes off to count in full for every limit. */
function boundOf({ set, relief }: Load, because: readonly Reason[], { nearly }: HouseRules): number {
  let bound = sizeOf(set)
  for (const { verdict, margin, rests = [] } of because) {
    if (verdict !== 'no') continue
    const key = RATING.exec(rests[0] ?? '')?.[1] as VehicleKey | undefined
    const limit = (key && nearly.ratings[key]) ?? 0
    const over = margin ? -margin.value - relief : Infinity
    if (over > limit) return Infinity
    if (over > 0) bound += over / limit
  }
  return bound
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
 * one who is neither a small child nor frail nor half of a couple, while somebody grown stays inside, and not in winter.
 */
export function otherBeds(household: Household, { nearly, nights }: HouseRules): Change[] {
  const { adultFrom, teenFrom, frailFrom } = nights
  const people = everyNight(household)
  const alone = people.filter(({ partner }) => !people.some(({ id }) => id === partner))
  const never = (a: Person, b: Person) => a.neverBeside?.includes(b.id) || b.neverBeside?.includes(a.id)
  // Small brothers and sisters share unasked.
  const small = ({ age }: Person) => age >= nights.shareFrom && age < nights.shareUnder
  const sharing = alone
    .flatMap((a, i) => alone.slice(i + 1).map((b) => [a, b] as const))
    .filter(([a, b]) => !never(a, b) && !(small(a) && small(b)) && a.age >= adultFrom === b.age >= adultFrom)
    .sort(([a, b], [c, d]) => Math.abs(a.age - b.age) - Math.abs(c.age - d.age))
    .map(([a, b]) => shared(a, b, nearly.share))
  const grown = people.filter(({ age }) => age >= adultFrom)
  const tents = (household.trip.season === 'winter' ? [] : alone)
    .filter((one) => one.age >= teenFrom && one.age < frailFrom && one.climbs !== false)
    .filter((one) => grown.some(({ id }) => id !== one.id))
    .sort((a, b) => a.age - b.age)
    .map((one) => inTent(one, nearly.tent))
  return [...sharing, ...tents]
}
