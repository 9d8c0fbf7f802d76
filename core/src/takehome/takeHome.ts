import { OF_AGE } from '../household/ofAge'
import { everyNight, type Household } from '../household/household'
import { tokensOf, type PersonToken } from '../household/tokens'
import { asked } from '../match/asking/asked'
import type { FactSheet } from '../match/factSheet'
import { judgeFor } from '../match/judge'
import { cardFigures, type CardFigure } from '../match/told/unitCard'
import { trustedHousehold } from '../household/doubts'
import { drawnPlan } from '../plan/drawnPlan'
import type { Plan } from '../plan/plan'
import type { Phrase } from '../quantity/phrase'
import type { CautionId } from '../questions/cautions'
import type { Verdict } from '../questions/reason'
import { sleepStory } from '../questions/sleep/story'
import type { Outlook } from '../questions/sleep/yearsAhead'
import type { HouseRules } from '../rules/houseRules'
import { sharedFor } from '../solver/solvers'
import type { Trailer } from '../trailer/trailer'
import { appendixOf, type AppendixGroup } from './appendix'
import { costOf, type Cost } from './cost'
import { readFirst, type ReadFirst } from './readFirst'
import { threeSentences } from './sentences'
import { withId } from '../plan/withId'

export const TAKE_HOME_FORMAT = 'hitchet/take-home'
export const TAKE_HOME_VERSION = 1

/**
 * What a household takes home of one unit, or of two to four held against each other: written down once, on the day it is
 * handed out, so that what they read at home is what was said. Plain data; figures stay figures.
 */
export interface TakeHome {
  format: typeof TAKE_HOME_FORMAT
  version: typeof TAKE_HOME_VERSION
  /** First names of those who are along every night. */
  people: string[]
  /** ISO date. */
  on: string
  /** The consultant. */
  by: string
  dealership: string
  units: TakenUnit[]
}

/** A unit as it stood on that day for these people. */
export interface TakenUnit {
  stock: string
  make: string
  model: string
  layout: string
  year: number
  condition: Trailer['condition']
  /** No more of it than is drawn. */
  plan: Plan
  /** An ordinary night: what is made up, who lies where, who in a crib on the floor, who has no berth. */
  night: {
    made: string[]
    sleepers: { berth: string; people: PersonToken[] }[]
    cribs: PersonToken[]
    unplaced: string[]
  }
  sentences: Phrase[]
  figures: CardFigure[]
  /** Ten years ahead; absent while no berth is drawn, and where nobody grows. */
  outlook?: Outlook
  readFirst: ReadFirst
  cost: Cost
  asked: { asks: string; short: string; verdict: Verdict; says: Phrase[] }[]
  cautions: CautionId[]
  readings: AppendixGroup[]
}

/** Who hands it out, when, and for which dealership. */
export interface HandedOut {
  /** ISO date. */
  on: string
  by: string
  dealership: string
}

/** One for a unit, several for a comparison; of each its facts as they are kept. */
export function takeHome(
  units: readonly { trailer: Trailer; facts: FactSheet }[],
  given: Household,
  rules: HouseRules,
  { on, by, dealership }: HandedOut,
): TakeHome {
  const household = byFirstNames(given)
  const asks = { household, judge: judgeFor(household, rules), solve: sharedFor(trustedHousehold(household), rules) }
  return {
    format: TAKE_HOME_FORMAT,
    version: TAKE_HOME_VERSION,
    people: everyNight(household).map(({ name }) => name),
    on,
    by,
    dealership,
    units: units.map(({ trailer, facts }) => takenUnit(trailer, facts, asks, rules)),
  }
}

/** Whoever reads over a shoulder learns no family name. Two of one first name keep what tells them apart. */
function byFirstNames(household: Household): Household {
  const first = (name: string) => name.trim().split(/\s+/)[0] ?? name
  const count = (name: string) => household.people.filter((one) => first(one.name) === first(name)).length
  return {
    ...household,
    people: household.people.map((one) => (count(one.name) > 1 ? one : { ...one, name: first(one.name) })),
  }
}

interface Asking {
  household: Household
  judge: ReturnType<typeof judgeFor>
  solve: ReturnType<typeof sharedFor>
}

function takenUnit(
  trailer: Trailer,
  facts: FactSheet,
  { household, judge, solve }: Asking,
  rules: HouseRules,
): TakenUnit {
  const answers = judge(facts)
  const { nights } = solve(facts)
  const { made, placements, cribs, unplaced } = nights.everyNight
  const tokens = tokensOf(household.people)
  const token = ({ id }: { id: string }) => withId(tokens, id)
  const drawn = !facts.undrawn.includes('berths')
  const story = drawn ? sleepStory(nights, facts.sleep.advertised, trustedHousehold(household)) : undefined
  return {
    stock: trailer.stock,
    make: trailer.make,
    model: trailer.model,
    layout: trailer.layout,
    year: trailer.year,
    condition: trailer.condition,
    plan: drawnPlan(trailer.plan),
    night: {
      made,
      sleepers: placements.map(({ berth, people }) => ({ berth: berth.id, people: people.map(token) })),
      cribs: drawn ? cribs.map(({ sleeper }) => token(sleeper)) : [],
      unplaced: drawn ? unplaced.map(({ name }) => name) : [],
    },
    sentences: threeSentences(answers, story?.says, rules.ranking.weights),
    figures: cardFigures(trailer),
    ...(story && everyNight(household).some(({ age }) => age < OF_AGE) && { outlook: story.outlook }),
    readFirst: readFirst(answers, trailer, household),
    cost: costOf(trailer),
    asked: asked(answers).map(({ asks, short, answer }) => ({
      asks,
      short,
      verdict: answer.verdict,
      says: answer.because.map(({ says }) => says),
    })),
    cautions: [...new Set(Object.values(answers).flatMap(({ cautions }) => cautions))],
    readings: appendixOf(trailer),
  }
}
