import { capital, small } from '../../plan/naming'
import { listed, says, type Phrase } from '../../quantity/phrase'
import { inches, quantity } from '../../quantity/quantity'
import { answerOf, marginOf, type Question, type Reason } from '../question'
import { stanceReason } from '../stance'
import type { SleepRules } from '../../rules/houseRules'
import type { CautionId } from '../cautions'
import { capacityOf } from './capacity'
import { bunkCount, isUpper, sleepFacts, type SleepFacts } from './facts'
import { sleepNeed, type SleepNeed } from './need'
import { bestNight, type Night, type Nights } from './night'
import { needReasons, noticed, ruledOut } from './notes'

/** A bar is full at a foot of mattress beyond the tallest, or at three people without a berth. */
const PLENTY_INCHES = 12
const PLENTY_PEOPLE = 3

/** Can they all sleep: every person in a berth that fits length, width, weight limit and age; couples together; proven. */
export const sleep: Question<SleepFacts, SleepNeed> = {
  id: 'sleep',
  asks: 'Can they all sleep?',
  short: 'Sleeps them',
  topic: 'sleeping',
  facts: sleepFacts,
  need: sleepNeed,
  judge: (facts, need, nights = arrangement(facts, need)) => {
    const { everyNight, guestNight, fullNight } = nights
    const reasons = [
      ...nightReasons(facts, need, everyNight),
      ...(guestNight ? guestReasons(need, guestNight) : []),
      ...(fullNight ? fullReason(need, fullNight) : []),
      ...stanceReason(need.bunks, bunkCount(facts) > 0, 'bunks'),
      ...advertisedReason(facts, need),
    ]
    return answerOf(
      reasons,
      cautionsOf(need, [everyNight, ...(guestNight ? [guestNight] : []), ...(fullNight ? [fullNight] : [])]),
    )
  },
}

/** Who sleeps where on an ordinary night, when guests are there, and when everybody comes. */
export function arrangement(facts: SleepFacts, { everyNight, withGuests, mostEver, rules }: SleepNeed): Nights {
  return {
    everyNight: bestNight(facts, everyNight, rules),
    ...(withGuests && { guestNight: bestNight(facts, withGuests, rules) }),
    ...(mostEver && { fullNight: bestNight(facts, mostEver, rules) }),
  }
}

function nightReasons(facts: SleepFacts, { everyNight: { sleepers }, rules }: SleepNeed, night: Night): Reason[] {
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
  const all: Reason = {
    verdict: tight ? 'tight' : 'fits',
    says: says`${sleepers.length === 1 ? 'Sleeps well enough' : `${sleepers.length === 2 ? 'Both' : `All ${sleepers.length}`} have a berth`}: ${places}. Least room: ${tallest.name}, ${inches(tightest.spare)} beyond what a height needs.`,
    margin,
    rests: night.placements.map(({ berth }) => `plan.berths.${berth.id}.mattressLength`),
  }
  return [all, ...madeReason(facts, night), ...needReasons(facts, night, rules), ...noticedReason(facts, night, rules)]
}

function noticedReason(facts: SleepFacts, night: Night, rules: SleepRules): Reason[] {
  const heard = noticed(facts, night, rules)
  return heard.length
    ? [{ verdict: 'fits', says: says`What they would notice: ${heard.reduce((all, one) => says`${all}; ${one}`)}.` }]
    : []
}

/** Someone without a berth, a couple apart, or all in hope of a reading: then this is the whole answer. */
function leftOut(night: Night): Reason | undefined {
  const names = listed(night.unplaced.map(({ name }) => name))
  if (night.unplaced.length) {
    const margin = marginOf(-night.unplaced.length, 'person', PLENTY_PEOPLE)
    return { verdict: 'no', says: says`No berth that fits is left for ${names}.`, margin, missing: night.missing }
  }
  if (night.apart)
    return { verdict: 'no', says: says`All have a berth, but a couple would sleep apart.`, brief: 'a couple apart' }
  if (night.missing.length === 0) return undefined
  return {
    verdict: 'measure',
    says: says`It could sleep them all, if ${readingsText(night.missing)} turns out well.`,
    missing: night.missing,
  }
}

