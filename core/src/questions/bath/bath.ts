import { atMost } from '../../household/growth'
import { usuallyThere } from '../../household/household'
import type { Stance } from '../../household/wishes/stances'
import { doing, feet, listed, says } from '../../quantity/phrase'
import { inches, quantity } from '../../quantity/quantity'
import type { Bath } from '../../plan/living/baths'
import { small } from '../../plan/naming'
import { bathFacts, type BathFacts } from './facts'
import { BATH_RULES, type BathRules } from './rules'
import { answerOf } from '../answer'
import type { Question } from '../question'
import { fits, marginOf, measure, no, note, reason, tight, verdictOf, type Reason } from '../reason'
import { usualNight } from '../../nights/sleepingAssignment'
import type { Shared } from '../../solver/solvers'
import { lookedReason } from '../stance'
import { unsureReason } from '../whereTheyLie'

export interface BathNeed {
  people: number
  /** Guests are there on most trips. */
  guests: boolean
  /** Those who are bathed rather than showered. */
  small: { name: string; age: number }[]
  tallest?: { name: string; height: number }
  /** Whose height nobody asked; a child is at most so tall. */
  unknownHeights: { key: string; atMost?: number }[]
  tub?: Stance
  secondBath?: Stance
  rules: BathRules
}

/** Is the bath right: a tub, a second toilet, and whether the tallest can stand under the shower. Inches. */
export const bath: Question<'bath', BathFacts, BathNeed, typeof BATH_RULES> = {
  id: 'bath',
  words: {
    asks: 'Is the bath right for them?',
    short: 'Bath',
    topic: 'bath',
    against: 'bath not right',
    speaksFor: 'the bath is right',
    shownAt: 'bath',
    tryIt: 'Let the tallest stand in the shower, and somebody sit down with the door shut.',
  },
  version: 9,
  rules: BATH_RULES,
  factRules: [],
  weight: 2,
  living: true,
  drawing: ['inside'],
  cautions: [],
  facts: (trailer, _rules, ways) => bathFacts(trailer, ways),
  need: (household, rules) => {
    const people = usuallyThere(household)
    const known = people.flatMap(({ name, height }) => (height === undefined ? [] : [{ name, height }]))
    return {
      people: people.length,
      guests: household.guestsCome === 'most trips',
      small: people.filter(({ age }) => age < rules.tubUnder).map(({ name, age }) => ({ name, age })),
      tallest: known.sort((a, b) => b.height - a.height)[0],
      unknownHeights: people
        .filter(({ height }) => height === undefined)
        .map((one) => ({ key: `household.people.${one.id}.height`, atMost: atMost(one, 'height') })),
      tub: household.stances.tub,
      secondBath: household.stances.secondBath,
      rules,
    }
  },
  judge: ({ facts, need, shared }) =>
    answerOf([
      headroomReason(facts, need),
      queueReason(facts, need),
      ...typeReason(facts),
      ...privacyReasons(facts, need, shared),
      ...suiteReason(facts, need),
      ...smallReason(facts, need),
      ...elbowReason(facts, need),
      ...turnReason(facts, need),
      ...stepReason(facts, need),
      ...shutReason(facts, need),
      ...facts.leftOpen.map((words) => tight(words, { brief: 'an open door in the way' })),
      ...basinReason(facts, need),
      ...lookedReason(need.tub, facts.tubs > 0, 'a tub', facts.unnoted.any),
      ...lookedReason(need.secondBath, facts.toilets > 1, 'a second bath', facts.unnoted.any),
    ]),
}

/** The roomiest shower decides; headroom is pan to skylight, so height needs no allowance beyond comfort. */
function headroomReason({ showers, unnoted }: BathFacts, { tallest, unknownHeights, rules }: BathNeed): Reason {
  if (unnoted.shower) return measure(says`No shower is drawn: draw it, or note that there is none.`, [unnoted.shower])
  if (showers.length === 0) return tight(says`There is no shower inside.`, { brief: 'no shower inside' })
  if (!tallest)
    return measure(
      says`Nobody’s height is known yet.`,
      unknownHeights.map(({ key }) => key),
    )
  const known = showers.filter(({ headroom }) => headroom !== undefined).sort((a, b) => b.headroom! - a.headroom!)[0]
  const unread = showers
    .filter(({ headroom }) => headroom === undefined)
    .map(({ id }) => `plan.fixtures.${id}.headroom`)
  const spare = known && known.headroom! - tallest.height
  if (known === undefined || spare === undefined || (spare < rules.headroomComfort && unread.length)) {
    return measure(
      says`Whether ${tallest.name} (${feet(tallest.height)}) can stand under the shower has to be measured, pan to skylight.`,
      unread,
    )
  }
  const margin = marginOf(spare, 'in', rules.plenty)
  const words =
    spare < 0
      ? says`${tallest.name} (${feet(tallest.height)}) cannot stand up in the ${known.name}: ${inches(-spare)} short.`
      : spare < 0.5
        ? says`${tallest.name} (${feet(tallest.height)}) just stands up in the ${known.name}, with nothing to spare.`
        : says`${tallest.name} (${feet(tallest.height)}) stands up in the ${known.name} with ${inches(spare)} to spare.`
  const verdict = verdictOf(spare, rules.headroomComfort)
  // A child who stands up as well were it the tallest of its age is not asked.
  const asked = unknownHeights.filter(
    ({ atMost: most = Infinity }) =>
      most > tallest.height && verdictOf(known.headroom! - most, rules.headroomComfort) !== verdict,
  )
  if (asked.length && verdict !== 'no') {
    return measure(
      says`${words} Not every height is known.`,
      asked.map(({ key }) => key),
    )
  }
  return reason(verdict, words, { margin, rests: [`plan.fixtures.${known.id}.headroom`] })
}

