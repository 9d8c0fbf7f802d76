import type { Stance } from '../../household/wishes/stances'
import { isBunk, isUpper, type NightFacts } from '../../nights/facts'
import type { NightNeed, Sleeper } from '../../nights/need'
import type { Night, Placement } from '../../nights/night'
import type { NightRules } from '../../nights/rules'
import { trailerFigure } from '../../trailer/trailer'
import { lyingIn } from '../../nights/lyingIn'
import { capital, nameOnPlan, small } from '../../plan/naming'
import { toNote, unconverted } from '../../trailer/drawn'
import { agrees, capitalized, doing, following, listed, says } from '../../quantity/phrase'
import { inches, quantity } from '../../quantity/quantity'
import { answerOf } from '../answer'
import type { Question } from '../question'
import { fits, marginOf, measure, no, note, reason, tight, type Reason } from '../reason'
import { stanceReason } from '../stance'
import type { CautionId } from '../cautions'
import { capacityOf, type Capacity } from './capacity'
import { sleepHelping } from './helping'
import { whyApart, whyLeftOver } from './leftOver'
import { contentReasons, floorReasons, guestContent, ruledOut } from './notes'

export interface SleepFacts {
  /** How many the maker's sheet says it sleeps. */
  advertised?: number
  /** Names of seats that may make up into beds, while nobody has noted whether they do. */
  unconverted: string[]
}

export interface SleepNeed {
  bunks?: Stance
  /** Those who are there on an ordinary night and need a bed. */
  people: number
}

/**
 * Can they all sleep: every person in a berth that fits length, width, weight limit and age; couples together;
 * proven.
 */
export const sleep: Question<'sleep', SleepFacts, SleepNeed, object> = {
  id: 'sleep',
  words: {
    asks: 'Can they all sleep?',
    short: 'Sleeps them',
    topic: 'sleeping',
    against: 'do not sleep them',
    speaksFor: 'everyone has a place to sleep',
    spare: 'on the mattress',
    shownAt: 'bedroom',
    tryIt: 'Let them lie down where they would sleep, the tallest first.',
  },
  version: 3,
  rules: {},
  factRules: [],
  weight: 5,
  living: true,
  drawing: ['berths'],
  cautions: ['exits', 'upper-bunk', 'cpap'],
  helping: sleepHelping,
  facts: (trailer) => ({
    advertised: trailerFigure(trailer, 'advertisedSleeps'),
    unconverted: unconverted(trailer).map(({ id }) => nameOnPlan(trailer.plan, id)),
  }),
  need: ({ stances, people }, _rules, { nights: { berthFrom } }) => ({
    bunks: stances.bunks,
    people: people.filter(({ guest, age }) => !guest && age >= berthFrom).length,
  }),
  claimed: ({ facts: { advertised }, need: { people } }) => {
    if (advertised === undefined) return []
    const claim = says`The brochure says it sleeps ${advertised}`
    return advertised < people
      ? [no(says`${claim}, and they are ${people}.`, { brief: `sleeps ${advertised}, by the brochure` })]
      : [note(says`${claim}: a claim until its beds are drawn.`)]
  },
  judge: ({ facts: { advertised, unconverted }, need: { bunks }, shared: { nights } }) => {
    const { facts, need, everyNight, guestNight, fullNight } = nights
    const reasons = [
      ...unlessMade(nightReasons(facts, need, everyNight), everyNight, unconverted),
      ...(guestNight ? guestReasons(facts, need, guestNight) : []),
      ...(fullNight ? fullReason(need, fullNight) : []),
      ...stanceReason(bunks, facts.berths.some(isBunk), 'bunks'),
      ...advertisedReason(facts, advertised, need),
    ]
    return answerOf(reasons, cautionsOf(need, [everyNight, guestNight, fullNight]))
  },
}