function madeReason({ conversions }: SleepFacts, { made }: Night): Reason[] {
  if (made.length === 0) return []
  const names = conversions.filter(({ id }) => made.includes(id))
  const minutes = names.reduce((sum, one) => sum + one.minutes, 0)
  return [
    {
      verdict: 'tight',
      says: says`Every night ${listed(names.map(({ name }) => `the ${small(name)}`))} ${names.length > 1 ? 'have' : 'has'} to be made up, ${quantity(minutes, 'min')} in all.`,
      brief: `${names.length === 1 ? small(names[0]!.name) : `${names.length} beds`} made up nightly`,
    },
  ]
}

/** A guest night may be a squeeze: only those who have guests on most trips are put off by it. */
function guestReasons({ guestsCome, withGuests }: SleepNeed, night: Night): Reason[] {
  const left = leftOut(night)
  if (left) {
    const verdict = left.verdict === 'no' && guestsCome !== 'most trips' ? 'tight' : left.verdict
    const { margin: _margin, ...rest } = left
    return [{ ...(verdict === 'no' ? left : rest), verdict, says: says`With guests (${guestsCome}): ${left.says}` }]
  }
  const making = night.made.length
    ? `, ${night.made.length === 1 ? 'one bed' : `${night.made.length} beds`} made up`
    : ', nothing made up'
  return [
    { verdict: 'fits', says: says`With guests (${guestsCome}) all ${withGuests!.sleepers.length} sleep${making}.` },
  ]
}

/** The fullest night is rare: it is told, and decides nothing. */
function fullReason({ mostEver }: SleepNeed, night: Night): Reason[] {
  const [all, left] = [mostEver!.sleepers.length + mostEver!.cribs.length, night.unplaced]
  if (left.length)
    return [
      {
        verdict: 'fits',
        says: says`When everybody comes, ${all} of them, ${listed(left.map(({ name }) => name))} ${left.length > 1 ? 'have' : 'has'} no berth: a tent, then.`,
      },
    ]
  return [
    {
      verdict: 'fits',
      says: says`When everybody comes all ${all} sleep${night.missing.length ? says`, if ${readingsText(night.missing)} turns out well` : ''}.`,
    },
  ]
}

function advertisedReason(facts: SleepFacts, { everyNight, rules }: SleepNeed): Reason[] {
  const { adults, adultsAtOnce, children, childrenAtOnce } = capacityOf(facts, rules)
  const sheet = facts.advertised === undefined ? '' : `The sheet says ${facts.advertised}. `
  const out = ruledOut(facts, everyNight.sleepers, rules)
  return [
    ...(out ? [{ verdict: 'fits' as const, says: says`${capitalized(out)}.` }] : []),
    {
      verdict: 'fits',
      says: says`${sheet}By width it takes ${adults} adults, ${adultsAtOnce} of them with nothing made up, or ${children} children, ${childrenAtOnce} of them so.`,
    },
  ]
}

const capitalized = ([first, ...rest]: Phrase): Phrase => [typeof first === 'string' ? capital(first) : first!, ...rest]

function cautionsOf({ everyNight: { sleepers }, rules }: SleepNeed, nights: Night[]): CautionId[] {
  const upper =
    sleepers.some(({ age }) => age < rules.upperBunkFrom) ||
    nights.some(({ placements }) => placements.some(({ berth }) => isUpper(berth)))
  const cautions: CautionId[] = upper ? ['upper-bunk', 'exits'] : ['exits']
  if (sleepers.some(({ cpap }) => cpap)) cautions.push('cpap')
  return cautions
}

function readingsText(keys: string[]): string {
  return keys.length === 1 ? 'one reading' : `${keys.length} readings`
}