/** A sink outside the bath takes some of the queue. */
function queueReason({ toilets, wet, sinkOutside: outside, unnoted }: BathFacts, { people, rules }: BathNeed): Reason {
  if (unnoted.toilet) return measure(says`No toilet is drawn: draw it, or note that there is none.`, [unnoted.toilet])
  if (toilets === 0) return no(says`There is no toilet inside.`, { brief: 'no toilet inside' })
  const spare = toilets * rules.peoplePerBath + (outside ? rules.sinkOutsideTakes : 0) - people
  const kind = toilets > 1 ? says`${toilets} toilets` : wet ? says`One wet bath` : says`One bath`
  const sink = outside ? says`, and a sink outside it` : ''
  if (spare < 0)
    return tight(says`${kind} for ${quantity(people, 'person')}${sink}: a queue in the morning.`, {
      brief: `${toilets > 1 ? `${toilets} baths` : 'one bath'} for ${people}`,
    })
  return fits(says`${kind} for ${quantity(people, 'person')}${sink}.`)
}

const TYPE_WORDS: Record<Bath['type'], string> = {
  full: 'full bath',
  wet: 'wet bath',
  'walk-through': 'walk-through bath',
  split: 'split bath',
  half: 'half bath',
}

/** What is not plain: a bath one walks through, one in two rooms, a second one. */
function typeReason({ baths }: BathFacts): Reason[] {
  const types = [...new Set(baths.map(({ type }) => type))]
  if (types.length === 0 || (baths.length === 1 && types[0] === 'full')) return []
  return [
    note(
      says`It has a ${listed(
        types.map((type) => TYPE_WORDS[type]),
        'and a',
      )}.`,
    ),
  ]
}

/** Closed at night, and not through somebody's bedroom: what counts is the bath that the others can use. */
function privacyReasons({ baths }: BathFacts, { guests }: BathNeed, shared: Shared): Reason[] {
  const open = baths.filter(({ toilet }) => toilet)
  if (open.length === 0) return []
  if (open.every(({ closedBy }) => closedBy === 'nothing'))
    return [tight(says`Nothing closes the bath off.`, { brief: 'bath not closed off' })]
  const reasons: Reason[] = open.every(({ closedBy }) => closedBy !== 'door')
    ? [fits(says`Only a curtain closes the bath.`)]
    : []
  if (!open.every(({ through }) => through !== undefined)) return reasons
  const unsure = unsureReason(shared.lying)
  if (unsure.length) return [...reasons, ...unsure]
  const night = usualNight(shared.lying, guests)
  const sleepers = night.placements
    .filter(({ berth }) => open.some(({ through }) => through === berth.room))
    .flatMap(({ people }) => people.map(({ name }) => name))
  const others = night.placements
    .filter(({ berth }) => !open.some(({ through }) => through === berth.room))
    .flatMap(({ people }) => people.map(({ name }) => name))
  if (sleepers.length === 0 || others.length === 0) return reasons
  return [
    ...reasons,
    tight(
      says`To the bath ${doing(others, 'walks', 'walk')} past ${listed(sleepers)} at night: it opens on their bedroom only.`,
      { brief: 'bath through the bedroom' },
    ),
  ]
}

/** Bed and bath behind one door: told to those whom somebody else could hear. */
function suiteReason({ suites }: BathFacts, { people }: BathNeed): Reason[] {
  if (people < 2) return []
  return suites.map(({ room, doors }) =>
    note(
      doors.length === 1
        ? says`The ${room} and a bath shut off together from the rest, by ${doors[0]!}.`
        : says`The ${room} and a bath shut off together from the rest, by ${listed(doors)}.`,
    ),
  )
}

