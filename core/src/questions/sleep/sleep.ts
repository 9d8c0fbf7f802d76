import type { Stance } from '../../household/stances'
import { isBunk, isUpper, type NightFacts } from '../../nights/facts'
import type { NightNeed } from '../../nights/need'
import type { Night } from '../../nights/night'
import type { NightRules } from '../../nights/rules'
import { trailerFigure } from '../../trailer/trailer'
import { capital, small } from '../../plan/naming'
import { doing, listed, says, type Phrase } from '../../quantity/phrase'
import { inches, quantity } from '../../quantity/quantity'
import { answerOf } from '../answer'
import type { Question } from '../question'
import { fits, marginOf, measure, no, reason, tight, type Reason } from '../reason'
import { stanceReason } from '../stance'
import type { CautionId } from '../cautions'
import { capacityOf } from './capacity'
import { needReasons, noticed, ruledOut } from './notes'

export interface SleepFacts {
  /** How many the maker's sheet says it sleeps. */
  advertised?: number
}

export interface SleepNeed {
  bunks?: Stance
}

/** A bar is full at a foot of mattress beyond the tallest, or at three people without a berth. */
const PLENTY_INCHES = 12
const PLENTY_PEOPLE = 3

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
  },
  version: 1,
  rules: {},
  baked: [],
  weight: 5,
  living: true,
  cautions: ['exits', 'upper-bunk', 'cpap'],
  facts: (trailer) => ({ advertised: trailerFigure(trailer, 'advertisedSleeps') }),
  need: ({ stances }) => ({ bunks: stances.bunks }),
  judge: ({ facts: { advertised }, need: { bunks }, shared: { nights } }) => {
    const { facts, need, everyNight, guestNight, fullNight } = nights
    const reasons = [
      ...nightReasons(facts, need, everyNight),
      ...(guestNight ? guestReasons(need, guestNight) : []),
      ...(fullNight ? fullReason(need, fullNight) : []),
      ...stanceReason(bunks, facts.berths.some(isBunk), 'bunks'),
      ...advertisedReason(facts, advertised, need),
    ]
    return answerOf(reasons, cautionsOf(need, [everyNight, guestNight, fullNight]))
  },
}

function nightReasons(facts: NightFacts, { everyNight: { sleepers }, rules }: NightNeed, night: Night): Reason[] {
  const left = leftOut(night)
  if (left) return [left]
  // A child in a crib alone, as it were: nobody needs a berth.
  if (night.placements.length === 0) return needReasons(facts, night, rules)
  const tightest = night.placements.reduce((a, b) => (b.spare < a.spare ? b : a))
  const margin = marginOf(tightest.spare, 'in', PLENTY_INCHES)
  const tight = tightest.spare < rules.lengthComfort - rules.lengthSpare
  const tallest = [...tightest.people].sort((a, b) => (b.height ?? 0) - (a.height ?? 0))[0]!
  const places = listed(
    night.placements.map(
      ({ people, berth }) => `${listed(people.map(({ name }) => name))} in the ${small(berth.name)}`,
    ),
  )
  const all: Reason = reason(
    tight ? 'tight' : 'fits',
    says`${allLie(sleepers.length)}: ${places}. Least room: ${tallest.name}, ${inches(tightest.spare)} beyond what a height needs.`,
    { margin, rests: night.placements.map(({ berth }) => `plan.berths.${berth.id}.mattressLength`) },
  )
  return [all, ...madeReason(facts, night), ...needReasons(facts, night, rules), ...noticedReason(facts, night, rules)]
}

function allLie(count: number): string {
  if (count === 1) return 'Sleeps well enough'
  return count === 2 ? 'Both have a berth' : `All ${count} have a berth`
}

function noticedReason(facts: NightFacts, night: Night, rules: NightRules): Reason[] {
  const heard = noticed(facts, night, rules)
  return heard.length ? [fits(says`What they would notice: ${heard.reduce((all, one) => says`${all}; ${one}`)}.`)] : []
}

