import { livesInIt, usuallyThere, type Gear, type Household } from '../../household/household'
import { passes, type Hold, type Piece } from '../../packing/piece'
import { capital, small } from '../../plan/naming'
import { listed, says, type Phrase } from '../../quantity/phrase'
import { inches, pounds, quantity } from '../../quantity/quantity'
import { cubicFeetOf } from '../../quantity/volume'
import { answerOf } from '../answer'
import type { LoadingRules } from '../../loading/rules'
import type { RulesBelow } from '../../solver/solvers'
import type { Question } from '../question'
import { fits, marginOf, measure, note, reason, tight, type Reason } from '../reason'
import { usualNight, type AssignedNight } from '../../nights/sleepingAssignment'
import { stowFacts, type StowFacts } from './facts'
import { bayName, plainName, inFrontOf, named, ridesInIt, weights, type Stowed } from '../../stowing/stowed'
import { STOW_RULES, type StowRules } from './rules'
import { withId } from '../../plan/withId'

export interface StowNeed {
  gear: Gear[]
  unsized: string[]
  /** What belongs to one of them, by its id, and to whom. */
  owners: Map<string, string>
  people: number
  /** Guests are there on most trips. */
  guests: boolean
  nights: number
  /** They live in it. */
  dwelling: boolean
  rules: StowRules & Pick<LoadingRules, 'rack'>
}

/**
 * Does everything go in: what they bring into the bays, through their doors and under their limits; clothes inside.
 */
export const stow: Question<'stow', StowFacts, StowNeed, typeof STOW_RULES, 'filled'> = {
  id: 'stow',
  words: {
    asks: 'Does everything go in?',
    short: 'Stow it',
    topic: 'stowing',
    against: 'do not hold what they bring',
    speaksFor: 'everything they bring goes in',
    shownAt: 'off-door',
    tryIt: 'Open the pass-through, and let them say what goes in.',
  },
  version: 7,
  rules: STOW_RULES,
  factRules: ['filled'],
  weight: 2,
  living: false,
  drawing: ['inside'],
  cautions: ['fuel'],
  facts: stowFacts,
  need: stowNeed,
  judge: ({ facts, need, shared: { lying, stowing } }) =>
    answerOf(
      [
        ...gearReasons(facts, need, stowing, usualNight(lying, need.guests)),
        ...ownReasons(need, stowing),
        ...closetReasons(facts, need),
        ...roomReasons(facts, usualNight(lying, need.guests)),
        ...dryReason(stowing),
      ],
      need.gear.some(({ fuel }) => fuel) ? ['fuel'] : [],
    ),
}

function stowNeed(household: Household, rules: StowRules, { loading: { rack }, nights }: RulesBelow): StowNeed | null {
  const rides = household.gear.filter(({ rides: where }) => where === 'trailer')
  return {
    gear: ridesInIt(household),
    unsized: rides.filter(({ size }) => !size).map(({ id }) => `household.gear.${id}.size`),
    owners: ownersOf(household),
    people: usuallyThere(household).length,
    guests: household.guestsCome === 'most trips',
    nights: household.trip.nights,
    dwelling: livesInIt(household, nights),
    rules: { ...rules, rack },
  }
}

const ownersOf = ({ gear, people }: Household): Map<string, string> =>
  new Map(
    gear.flatMap(({ id, owner }) => {
      const person = people.find((one) => one.id === owner)
      return person ? [[id, person.name] as const] : []
    }),
  )

function gearReasons(
  { baysLooked }: StowFacts,
  { gear, unsized, rules }: StowNeed,
  what: Stowed,
  night: AssignedNight,
): Reason[] {
  const unknown: Reason[] = unsized.length
    ? [
        measure(
          says`${quantity(unsized.length, 'piece')} of what they bring ${unsized.length > 1 ? 'have' : 'has'} no size yet.`,
          unsized,
        ),
      ]
    : []
  if (gear.length === 0) return unknown
  if (what.facts.holds.length === 0)
    return [
      ...unknown,
      baysLooked
        ? tight(says`It has no bay: what they bring rides on the floor inside.`, { brief: 'no bay' })
        : measure(says`No bay is drawn on it yet, so nobody can say what goes in.`, ['plan.compartments']),
    ]
  return [
    ...unknown,
    placedReason(gear, what, rules),
    ...limitReasons(what),
    ...campReasons(gear, what),
    ...sharedReasons(what, night),
  ]
}