/** Small children are bathed: without a tub it is said, and left to their own wish to weigh. */
function smallReason({ tubs, showers }: BathFacts, { small, tub, rules }: BathNeed): Reason[] {
  if (small.length === 0 || tub !== undefined || showers.length === 0) return []
  const who = listed(small.map(({ name }) => name))
  return [
    fits(
      tubs > 0
        ? says`${who}, under ${rules.tubUnder}, can be bathed in the tub.`
        : says`No tub: ${who}, under ${rules.tubUnder}, ${small.length > 1 ? 'are' : 'is'} washed in the shower pan.`,
    ),
  ]
}

/** Elbows out and knees free on the best of the toilets. */
function elbowReason({ seats }: BathFacts, { rules }: BathNeed): Reason[] {
  if (seats.length === 0) return []
  const { wide, measured, knees } = seats.reduce((best, one) =>
    Math.min(one.wide - rules.elbowsLeast, one.knees - rules.knees) >
    Math.min(best.wide - rules.elbowsLeast, best.knees - rules.knees)
      ? one
      : best,
  )
  const where = measured ? '' : ' by the plan'
  if (wide < rules.elbowsLeast)
    return [
      tight(says`At the toilet only ${inches(wide)} from wall to wall${where}: the elbows touch.`, {
        margin: marginOf(wide - rules.elbowsLeast, 'in', rules.plenty),
        brief: 'elbows in at the toilet',
      }),
    ]
  if (knees < rules.knees)
    return [
      tight(says`In front of the toilet only ${inches(knees)} are free: the knees touch.`, {
        margin: marginOf(knees - rules.knees, 'in', rules.plenty),
        brief: 'knees touch at the toilet',
      }),
    ]
  const words = wide < rules.elbowsOut ? says`enough, though not elbows out` : says`with room for the elbows`
  return [
    fits(says`At the toilet ${inches(wide)} from wall to wall${where}, ${words}, and ${inches(knees)} for the knees.`),
  ]
}

/** The circle one turns in under the roomiest shower. */
function turnReason({ showers }: BathFacts, { rules }: BathNeed): Reason[] {
  if (showers.length === 0) return []
  const { turn, name } = showers.reduce((best, one) => (one.turn > best.turn ? one : best))
  if (turn < rules.turnLeast)
    return [
      tight(says`In the ${name} one turns in a circle of ${inches(turn)}: too small, and a curtain clings.`, {
        margin: marginOf(turn - rules.turnLeast, 'in', rules.plenty),
        brief: 'a tight shower',
      }),
    ]
  return [
    fits(says`In the ${name} one turns in a circle of ${inches(turn)}${turn >= rules.turnRoomy ? ': roomy' : ''}.`),
  ]
}

/** Into the easiest of them one steps by an opening: over a pan's sill, or a tub's side. */
function stepReason({ showers }: BathFacts, { rules }: BathNeed): Reason[] {
  if (showers.length === 0) return []
  const { step, name } = showers.reduce((best, one) => (one.step > best.step ? one : best))
  if (step === 0)
    return [tight(says`Nothing is free before the ${name}: one cannot step in.`, { brief: `no way into the ${name}` })]
  const margin = marginOf(step - rules.stepIn, 'in', rules.plenty)
  const brief = 'a narrow step into the shower'
  if (step < rules.stepIn)
    return [
      tight(
        says`One steps into the ${name} by an opening of ${inches(step)}; ${inches(rules.stepIn)} would be right.`,
        { margin, brief },
      ),
    ]
  return [fits(says`One steps into the ${name} by an opening of ${inches(step)}.`)]
}

/** Whoever steps in shuts the door past themselves. */
function shutReason({ shutting }: BathFacts, { rules }: BathNeed): Reason[] {
  return shutting
    .filter(({ wide }) => wide < rules.shutDoor)
    .map(({ name, wide }) =>
      tight(
        wide === 0
          ? says`Standing in the ${small(name)} one cannot shut its door.`
          : says`To shut the door of the ${small(name)} one stands in ${inches(wide)} beside it.`,
        { brief: 'hard to shut the bath door' },
      ),
    )
}

/** Only what is wanting is said of the sink: room to stand at it is expected. */
function basinReason({ basins }: BathFacts, { rules }: BathNeed): Reason[] {
  if (basins.length === 0) return [note(says`There is no sink in the bath.`)]
  const deep = Math.max(...basins)
  return deep < rules.standAtBasin
    ? [
        tight(says`In front of the bath sink ${inches(deep)} are free to stand.`, {
          margin: marginOf(deep - rules.standAtBasin, 'in', rules.plenty),
          brief: 'little room at the bath sink',
        }),
      ]
    : []
}
