import { small } from '../../plan/naming'
import { listed, says } from '../../quantity/phrase'
import { inches, quantity } from '../../quantity/quantity'
import { answerOf, marginOf, type Question, type Reason } from '../question'
import { stanceReason } from '../stance'
import type { CautionId } from '../cautions'
import { capacityOf } from './capacity'
import { bunkCount, isUpper, sleepFacts, type SleepFacts } from './facts'
import { sleepNeed, type SleepNeed } from './need'
import { bestNight, type Night, type Nights } from './night'

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
  judge: (facts, need, { everyNight, guestNight } = arrangement(facts, need)) => {
    const reasons = [
      ...nightReasons(facts, need, everyNight),
      ...(guestNight ? guestReasons(need, guestNight) : []),
      ...stanceReason(need.bunks, bunkCount(facts) > 0, 'bunks'),
      ...advertisedReason(facts, need),
    ]
    return answerOf(reasons, cautionsOf(need, guestNight ? [everyNight, guestNight] : [everyNight]))
  },
}

/** Who sleeps where on an ordinary night, and when guests are there. */
export function arrangement(facts: SleepFacts, { everyNight, withGuests, rules }: SleepNeed): Nights {
  return {
    everyNight: bestNight(facts, everyNight, rules),
    ...(withGuests && { guestNight: bestNight(facts, withGuests, rules) }),
  }
}

function nightReasons(facts: SleepFacts, { everyNight: { sleepers }, rules }: SleepNeed, night: Night): Reason[] {
  const left = leftOut(night)
  if (left) return [left]
  const tightest = night.placements.reduce((a, b) => (b.spare < a.spare ? b : a))
  const margin = marginOf(tightest.spare, 'in', PLENTY_INCHES)
  const tight = tightest.spare < rules.lengthComfort - rules.lengthSpare
  const tallest = [...tightest.people].sort((a, b) => (b.height ?? 0) - (a.height ?? 0))[0]!
  const places = listed(night.placements.map(({ people, berth }) => `${listed(people.map(({ name }) => name))} in the ${small(berth.name)}`))
  const all: Reason = {
    verdict: tight ? 'tight' : 'fits',
    says: says`${sleepers.length === 1 ? 'Sleeps well enough' : `${sleepers.length === 2 ? 'Both' : `All ${sleepers.length}`} have a berth`}: ${places}. Least room: ${tallest.name}, ${inches(tightest.spare)} beyond what a height needs.`,
    margin,
    rests: night.placements.map(({ berth }) => `plan.berths.${berth.id}.mattressLength`),
  }
  return [all, ...madeReason(facts, night)]
}

/** Someone without a berth, a couple apart, or all in hope of a reading: then this is the whole answer. */
function leftOut(night: Night): Reason | undefined {
  const names = listed(night.unplaced.map(({ name }) => name))
  if (night.unplaced.length) {
    const margin = marginOf(-night.unplaced.length, 'person', PLENTY_PEOPLE)
    return { verdict: 'no', says: says`No berth that fits is left for ${names}.`, margin, missing: night.missing }
  }
  if (night.apart) return { verdict: 'no', says: says`All have a berth, but a couple would sleep apart.`, brief: 'a couple apart' }
  if (night.missing.length === 0) return undefined
  return { verdict: 'measure', says: says`It could sleep them all, if ${readingsText(night.missing)} turns out well.`, missing: night.missing }
}

function madeReason({ conversions }: SleepFacts, { made }: Night): Reason[] {
  if (made.length === 0) return []
  const names = conversions.filter(({ id }) => made.includes(id))
  const minutes = names.reduce((sum, one) => sum + one.minutes, 0)
  return [{ verdict: 'tight', says: says`Every night ${listed(names.map(({ name }) => `the ${small(name)}`))} ${names.length > 1 ? 'have' : 'has'} to be made up, ${quantity(minutes, 'min')} in all.`, brief: `${names.length === 1 ? small(names[0]!.name) : `${names.length} beds`} made up nightly` }]
}

/** A guest night may be a squeeze: only those who have guests on most trips are put off by it. */
function guestReasons({ guestsCome, withGuests }: SleepNeed, night: Night): Reason[] {
  const left = leftOut(night)
  if (left) {
    const verdict = left.verdict === 'no' && guestsCome !== 'most trips' ? 'tight' : left.verdict
    const { margin: _margin, ...rest } = left
    return [{ ...(verdict === 'no' ? left : rest), verdict, says: says`With guests (${guestsCome}): ${left.says}` }]
  }
  const making = night.made.length ? `, ${night.made.length === 1 ? 'one bed' : `${night.made.length} beds`} made up` : ', nothing made up'
  return [{ verdict: 'fits', says: says`With guests (${guestsCome}) all ${withGuests!.sleepers.length} sleep${making}.` }]
}

function advertisedReason(facts: SleepFacts, { rules }: SleepNeed): Reason[] {
  const { adults, adultsAtOnce, children } = capacityOf(facts, rules)
  const sheet = facts.advertised === undefined ? '' : `The sheet says ${facts.advertised}. `
  return [{ verdict: 'fits', says: says`${sheet}By width it takes ${adults} adults, ${adultsAtOnce} of them with nothing made up, or ${children} children.` }]
}

function cautionsOf({ everyNight: { sleepers }, rules }: SleepNeed, nights: Night[]): CautionId[] {
  const upper = sleepers.some(({ age }) => age < rules.upperBunkFrom) || nights.some(({ placements }) => placements.some(({ berth }) => isUpper(berth)))
  const cautions: CautionId[] = upper ? ['upper-bunk', 'exits'] : ['exits']
  if (sleepers.some(({ cpap }) => cpap)) cautions.push('cpap')
  return cautions
}

function readingsText(keys: string[]): string {
  return keys.length === 1 ? 'one reading' : `${keys.length} readings`
}