function placedReason(gear: readonly Gear[], { holds, pieces, packing }: Stowed, rules: StowRules): Reason {
  const room = holds.reduce((sum, { size }) => sum + cubicFeetOf(size), 0)
  const asked = pieces.reduce((sum, { size, count }) => sum + count * cubicFeetOf(size), 0)
  const count = gear.reduce((sum, one) => sum + one.count, 0)
  if (packing.left.length === 0)
    return fits(
      says`All ${count} things go in: ${quantity(asked, 'cu ft')} into ${quantity(room, 'cu ft')} of bays, through their doors.`,
      { margin: marginOf(room - asked, 'cu ft', rules.plentyRoom) },
    )
  const left = packing.left.reduce((sum, one) => sum + one.count, 0)
  const names = packing.left.map((one) => named(gear, one.piece, one.count))
  const place = packing.proven ? 'There is no place in its bays for' : 'No place was found in its bays for'
  const without = packing.left.map((one) => withId(pieces, one.piece))
  return tight(says`${place} ${listed(names)}${why(gear, without, holds)}.`, {
    margin: marginOf(-left, 'piece', rules.plentyPieces),
  })
}

const sizeOf = ({ width, height }: { width: number; height: number }): Phrase =>
  says`${inches(width)} by ${inches(height)}`

/** The one thing that is plain to see: what goes through no door. */
function why(gear: readonly Gear[], left: readonly Piece[], holds: readonly Hold[]): Phrase {
  const noDoor = left.find((piece) => holds.every((hold) => !passes(piece, hold)))
  const doors = holds.flatMap(({ openings }) => openings).sort((a, b) => b.width * b.height - a.width * a.height)
  if (!noDoor || !doors[0]) return []
  const [one, two, three] = [...noDoor.size].sort((a, b) => b - a)
  const what = plainName(withId(gear, noDoor.id))
  const size = says`${inches(one!)} by ${inches(two!)} by ${inches(three!)}`
  return says`: no door lets the ${what} (${size}) through; the largest is ${sizeOf(doors[0])}`
}

/** Every hold against its label; where nobody read it, that is to be read, but only of holds that carry something. */
function limitReasons(what: Stowed): Reason[] {
  return [...weights(what)].map(([id, weight]): Reason => {
    const { name, limit, limitRead } = withId(what.holds, id)
    if (!limitRead)
      return measure(says`${capital(bayName(name))} would carry ${pounds(weight)}: read what its label allows.`, [
        `plan.compartments.${id}.weightLimit`,
      ])
    return fits(says`${capital(bayName(name))} carries ${pounds(weight)} of the ${pounds(limit!)} it may.`, {
      rests: [`plan.compartments.${id}.weightLimit`],
    })
  })
}

/** What is wanted first at camp and lies behind other things. */
function campReasons(gear: readonly Gear[], what: Stowed): Reason[] {
  return gear
    .filter(({ first }) => first === 'camp')
    .flatMap(({ id, name }): Reason[] => {
      const before = inFrontOf(what, id)
      return before > 0
        ? [
            note(
              says`To get at the ${small(name)} ${before === 1 ? 'one thing has' : `${before} things have`} to come out first.`,
            ),
          ]
        : []
    })
}

/** Where each finds what is their own: inside, or to be fetched from outside. */
function ownReasons({ owners }: StowNeed, { gear, holds, packing }: Stowed): Reason[] {
  return gear.flatMap((one): Reason[] => {
    const owner = owners.get(one.id)
    const places = holds.filter(({ id }) => packing.placed.some(({ piece, hold }) => piece === one.id && hold === id))
    if (owner === undefined || places.length === 0) return []
    const outside = places.every(({ place }) => place === 'outside')
    const where = listed(places.map(({ name }) => bayName(name)))
    const fetched = outside ? says`, to be fetched from outside` : ''
    return [note(says`${owner}’s ${plainName(one)}: in ${where}${fetched}.`)]
  })
}

