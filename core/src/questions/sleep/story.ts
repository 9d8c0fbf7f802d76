import type { Household } from '../../household/household'
import { lyingIn } from '../../nights/lyingIn'
import { capital, roomWord, small } from '../../plan/naming'
import { agrees, listed, listedPhrases, phraseText, says, type Phrase } from '../../quantity/phrase'
import { inches, pounds, quantity } from '../../quantity/quantity'
import { capacityOf, type Capacity } from './capacity'
import { changesFor, type Change } from './changes'
import type { BerthFact, NightFacts } from '../../nights/facts'
import type { NightRules } from '../../nights/rules'
import type { NightNeed, Party, Sleeper } from '../../nights/need'
import type { Nights } from '../../nights/nights'
import { COST, secondNight, type Night } from '../../nights/night'
import { noticed, ruledOut } from './notes'
import { yearsAhead, type Outlook } from './yearsAhead'
import { withId } from '../../plan/withId'

/** Everything a consultant says about sleeping in this unit, beyond the verdict. */
export interface SleepStory {
  /** One or two sentences: the sheet's count, theirs, and what stands in the way. */
  says: Phrase
  nights: NightStory[]
  capacity: Capacity & { advertised?: number }
  outlook: Outlook
}

/** One kind of night: who lies where, what is not so good about it, and what else could be done. */
export interface NightStory {
  name: 'Every night' | 'With guests' | 'When everybody comes'
  lies: { berth: string; about: Phrase; people: { id: string; name: string }[] }[]
  noticed: Phrase[]
  /** The next best and what it costs; absent when there is no other way, or nothing at all fits. */
  second?: Phrase
  /** Not all fit: the most who do, and what would let the others in. */
  largest?: Phrase
  changes: Change[]
}

export function sleepStory(
  { facts, need, everyNight, guestNight, fullNight }: Nights,
  advertised: number | undefined,
  household: Household,
): SleepStory {
  const { rules } = need
  return {
    says: headline(facts, advertised, need, everyNight),
    nights: [
      nightStory('Every night', facts, need.everyNight, rules, everyNight),
      ...(guestNight ? [nightStory('With guests', facts, need.withGuests!, rules, guestNight)] : []),
      ...(fullNight ? [nightStory('When everybody comes', facts, need.mostEver!, rules, fullNight)] : []),
    ],
    capacity: {
      ...capacityOf(facts, rules),
      ...(advertised !== undefined && { advertised }),
    },
    outlook: yearsAhead(facts, household, rules),
  }
}

/**
 * `The sheet says 10. Your seven fit, with the dinette made up every night; two of 10 berths are too short for
 * Efe (6 ft 1 in).`
 */
function headline(
  facts: NightFacts,
  advertised: number | undefined,
  { everyNight: { sleepers, cribs }, rules }: NightNeed,
  night: Night,
): Phrase {
  const sheet = advertised === undefined ? '' : `The sheet says ${advertised}. `
  const count = sleepers.length + cribs.length
  const whom =
    count === 1 ? [...sleepers, ...cribs][0]!.name : count === 2 ? 'The two' : `The ${NUMBERS[count] ?? count}`
  const made = facts.conversions.filter(({ id }) => night.made.includes(id)).map(({ name }) => `the ${small(name)}`)
  const out = sleepers.length ? ruledOut(facts, sleepers, rules) : undefined
  const fits = fitsText(night, count, whom, made)
  return out ? says`${sheet}${fits}; ${out}.` : says`${sheet}${fits}.`
}

/** How many of them have a berth, and what has to be made up for it. */
function fitsText(night: Night, count: number, whom: string, made: readonly string[]): string {
  const without = [...night.unplaced, ...withoutFloor(night)]
  if (without.length) {
    const left = listed(without.map(({ name }) => name))
    const placed = count - without.length
    if (count === 1) return `There is no berth for ${left}`
    const some = placed === 0 ? 'None' : placed === 1 ? 'One' : capital(inWords(placed))
    return `${some} of the ${inWords(count)} ${placed > 1 ? 'have' : 'has'} a berth; none is left for ${left}`
  }
  if (night.apart) return `${whom} have a berth, but ${listed(apartNames(night))} would lie apart`
  const hope = night.missing.length ? ', if what is not measured yet turns out well' : ''
  const work = made.length ? `with ${listed(made)} made up every night` : 'with nothing made up'
  return `${whom} ${count === 1 ? 'fits' : 'fit'}${hope}, ${work}`
}

/** Those who have to lie in a crib for which no floor is left. */
const withoutFloor = ({ cribs, onFloor: { left } }: Night): Sleeper[] =>
  cribs.flatMap(({ sleeper }) =>
    left.some(({ id, infant }) => infant && id === `crib ${sleeper.id}`) ? [sleeper] : [],
  )

