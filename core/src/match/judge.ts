import { householdDoubts, trustedHousehold } from '../household/doubts'
import { inOrder } from '../household/inOrder'
import { watchedHousehold } from '../household/watchedHousehold'
import { guestRhythm, type Household } from '../household/household'
import { doing, listed, says } from '../quantity/phrase'
import { answerOf, type Answer } from '../questions/answer'
import { QUESTIONS, type QuestionId } from '../questions/index'
import { badness, measure, note, type Reason } from '../questions/reason'
import type { HouseRules } from '../rules/houseRules'
import { roomOf, sharedFor, type SolverId, type Shared, type SharedId } from '../solver/solvers'
import { TO_DRAW, type DrawnPart } from '../trailer/drawn'
import { doubting } from './doubting'
import type { FactSheet } from './factSheet'

export type Answers = Partial<Record<QuestionId, Answer>>

/**
 * The household's answers on any number of fact sheets. Where guests are noted and nobody asked how often they come, each
 * question is judged for now and then and for most trips: where that decides, it is asked.
 */
export function judgeFor(
  given: Household,
  rules: HouseRules,
  questions: typeof QUESTIONS = QUESTIONS,
): (facts: FactSheet) => Answers {
  const certain = (of: Household) => howeverHung(judgeCertain(of, rules, questions))
  if (guestRhythm(given) !== 'not asked') return certain(given)
  const coming = (guestsCome: Household['guestsCome']) => certain({ ...given, guestsCome })
  const [seldom, often] = [coming('a few times a year'), coming('most trips')]
  return (facts) => {
    const [least, most] = [seldom(facts), often(facts)]
    const answers: Answers = {}
    for (const { id } of questions) {
      if (most[id]) answers[id] = least[id] ? whicheverHolds([most[id], least[id]], () => askGuests(given)) : most[id]
    }
    return answers
  }
}

/**
 * What holds whichever of some answers is the right one, of which the first is the likeliest; else that what tells them apart is
 * to be asked, and beside it what the worst of them would rest on.
 */
function whicheverHolds(answers: readonly [Answer, ...Answer[]], ask: () => Reason): Answer {
  const [first] = answers
  if (answers.every(({ verdict }) => verdict === first.verdict)) return first
  const worst = answers.reduce((a, b) => (badness(b.verdict) > badness(a.verdict) ? b : a))
  if (worst.verdict === 'measure') return worst
  const asIs = worst.because.map(({ verdict, says: words, missing }) =>
    verdict === 'measure' ? measure(words, missing ?? []) : note(words),
  )
  return answerOf([ask(), ...asIs], worst.cautions)
}

const askGuests = ({ people }: Household): Reason => {
  const guests = people.filter(({ guest }) => guest).map(({ name }) => name)
  return measure(says`Ask how often ${doing(guests, 'comes', 'come')} along: that decides here.`, [
    'household.guestsCome',
  ])
}

/** Each question for every way that doors of which nobody noted it may be hung: where that decides, it is to be noted. */
function howeverHung(judge: (facts: FactSheet) => Answers): (facts: FactSheet) => Answers {
  return (facts) => {
    const own = judge(facts)
    if (facts.otherwise.length === 0) return own
    const others = facts.otherwise.map((part) => judge({ ...facts, ...part }))
    const answers: Answers = {}
    for (const [id, answer] of Object.entries(own) as [QuestionId, Answer][])
      answers[id] = whicheverHolds([answer, ...others.flatMap((one) => one[id] ?? [])], () => askHung(facts))
    return answers
  }
}

const askHung = ({ unhung }: FactSheet): Reason =>
  measure(
    says`Note how ${listed(unhung.map(({ name }) => name))} ${unhung.length > 1 ? 'are' : 'is'} hung: that decides here.`,
    unhung.map(({ id }) => `plan.doors.${id}.hinge`),
  )

/**
 * The household's needs once, then any number of fact sheets against them. What is equal for like units is judged once:
 * facts that are the same object, beside the same findings of the rooms that the question asked, have the same answer.
 */
function judgeCertain(given: Household, rules: HouseRules, questions: typeof QUESTIONS): (facts: FactSheet) => Answers {
  const [household, doubts] = [trustedHousehold(given), householdDoubts(inOrder(given))]
  // What is not doubted is not watched: that costs a tenth more.
  const [seenBy, looks] = doubts.length ? watchedBy(household) : [() => household, NO_LOOKS]
  const asked = questions.flatMap((question) => {
    const need = question.need(seenBy(question.id), rules[question.id], rules)
    return need === null ? [] : [{ question, need, known: new Map<object, Known>() }]
  })
  const solved = sharedFor(household, rules, seenBy)
  return (facts) => {
    const answers: Answers = {}
    let looked: SharedId[] = []
    const shared = solved(facts, (id) => looked.includes(id) || looked.push(id))
    const odd = doubts.length ? [...facts.doubts, ...doubts] : facts.doubts
    for (const { question, need, known } of asked) {
      // Most units are drawn and read well: of those nothing is gone through.
      const missing = facts.undrawn.length ? question.drawing.filter((part) => facts.undrawn.includes(part)) : NOTHING
      let answer: Answer | null
      let rooms: readonly SharedId[] = []
      if (missing.length)
        answer = answerOf([
          ...missing.map((part) => measure([TO_DRAW[part].says], [TO_DRAW[part].key])),
          ...(question.claimed?.({ facts: facts[question.id] as never, need: need as never }) ?? []),
        ])
      else {
        const own = facts[question.id]
        const before = known.get(own)
        const same = knownOn(before, shared)
        if (same) ({ answer, rooms } = same)
        else {
          looked = []
          answer = question.judge({ facts: own, need, shared })
          rooms = looked
          known.set(own, learnt(before, looked, shared, { answer, rooms }))
        }
      }
      const enters = (key: string) => [question.id, ...rooms.map(roomOf)].some((id) => looks.get(id)?.has(key) ?? false)
      if (answer) answers[question.id] = odd.length ? doubting(answer, odd, enters) : answer
    }
    return answers
  }
}

const NOTHING: readonly DrawnPart[] = []

/** By question or room the figures of the household that it looked at, so far. */
type Looks = ReadonlyMap<string, ReadonlySet<string>>
const NO_LOOKS: Looks = new Map()

/** The household as each question and each room sees it, and what they have looked at. */
function watchedBy(household: Household): [(id: QuestionId | SolverId) => Household, Looks] {
  const looks = new Map<string, Set<string>>()
  const seenBy = (id: string) => {
    const keys = new Set<string>()
    looks.set(id, keys)
    return watchedHousehold(household, (key) => keys.add(key))
  }
  return [seenBy, looks]
}

interface Found {
  answer: Answer | null
  /** What it asked of the rooms below. */
  rooms: readonly SharedId[]
}

/**
 * What is known of a question on some facts of its own: its answer, or the room below that it asks next, and what is known by
 * what that room found. A question asks the same as long as it is told the same.
 */
type Known = Found | { asks: SharedId; by: Map<object, Known> }

function knownOn(known: Known | undefined, shared: Shared): Found | undefined {
  let now = known
  while (now && 'asks' in now) now = now.by.get(shared[now.asks])
  return now
}

function learnt(known: Known | undefined, looked: readonly SharedId[], shared: Shared, found: Found): Known {
  const [asks, ...rest] = looked
  if (asks === undefined) return found
  const now = known && 'asks' in known ? known : { asks, by: new Map<object, Known>() }
  const of = shared[asks]
  now.by.set(of, learnt(now.by.get(of), rest, shared, found))
  return now
}