/** Someone without a berth, a couple apart, or all in hope of a reading: then this is the whole answer. */
function leftOut(night: Night): Reason | undefined {
  const names = listed(night.unplaced.map(({ name }) => name))
  if (night.unplaced.length) {
    const margin = marginOf(-night.unplaced.length, 'person', PLENTY_PEOPLE)
    return no(says`No berth that fits is left for ${names}.`, { margin, missing: night.missing })
  }
  if (night.apart) return no(says`All have a berth, but a couple would sleep apart.`, { brief: 'a couple apart' })
  if (night.missing.length === 0) return undefined
  return measure(says`It could sleep them all, if ${readingsText(night.missing)} turns out well.`, night.missing)
}

function madeReason({ conversions }: NightFacts, { made }: Night): Reason[] {
  if (made.length === 0) return []
  const making = conversions.filter(({ id }) => made.includes(id))
  const beds = making.map(({ name }) => `the ${small(name)}`)
  const minutes = making.reduce((sum, one) => sum + one.minutes, 0)
  return [
    tight(says`Every night ${doing(beds, 'has', 'have')} to be made up, ${quantity(minutes, 'min')} in all.`, {
      brief: `${making.length === 1 ? small(making[0]!.name) : `${making.length} beds`} made up nightly`,
    }),
  ]
}

/** A guest night may be a squeeze: only those who have guests on most trips are put off by it. */
function guestReasons({ guestsCome, withGuests }: NightNeed, night: Night): Reason[] {
  const left = leftOut(night)
  if (left) {
    const verdict = left.verdict === 'no' && guestsCome !== 'most trips' ? 'tight' : left.verdict
    const { margin: _margin, ...rest } = left
    return [reason(verdict, says`With guests (${guestsCome}): ${left.says}`, { ...(verdict === 'no' ? left : rest) })]
  }
  const making = night.made.length
    ? `, ${night.made.length === 1 ? 'one bed' : `${night.made.length} beds`} made up`
    : ', nothing made up'
  return [fits(says`With guests (${guestsCome}) all ${withGuests!.sleepers.length} sleep${making}.`)]
}

/** The fullest night is rare: it is told, and decides nothing. */
function fullReason({ mostEver }: NightNeed, night: Night): Reason[] {
  const [all, left] = [mostEver!.sleepers.length + mostEver!.cribs.length, night.unplaced]
  if (left.length) {
    const names = left.map(({ name }) => name)
    return [fits(says`When everybody comes, ${all} of them, ${doing(names, 'has', 'have')} no berth: a tent, then.`)]
  }
  return [
    fits(
      says`When everybody comes all ${all} sleep${night.missing.length ? says`, if ${readingsText(night.missing)} turns out well` : ''}.`,
    ),
  ]
}

function advertisedReason(
  facts: NightFacts,
  advertised: number | undefined,
  { everyNight, rules }: NightNeed,
): Reason[] {
  const { adults, adultsAtOnce, children, childrenAtOnce } = capacityOf(facts, rules)
  const sheet = advertised === undefined ? '' : `The sheet says ${advertised}. `
  const out = ruledOut(facts, everyNight.sleepers, rules)
  const grown = `${adults} adults, ${adultsAtOnce} of them with nothing made up`
  return [
    ...(out ? [fits(says`${capitalized(out)}.`)] : []),
    fits(says`${sheet}By width it takes ${grown}, or ${children} children, ${childrenAtOnce} of them so.`),
  ]
}

const capitalized = ([first, ...rest]: Phrase): Phrase => [typeof first === 'string' ? capital(first) : first!, ...rest]

function cautionsOf({ everyNight: { sleepers }, rules }: NightNeed, nights: (Night | undefined)[]): CautionId[] {
  const upper =
    sleepers.some(({ age }) => age < rules.upperBunkFrom) ||
    nights.some((night) => night?.placements.some(({ berth }) => isUpper(berth)))
  const cautions: CautionId[] = upper ? ['upper-bunk', 'exits'] : ['exits']
  if (sleepers.some(({ cpap }) => cpap)) cautions.push('cpap')
  return cautions
}

function readingsText(keys: string[]): string {
  return keys.length === 1 ? 'one reading' : `${keys.length} readings`
}