/** Those who lie without their partner. */
const apartNames = ({ placements }: Night): string[] =>
  placements.flatMap(({ people }) =>
    people
      .filter(
        ({ partner }) =>
          !people.some(({ id }) => id === partner) &&
          placements.some((other) => other.people.some(({ id }) => id === partner)),
      )
      .map(({ name }) => name),
  )

const inWords = (count: number): string => NUMBERS[count] ?? String(count)

const NUMBERS: Record<number, string> = {
  0: 'none',
  1: 'one',
  2: 'two',
  3: 'three',
  4: 'four',
  5: 'five',
  6: 'six',
  7: 'seven',
  8: 'eight',
  9: 'nine',
  10: 'ten',
  11: 'eleven',
  12: 'twelve',
}

function nightStory(
  name: NightStory['name'],
  facts: NightFacts,
  party: Party,
  rules: NightRules,
  night: Night,
): NightStory {
  const second = night.placements.length ? secondNight(facts, party, rules, night) : undefined
  const placed = [
    ...night.placements.flatMap(({ people }) => people.map((one) => one.name)),
    ...night.cribs.flatMap(({ sleeper, room, inWay }) => (room === undefined && !inWay ? [] : [sleeper.name])),
  ]
  return {
    name,
    lies: [
      ...night.placements.map(({ berth, people }) => ({
        berth: berth.name,
        about: aboutBerth(berth),
        people: people.map(({ id, name: called }) => ({ id, name: called })),
      })),
      ...night.cribs.map(({ sleeper, room, inWay }) => ({
        berth: inWay
          ? 'Crib, in a walkway'
          : room === undefined
            ? 'Crib, but no floor for it'
            : `Crib in the ${roomWord(facts.floorRooms.find(({ id }) => id === room)?.name ?? 'other room')}`,
        about: [],
        people: [{ id: sleeper.id, name: sleeper.name }],
      })),
    ],
    noticed: noticed(facts, night, rules),
    ...(second && { second: secondSays(facts, rules, night, second) }),
    ...(night.unplaced.length &&
      placed.length && {
        largest: says`At most ${inWords(placed.length)} of them ${agrees(placed, 'sleeps', 'sleep')} in it: ${listed(placed)}.`,
      }),
    changes: changesFor(facts, party, rules, night),
  }
}

/**
 * A berth in a line: mattress, limit, headroom, what belongs to it, what closes it off. What nobody read is
 * left out.
 */
function aboutBerth({
  width,
  length,
  limit,
  headroom,
  height,
  outlet,
  light,
  window,
  ladder,
  closedBy,
}: BerthFact): Phrase {
  return joined([
    ...(width !== undefined && length !== undefined
      ? [says`${inches(width)} by ${inches(length)}`]
      : [says`mattress not measured`]),
    ...(limit !== undefined ? [says`carries ${pounds(limit)}`] : []),
    ...(height !== undefined ? [says`${inches(height)} above the floor`] : []),
    ...(headroom !== undefined ? [says`${inches(headroom)} of headroom`] : []),
    ...[outlet && 'outlet', light && 'own light', window && 'own window', ladder && 'ladder'].flatMap((word) =>
      word ? [says`${word}`] : [],
    ),
    says`${closedBy === 'nothing' ? 'open to the room' : `behind a ${closedBy}`}`,
  ])
}

/** What else they would notice is told by its first two points. */
const MOST_WORSE = 2

/** Who would lie elsewhere, and what that costs: beds to make, minutes, or what they would notice. */
function secondSays(facts: NightFacts, rules: NightRules, first: Night, second: Night): Phrase {
  const berthOf = (night: Night, id: string) =>
    night.placements.find(({ people }) => people.some((one) => one.id === id))?.berth
  const moved = second.placements.flatMap(({ berth, people }) => {
    const movers = people.filter(({ id }) => berthOf(first, id)?.id !== berth.id)
    return movers.length ? [says`${listed(movers.map((one) => one.name))} ${lyingIn(berth)}`] : []
  })
  const more = second.made.filter((id) => !first.made.includes(id)).map((id) => withId(facts.conversions, id))
  const known = new Set(noticed(facts, first, rules).map((one) => phraseText(one)))
  const worse = noticed(facts, second, rules).filter((one) => !known.has(phraseText(one)))
  const cost =
    second.made.length > first.made.length
      ? says`it costs ${listed(more.map((one) => `making up the ${small(one.name)}`))}, ${quantity(
          more.reduce((sum, one) => sum + one.minutes, 0),
          'min',
        )} every night`
      : worse.length
        ? says`but ${listedPhrases(worse.slice(0, MOST_WORSE))}`
        : second.cost - first.cost >= COST.conversion
          ? says`it takes longer to make up`
          : second.cost === first.cost
            ? says`just as good`
            : says`a little less comfortable`
  return says`Next best: ${joined(moved)}; ${cost}.`
}

const joined = (parts: readonly Phrase[]): Phrase => parts.reduce((all, one) => says`${all}, ${one}`)
