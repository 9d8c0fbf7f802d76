import { readdirSync, readFileSync } from 'node:fs'
import { parseHousehold, parseTrailer } from '../../core/src/formats/document'
import type { Household } from '../../core/src/household/household'
import { factSheet, type FactSheet } from '../../core/src/match/factSheet'
import { headline } from '../../core/src/match/headline'
import { judgeFor, type Answers } from '../../core/src/match/judge'
import { nightsIn } from '../../core/src/nights/nights'
import { phraseText, type Phrase } from '../../core/src/quantity/phrase'
import { marginText } from '../../core/src/questions/margin'
import { sleepStory } from '../../core/src/questions/sleep/story'
import { wouldGoIn } from '../../core/src/questions/stow/changes'
import { DEFAULT_HOUSE_RULES as RULES } from '../../core/src/rules/houseRules'
import { sharedFor } from '../../core/src/solver/solvers'
import type { Trailer } from '../../core/src/trailer/trailer'

/** Something the program says of a unit to a household. */
export interface Said {
  household: Household
  trailer: Trailer
  /** The question, or the place on the screen. */
  where: string
  verdict: string
  text: string
}

const folder = (name: string) => new URL(`../../demo/${name}/`, import.meta.url)
const files = (name: string) =>
  readdirSync(folder(name)).map((file) => readFileSync(new URL(file, folder(name)), 'utf8'))

/** Everything said of the demo's units to its households, and of a few of either of whom little is known yet. */
export function allSaid(): Said[] {
  const households = files('households').map((text) => parseHousehold(text).document!)
  const trailers = files('yard').map((text) => parseTrailer(text).document!)
  const units = trailers.map((trailer) => ({ trailer, facts: factSheet(trailer, RULES) }))
  const bare = trailers
    .slice(0, 12)
    .map(hardlyKnown)
    .map((trailer) => ({ trailer, facts: factSheet(trailer, RULES) }))
  return [
    ...households.flatMap((household) => [...units, ...bare].flatMap((unit) => saidOf(household, unit))),
    ...households
      .slice(0, 4)
      .map(hardlyAsked)
      .flatMap((household) => units.flatMap((unit) => saidOf(household, unit))),
  ]
}

/** As it comes off the truck: drawn, and nothing read on it. */
function hardlyKnown(trailer: Trailer): Trailer {
  const { absent: _absent, ...rest } = structuredClone(trailer)
  for (const list of [rest.plan.fixtures, rest.plan.berths, rest.plan.outside, rest.plan.compartments])
    for (const thing of list) delete thing.readings
  return { ...rest, readings: {}, equipment: [] }
}

/** Names and ages, and nothing else yet. */
function hardlyAsked(household: Household): Household {
  return {
    ...household,
    people: household.people.map(({ height: _height, weight: _weight, ...person }) => person),
    vehicle: { ...household.vehicle, readings: {} },
  }
}

/** A headline begins with one of the reasons, which are collected by themselves. */
function afterPoint(words: Phrase, answers: Answers): Phrase {
  const point = Object.values(answers)
    .map(({ because }) => phraseText(because[0]!.says))
    .find((one) => phraseText(words).startsWith(one))
  return point === undefined ? words : [phraseText(words).slice(point.length).trim()].filter(Boolean)
}

function saidOf(household: Household, { trailer, facts }: { trailer: Trailer; facts: FactSheet }): Said[] {
  const answers = judgeFor(household, RULES)(facts)
  const { stowing } = sharedFor(household, RULES)(facts)
  const story = sleepStory(nightsIn(trailer, household, RULES), facts.sleep.advertised, household)
  const say = (where: string, verdict: string) => (phrase: Phrase | undefined) =>
    phrase?.length ? [{ household, trailer, where, verdict, text: phraseText(phrase) }] : []
  return [
    ...Object.entries(answers).flatMap(([id, answer]) => [
      ...answer.because.flatMap(({ verdict, says }) => say(id, verdict)(says)),
      ...say(`${id}, beside its bar`, answer.verdict)(marginText(answer)),
    ]),
    ...say('the unit in a sentence, after its point', '')(afterPoint(headline(answers), answers)),
    ...say('who sleeps where', '')(story.says),
    ...story.nights.flatMap(({ noticed, second, largest, changes }) => [
      ...noticed.flatMap(say('who sleeps where, noticed', '')),
      ...[second, largest].flatMap(say('who sleeps where', '')),
      ...changes.flatMap(({ says }) => say('who sleeps where, what would change it', '')(says)),
    ]),
    ...story.outlook.years.flatMap(({ says }) => say('who sleeps where, years ahead', '')(says)),
    ...wouldGoIn(facts.stow, stowing, RULES.loading).flatMap(say('what would go along', '')),
  ]
}