/** In every room that somebody sleeps in: whether their clothes can be there too. */
function roomReasons({ closets }: StowFacts, { placements, unsure }: AssignedNight): Reason[] {
  const slept = closets.flatMap((closet) => {
    const people = placements.filter(({ berth }) => berth.room === closet.room).flatMap((one) => one.people)
    return people.length ? [{ ...closet, who: listed(people.map(({ name }) => name)) }] : []
  })
  if (unsure.length) return []
  return slept.flatMap(({ name, wardrobes, drawers, unread, who }): Reason[] => {
    const there = [
      ...(wardrobes ? [wardrobes === 1 ? 'a wardrobe' : `${wardrobes} wardrobes`] : []),
      ...(drawers ? [drawers === 1 ? 'a drawer' : `${drawers} drawers`] : []),
    ]
    if (there.length)
      return slept.length > 1 ? [note(says`For the clothes of ${who} the ${name} has ${listed(there)}.`)] : []
    if (unread.length)
      return [note(says`Whether the ${name} has drawers for ${who}, nobody has looked.`, { missing: unread })]
    return [note(says`In the ${name} there is neither closet nor drawer: the clothes of ${who} are kept elsewhere.`)]
  })
}

/** A hold under a bunk that is slept in has to be emptied first. */
function sharedReasons(what: Stowed, night: AssignedNight): Reason[] {
  const used = new Set(what.packing.placed.map(({ hold }) => hold))
  return what.holds
    .filter(({ id }) => used.has(id))
    .flatMap(({ name, shares }): Reason[] => {
      const sleepers =
        night.placements
          .filter(({ berth }) => shares.some(({ id }) => id === berth.id))
          .flatMap(({ people }) => people.map((one) => one.name)) ?? []
      return sleepers.length
        ? [
            tight(says`At camp ${bayName(name)} has to be emptied before ${listed(sleepers)} can go to bed.`, {
              brief: 'emptied for the night',
            }),
          ]
        : []
    })
}

/** Clothes on hangers and on shelves. */
function closetReasons(
  { rod, hanging: depth, unreadRods, drawers, shelves }: StowFacts,
  { people, nights, dwelling, rules }: StowNeed,
): Reason[] {
  const days = Math.min(nights, rules.daysBetweenLaundry)
  const clothes = people * ((dwelling ? rules.clothesDwelling : rules.clothesAlways) + days * rules.clothesPerDay)
  const hanging = people * rules.hangingPerPerson
  const kitchen = people * (dwelling ? rules.kitchenDwelling : rules.kitchenPerPerson)
  const spare = shelves - clothes - kitchen
  const span = dwelling ? 'all seasons' : says`${quantity(days, 'day')}`
  const worn = says`Clothes of ${quantity(people, 'person')} for ${span} take about ${quantity(clothes, 'cu ft')}`
  const held = says`${quantity(shelves, 'cu ft')}${drawers ? `, ${drawers} drawers among them` : ''}`
  const shelf: Reason = reason(
    spare < 0 ? 'tight' : 'fits',
    says`${worn}, dishes and food ${quantity(kitchen, 'cu ft')}; wardrobes, cabinets and overheads hold about ${held}.`,
    { ...(spare < 0 && { brief: 'few shelves' }) },
  )
  if (rod === undefined) return [shelf, note(says`The closet rod has not been measured.`, { missing: unreadRods })]
  if (rod === 0) return [shelf, note(says`There is no closet to hang clothes in.`)]
  const all =
    rod < hanging ? says`it takes about ${inches(hanging)} to hang all, so some is folded` : says`all can hang`
  const shallow =
    depth !== undefined && depth < rules.hangerDepth
      ? [note(says`A closet is ${inches(depth)} deep inside: hangers stand askew under ${inches(rules.hangerDepth)}.`)]
      : []
  return [shelf, note(says`${inches(rod)} of closet rod for ${quantity(people, 'person')}; ${all}.`), ...shallow]
}

/** How much can be kept dry, inside against outside. */
function dryReason({ facts: { holds } }: Stowed): Reason[] {
  if (holds.length === 0) return []
  const volume = (place: 'inside' | 'outside') =>
    holds.filter((hold) => hold.place === place && !hold.wet).reduce((sum, { size }) => sum + cubicFeetOf(size), 0)
  return [
    note(
      says`Bays that stay dry: ${quantity(volume('outside'), 'cu ft')} outside, ${quantity(volume('inside'), 'cu ft')} inside.`,
    ),
  ]
}
