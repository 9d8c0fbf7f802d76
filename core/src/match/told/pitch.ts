import type { Household } from '../../household/household'
import { listed, phraseText, says, type Phrase } from '../../quantity/phrase'
import type { Answer } from '../../questions/answer'
import { questionOf, type QuestionId } from '../../questions/index'
import { isTheirs, marginText } from '../../questions/margin'
import { ease } from '../../questions/reason'
import { VEHICLE_READS, type VehicleKey } from '../../readings/vehicleReads'
import { small } from '../../plan/naming'
import { thingAt } from '../../trailer/things'
import { readingName } from '../../trailer/readingName'
import type { Trailer } from '../../trailer/trailer'
import type { Answers } from '../judge'
import { byWeightOfObjection } from '../match'

/** What a consultant says of a unit in a breath: each in one sentence, each only where there is something. */
export interface Pitch {
  speaksFor?: Phrase
  against?: Phrase
  /** What is missing of people is asked, what is missing of the unit is measured. */
  toFindOut?: Phrase
}

/** So many good points are told where they go into a line of so many letters, and so many readings by name. */
const POINTS = 2
const LINE = 80
const NAMED = 2

export function pitch(
  answers: Answers,
  trailer: Trailer,
  household: Household,
  weights: Readonly<Record<QuestionId, number>>,
): Pitch {
  const [speaksFor, against, toFindOut] = [
    goodOf(answers, weights),
    againstOf(answers),
    findOut(answers, trailer, household),
  ]
  return {
    ...(speaksFor && { speaksFor }),
    ...(against && { against }),
    ...(toFindOut && { toFindOut }),
  }
}

/** What fits and weighs most with them, with what is to spare. */
export function goodOf(answers: Answers, weights: Readonly<Record<QuestionId, number>>): Phrase | undefined {
  const worth = ([id, { margin }]: [QuestionId, Answer]) => weights[id] * (1 + (margin ? ease(margin) : 0.3))
  const good = (Object.entries(answers) as [QuestionId, Answer][])
    .filter(([id, { verdict }]) => verdict === 'fits' && questionOf(id).words.speaksFor)
    .sort((a, b) => worth(b) - worth(a))
    .slice(0, POINTS)
    .map(([id, answer]): Phrase => {
      const { speaksFor, spare } = questionOf(id).words
      // A figure is told where it is plain of what it is: elsewhere the deciding point may be any of several.
      if (spare === undefined || !answer.margin || answer.margin.value <= 0) return [speaksFor!]
      return says`${speaksFor!} (${marginText(answer)}${spare && ` ${spare}`})`
    })
  const [best, second] = good
  if (!best) return undefined
  const both = second && says`${best}; ${second}`
  const [first, ...rest] = both && phraseText(both).length <= LINE ? both : best
  return [String(first).replace(/^./, (letter) => letter.toUpperCase()), ...rest, '.']
}

/** The worst of what speaks against it, in its own words. */
function againstOf(answers: Answers): Phrase | undefined {
  const worst = byWeightOfObjection(answers).find(([, { verdict }]) => verdict === 'no' || verdict === 'tight')
  if (!worst) return undefined
  const [, { because, verdict }] = worst
  return (because.find((one) => one.verdict === verdict) ?? because[0]!).says
}

function findOut(answers: Answers, trailer: Trailer, household: Household): Phrase | undefined {
  const { ask, measure, look } = stillOpen(answers, trailer, household, 'their')
  const parts = [
    ...(ask.length ? [`Ask ${named(ask)}.`] : []),
    ...(measure.length ? [`Measure ${named(measure)}.`] : []),
    ...(look.length ? [`Look: ${named(look)}.`] : []),
  ]
  return parts.length ? [parts.join(' ')] : undefined
}

/** What is open in their answers, in words: asked of them, measured on the unit, looked at on it. */
export interface StillOpen {
  ask: string[]
  measure: string[]
  look: string[]
}

/** `whose`: whether it is said of them or to them. */
export function stillOpen(
  answers: Answers,
  trailer: Trailer,
  household: Household,
  whose: 'their' | 'your',
): StillOpen {
  const open = Object.values(answers).filter(({ verdict }) => verdict === 'measure')
  const keys = [
    ...new Set(
      open.flatMap(({ because }) => because.flatMap((one) => (one.verdict === 'measure' ? (one.missing ?? []) : []))),
    ),
  ]
  const measured = keys.filter((key) => !isTheirs(key))
  const isFigure = (key: string) => thingAt(trailer, key)?.spec.kind === 'number'
  const names = (some: string[]) => some.map((key) => inASentence(readingName(trailer, key)))
  return {
    ask: [...new Set(keys.filter(isTheirs).map((key) => askedFor(key, household, whose)))],
    measure: names(measured.filter(isFigure)),
    look: names(measured.filter((key) => !isFigure(key))),
  }
}

/** `Fresh tank: where it sits` among others: `fresh tank (where it sits)`. */
function inASentence(name: string): string {
  const [thing, ...more] = small(name).split(/: |, /)
  return more.length ? `${thing!} (${more.join(', ')})` : thing!
}

const named = (all: readonly string[]): string =>
  all.length <= NAMED + 1 ? listed(all) : `${all.slice(0, NAMED).join(', ')} and ${all.length - NAMED} things more`

/** What is missing of a household, as one asks for it: `how tall Bo is`, `their payload`. */
function askedFor(key: string, { people, pets, gear }: Household, whose: 'their' | 'your'): string {
  const they = whose === 'their' ? 'they' : 'you'
  if (key === 'household.guestsCome') return 'how often guests come'
  if (key === 'household.trip.spreads') return `whether ${they} tow with a weight-distribution hitch`
  if (key === 'household.pets') return 'which dog sleeps on the bed'
  const [, of, id, what] = key.split('.') as [string, string, string, string?]
  if (of === 'vehicle') {
    const label = VEHICLE_READS[id as VehicleKey]?.label ?? id
    return `${whose} ${/^[A-Z]{2}/.test(label) ? label : label.replace(/^./, (letter) => letter.toLowerCase())}`
  }
  const name = [...people, ...pets, ...gear].find((one) => one.id === id)?.name ?? (whose === 'their' ? 'they' : 'you')
  if (what === 'rides') return `where the ${name.toLowerCase()} rides`
  if (of === 'gear')
    return what === 'size' ? `how large the ${name.toLowerCase()} is` : `what the ${name.toLowerCase()} weighs`
  if (what === 'height') return `how tall ${name} is`
  return what === 'weight' ? `what ${name} weighs` : `about ${name}`
}