function nightReasons(
  facts: NightFacts,
  { everyNight: { sleepers }, dwelling, rules }: NightNeed,
  night: Night,
): Reason[] {
  const left = leftOut(facts, night, rules)
  if (left?.verdict === 'no') return [left]
  const more = [
    ...madeReason(facts, night, dwelling),
    ...(dwelling ? narrowReasons(night, rules) : []),
    ...contentReasons(facts, night, rules),
  ]
  if (left) return [left, ...more]
  // A child in a crib alone, as it were: nobody needs a berth.
  if (night.placements.length === 0) return more
  const tightest = night.placements.reduce((a, b) => (b.spare < a.spare ? b : a))
  const margin = marginOf(tightest.spare, 'in', rules.plentyLength)
  const short = tightest.spare < (dwelling ? rules.lengthDwelling : rules.lengthComfort) - rules.lengthSpare
  const tall = ({ height, tallest: most = 0 }: Sleeper) => height ?? most
  const tallest = [...tightest.people].sort((a, b) => tall(b) - tall(a))[0]!
  const least = tallest.height === undefined ? 'at least ' : ''
  const spare = says`${least}${inches(tightest.spare)} of mattress to spare`
  const all = allLie(sleepers.length, night.cribs.length > 0)
  const lie = ({ people, berth }: Placement) => `${listed(people.map(({ name }) => name))} ${lyingIn(berth)}`
  const words =
    sleepers.length === 1
      ? says`${sleepers[0]!.name} has the ${small(tightest.berth.name)}, with ${spare}.`
      : says`${all}: ${listed(night.placements.map(lie))}. Closest is ${tallest.name}, with ${spare}.`
  const everyone: Reason = reason(short ? 'tight' : 'fits', words, {
    margin,
    rests: night.placements.map(({ berth }) => `plan.berths.${berth.id}.mattressLength`),
  })
  return [everyone, ...assumedReason(sleepers), ...more]
}

/** Whose height nobody asked, and that it was taken for the most a child of that age measures. */
function assumedReason(sleepers: readonly Sleeper[]): Reason[] {
  const names = sleepers.filter(({ tallest }) => tallest !== undefined).map(({ name }) => name)
  if (names.length === 0) return []
  const [were, ages] = names.length > 1 ? ['were', 'their ages'] : ['was', 'that age']
  const taken = says`taken as tall as the tallest of ${ages} (CDC growth charts, 97th centile)`
  return [note(says`${listed(names)} ${were} not measured: ${taken}.`)]
}

/** While nobody has noted whether the sofa makes up, those whom its bed could take are not left over for certain. */
function unlessMade(reasons: Reason[], night: Night, seats: readonly string[]): Reason[] {
  const [first, ...others] = reasons
  const enough = night.unplaced.length <= seats.length * MOST_ON_A_SEAT_BED
  if (first?.verdict !== 'no' || seats.length === 0 || !enough) return reasons
  const whether = says`Nobody has noted whether ${listed(seats)} ${agrees(seats, 'makes', 'make')} up into a bed.`
  return [measure(says`${first.says} ${whether}`, [...(first.missing ?? []), toNote('conversion')]), ...others]
}

/** Two lie on a bed made of a sofa or a dinette. */
const MOST_ON_A_SEAT_BED = 2

/** Whoever sleeps in a crib needs no berth, and is not counted. */
const allLie = (count: number, cribs: boolean): string => {
  const all = count === 2 ? 'Both' : `All ${count}`
  return cribs ? `${all} who need a berth have one` : `${all} have a berth`
}

/** Someone without a berth, a couple apart, or all in hope of a reading: then this comes first. */
function leftOut(facts: NightFacts, night: Night, rules: NightRules): Reason | undefined {
  if (night.unplaced.length) {
    const margin = marginOf(-night.unplaced.length, 'person', rules.plentyPeople)
    return no(whyLeftOver(facts, night, rules), { margin, missing: night.missing })
  }
  if (night.apart) return no(whyApart(facts, night, rules), { brief: 'a couple apart' })
  if (night.missing.length === 0) return undefined
  return measure(says`It could sleep them all, if ${readingsTurnOut(night.missing)} well.`, night.missing)
}

const namesOf = (people: readonly Sleeper[]): string => listed(people.map(({ name }) => name))

/** What is wide enough for a week is told to who lies there every night of the year. */
const narrowReasons = ({ placements }: Night, { adultFrom, widthDwelling }: NightRules): Reason[] =>
  placements
    .filter(({ widthSpare, people }) => widthSpare < widthDwelling && people.some(({ age }) => age >= adultFrom))
    .map(({ berth, people, widthSpare }) =>
      tight(
        says`${capital(small(berth.name))}: ${inches(widthSpare)} wider than the least for ${namesOf(people)}, narrow for a whole year.`,
        { brief: 'a narrow bed all year' },
      ),
    )

function madeReason({ conversions }: NightFacts, { made }: Night, dwelling: boolean): Reason[] {
  if (made.length === 0) return []
  const making = conversions.filter(({ id }) => made.includes(id))
  const beds = making.map(({ name }) => `the ${small(name)}`)
  const minutes = making.reduce((sum, one) => sum + one.minutes, 0)
  return [
    tight(
      says`Every night${dwelling ? ' of the year' : ''} ${doing(beds, 'has', 'have')} to be made up, ${quantity(minutes, 'min')} in all.`,
      {
        brief: `${making.length === 1 ? small(making[0]!.name) : `${making.length} beds`} made up nightly`,
      },
    ),
  ]
}

/** A guest night may be a squeeze: only those who have guests on most trips are put off by it. */
function guestReasons(facts: NightFacts, { guestsCome, withGuests, rules }: NightNeed, night: Night): Reason[] {
  const often = guestsCome === 'most trips'
  const when = `With guests (${guestsCome === 'not asked' ? 'how often is not asked yet' : guestsCome})`
  const left = leftOut(facts, night, rules)
  if (left) {
    const verdict = left.verdict === 'no' && !often ? 'tight' : left.verdict
    const { margin: _margin, ...rest } = left
    return [reason(verdict, following(`${when} `, left.says), { ...(verdict === 'no' ? left : rest) })]
  }
  const beds = night.made.length === 1 ? 'one bed' : `${night.made.length} beds`
  const making = night.made.length ? `, with ${beds} made up` : ', with nothing made up'
  return [
    fits(says`${when} all ${withGuests!.sleepers.length} sleep${making}.`),
    ...guestContent(facts, night, rules, often),
    ...guestFloor(facts, night, rules, often),
  ]
}

/** Cribs, crates and dog beds for which guests leave no floor. */
const guestFloor = (facts: NightFacts, night: Night, rules: NightRules, often: boolean): Reason[] =>
  floorReasons(facts, night, rules).flatMap((one) => {
    if (one.verdict === 'fits') return []
    const words = following('With guests ', one.says)
    if (often || one.verdict === 'measure') return [{ ...one, says: words }]
    return [one.verdict === 'no' ? tight(words, { brief: one.brief }) : note(words)]
  })

/** The fullest night is rare: it is told, and decides nothing. */
function fullReason({ mostEver }: NightNeed, night: Night): Reason[] {
  const [all, left] = [mostEver!.sleepers.length + mostEver!.cribs.length, night.unplaced]
  if (left.length) {
    const names = left.map(({ name }) => name)
    return [note(says`When all ${all} come, ${doing(names, 'has', 'have')} no berth.`)]
  }
  const hope = night.missing.length ? says`, if ${readingsTurnOut(night.missing)} well` : ''
  return [note(says`When everybody comes, all ${all} sleep${hope}.`)]
}

function advertisedReason(
  facts: NightFacts,
  advertised: number | undefined,
  { everyNight, rules }: NightNeed,
): Reason[] {
  if (facts.berths.length === 0) return []
  const sheet = advertised === undefined ? '' : `The sheet says ${advertised}. `
  const out = ruledOut(facts, everyNight.sleepers, rules)
  return [
    ...(out ? [note(says`${capitalized(out)}.`)] : []),
    note(says`${sheet}By mattress width ${widthSays(capacityOf(facts, rules))}.`),
  ]
}

/** `there is room for 5 adults or 6 children; with nothing made up, for 4 adults or 4 children`. */
function widthSays({ adults, adultsAtOnce, children, childrenAtOnce }: Capacity): string {
  const all = (grown: number, young: number) =>
    `${grown === 1 ? 'one adult' : `${grown} adults`} or ${young === 1 ? 'one child' : `${young} children`}`
  const room = `there is room for ${all(adults, children)}`
  if (adults === adultsAtOnce && children === childrenAtOnce) return `${room}, with nothing made up`
  if (adultsAtOnce === 0) return `${room}, with everything made up`
  return `${room}; with nothing made up, for ${all(adultsAtOnce, childrenAtOnce)}`
}

function cautionsOf({ everyNight: { sleepers }, rules }: NightNeed, nights: (Night | undefined)[]): CautionId[] {
  const upper =
    sleepers.some(({ age }) => age < rules.upperBunkFrom) ||
    nights.some((night) => night?.placements.some(({ berth }) => isUpper(berth)))
  const cautions: CautionId[] = upper ? ['upper-bunk', 'exits'] : ['exits']
  if (sleepers.some(({ cpap }) => cpap)) cautions.push('cpap')
  return cautions
}

const readingsTurnOut = ({ length }: readonly string[]): string =>
  length === 1 ? 'one reading turns out' : `${length} readings turn out`
