import type { Stance } from '../../household/wishes/stances'
import { clashesAt } from '../../plan/leaves/clashes'
import { clashWords, standingOpenWords } from '../../plan/findings/clashWords'
import { ofGeometry } from '../../plan/geometry'
import { gait } from '../../plan/ways/gait'
import { nameOnPlan, small } from '../../plan/naming'
import type { Use } from '../../plan/floor/places'
import { floorOf, reachOf, type Reached } from '../../plan/ways/reach'
import { secondSides, type SecondSide } from '../../plan/ways/bedAisles'
import { shutWhileOpen } from '../../plan/ways/standingOpen'
import { nightsOf } from '../../plan/together'
import type { Place } from '../../plan/floor/places'
import { toldWidth } from '../../plan/floor/toldWidth'
import { entryWidths, turningAt } from '../../plan/ways/turning'
import type { WayRules } from '../../plan/wayRules'
import { following, listed, says, type Phrase } from '../../quantity/phrase'
import { inches } from '../../quantity/quantity'
import { ESSENTIALS, toNote, unexplained, type Essential } from '../../trailer/drawn'
import type { Trailer } from '../../trailer/trailer'
import { answerOf } from '../answer'
import { unsureReason } from '../whereTheyLie'
import type { Question } from '../question'
import { fits, marginOf, measure, no, note, reason, tight, verdictOf, type Reason } from '../reason'
import { usuallyThere, type Person } from '../../household/household'
import { REACH_RULES, type ReachRules } from './rules'
import { uprightFacts, uprightReasons, type UprightFacts } from './upright'
import type { Passage } from './passage'
import { wheelchairReasons, type WheelchairFacts } from './wheelchair'
import type { AssignedNight } from '../../nights/sleepingAssignment'
import { storedFor } from '../../nights/night'

/** How wide the widest way to each thing is, half inches; 0: there is none. */
export interface ReachFacts {
  hasSlide: boolean
  hasToilet: boolean
  /** Readings that tell of what they go to every day and is neither drawn nor noted as not there. */
  unnoted: string[]
  parked: Passage[]
  road: Passage[]
  /** From the nearest toilet to each berth, for every set of conversions that can be made together. */
  nights: { made: string[]; toBerths: Passage[] }[]
  /** Leaves of what one uses every day that do not open all the way while parked: how far, and in words. */
  leaves: LeafFact[]
  /** The same of leaves that may be hung at either end, as they open hung the worse way. */
  hungWorse: LeafFact[]
  /** What inside doors keep one from while they stand open, parked, in words; a bedroom's stands open most of the day. */
  leftOpen: { words: Phrase; ofBedroom: boolean }[]
  /** What a wheelchair asks of it, parked. */
  wheelchair: WheelchairFacts
  /** What they stand under and step on. */
  upright: UprightFacts
}

interface LeafFact {
  id: string
  name: string
  kind: string
  degrees: number
  words: Phrase
}

export interface ReachNeed {
  /** Guests are there on most trips. */
  guests: boolean
  /** Those in a wheelchair. */
  wheelchairs: string[]
  roadAccess?: Stance
  /** Those of whom a height or a weight is known. */
  people: Pick<Person, 'name' | 'height' | 'weight'>[]
  rules: WayRules
  own: ReachRules
}

/** Where a household goes every day. */
const DAILY: readonly Use[] = ['bed', 'toilet', 'shower', 'fridge', 'sink', 'cooktop']
/** What is opened every day; a bath door that hits something narrows the way by itself. */
const OPENED: ReadonlySet<string> = new Set(['fridge', 'pantry', 'wardrobe', 'tall-cabinet', 'linen', 'shower', 'tub'])
const DAILY_ESSENTIALS: readonly Essential[] = ['toilet', 'shower', 'fridge', 'sink', 'cooktop']

/**
 * Can they get to everything: parked, at night from the bed to the toilet, and at a rest stop with the slides
 * in. Inches.
 */
export const reach: Question<'reach', ReachFacts, ReachNeed, typeof REACH_RULES> = {
  id: 'reach',
  words: {
    asks: 'Can they get to everything?',
    short: 'Within reach',
    topic: 'reach',
    against: 'leave something out of reach',
    speaksFor: 'a rest stop shuts off neither toilet nor refrigerator',
    shownAt: 'entry',
    tryIt: 'Let them walk it, bed, refrigerator, toilet; then once more as it is on the road.',
  },
  version: 11,
  rules: REACH_RULES,
  factRules: [],
  weight: 2,
  living: true,
  drawing: ['inside'],
  cautions: [],
  facts: (trailer, _rules, ways) => ({
    ...ofGeometry(trailer.plan, ['reach', ways], () => reachFacts(trailer.plan, ways)),
    // How a shower is closed and what has drawers is read, not drawn.
    leaves: leavesOf(trailer.plan, 'best'),
    hungWorse: leavesOf(trailer.plan, 'worst'),
    upright: uprightFacts(trailer),
    unnoted: DAILY_ESSENTIALS.filter((one) => unexplained(trailer).includes(one)).map(toNote),
  }),
  need: (household, own, { ways }) => ({
    own,
    guests: household.guestsCome === 'most trips',
    people: usuallyThere(household).map(({ name, height, weight }) => ({ name, height, weight })),
    roadAccess: household.stances.roadAccess,
    rules: ways,
    wheelchairs: usuallyThere(household)
      .filter(({ needs }) => needs?.includes('wheelchair'))
      .map(({ name }) => name),
  }),
  judge: ({ facts, need, shared: { lying } }) =>
    answerOf([
      parkedReason(facts, need, lying.everyNight),
      ...wheelchairReasons(facts.wheelchair, facts.parked, need.wheelchairs, need.rules),
      ...nightReasons(facts, need, lying.everyNight, 'no', ''),
      ...(lying.guestNight
        ? nightReasons(facts, need, lying.guestNight, need.guests ? 'no' : 'tight', 'With guests ')
        : []),
      roadReason(facts, need),
      ...undrawnReason(facts),
      ...leafReasons(facts, need),
      ...uprightReasons(facts.upright, need.people, need.own),
      ...facts.leftOpen.map(({ words, ofBedroom }) =>
        ofBedroom ? tight(words, { brief: 'an open door in the way' }) : note(words),
      ),
      ...unsureReason(lying),
    ]),
}

function reachFacts(
  plan: Trailer['plan'],
  ways: WayRules,
): Omit<ReachFacts, 'unnoted' | 'leaves' | 'hungWorse' | 'upright'> {
  const told = (width: number, between?: [string, string]): Pick<Passage, 'width' | 'between'> => ({
    width: toldWidth(width),
    ...(between && { between: inWords([nameOnPlan(plan, between[0]), nameOnPlan(plan, between[1])]) }),
  })
  const passages = (reached: readonly Reached[], seconds = new Map<string, SecondSide>()): Passage[] =>
    reached.map(({ place: { id, name, use }, width, between }) => {
      const second = seconds.get(id)
      return {
        id,
        name,
        use,
        ...told(width, between),
        ...(second && second.width < width && { second: told(second.width, second.between) }),
      }
    })
  const used = ({ use }: Place) => use !== 'door' && use !== 'exit window'
  const parked = floorOf(plan, 'parked')
  return {
    leftOpen: shutWhileOpen(parked, [], ways).map((one) => ({
      words: standingOpenWords(plan, one, parked.places),
      ofBedroom: one.ofBedroom,
    })),
    wheelchair: { entries: entryWidths(plan), turning: turningAt(parked, ways.wheelchair) },
    hasSlide: plan.slides.length > 0,
    hasToilet: plan.fixtures.some(({ kind }) => kind === 'toilet' || kind === 'wet-bath'),
    parked: passages(reachOf(parked, 'entry', used), secondSides(parked, 'entry', ways)),
    road: passages(reachOf(floorOf(plan, 'road'), 'entry', used)),
    nights: nightsOf(plan).map((made) => {
      const floor = floorOf(plan, 'night', made)
      const toBerths = reachOf(floor, 'toilet', ({ use }) => use === 'bed')
      return { made, toBerths: passages(toBerths, secondSides(floor, 'toilet', ways)) }
    }),
  }
}

/** Things before walls, and each in the order of the alphabet: neither side of a squeeze comes first. */
const inWords = (sides: [string, string]): [string, string] =>
  sides.sort((a, b) => Number(/wall/.test(a)) - Number(/wall/.test(b)) || (a < b ? -1 : 1))

const leavesOf = (plan: Trailer['plan'], hung: 'best' | 'worst'): LeafFact[] =>
  clashesAt(plan, 'parked', [], hung)
    .filter((clash) => (clash.with === 'thing' || clash.with === 'shut') && OPENED.has(clash.kind))
    .map((clash) => ({
      id: clash.a,
      name: nameOnPlan(plan, clash.a),
      kind: clash.kind,
      degrees: clash.degrees,
      words: clashWords(plan, clash),
    }))

/** Of several things of one use the one that is reached best counts; of beds only those they sleep in. */
function parkedReason({ parked }: ReachFacts, { rules, own }: ReachNeed, night: AssignedNight): Reason {
  const sleptIn = ({ id, use }: Passage) => use !== 'bed' || night.placements.some(({ berth }) => berth.id === id)
  const wanted = bestOf(parked.filter((one) => DAILY.includes(one.use) && sleptIn(one)))
  if (wanted.length === 0) return measure(says`Nothing to walk to is drawn in it yet.`, ['plan.fixtures'])
  const narrowest = wanted.reduce((least, one) => (one.width < least.width ? one : least))
  const cut = wanted.filter(({ width }) => width < rules.sideways)
  if (cut.length) {
    return no(says`Even parked one does not get to ${listed(cut.map(the))}: ${squeeze(narrowest, 'there is')}.`, {
      margin: marginOf(narrowest.width - rules.sideways, 'in', own.plenty),
    })
  }
  const spare = narrowest.width - rules.sideways
  const how = gait(narrowest.width, rules)
  const aside = farSide(wanted, night, narrowest.width)
  const verdict = verdictOf(spare, rules.shoulder - rules.sideways)
  return reason(
    verdict,
    says`Parked one gets to everything; the narrowest way, to ${the(narrowest)}, ${squeeze(narrowest, 'is')}: ${how}${aside}.`,
    { margin: marginOf(Math.max(0, spare), 'in', own.plenty) },
  )
}

/** From every bed that is slept in to a toilet, past all that is made up. */
function nightReasons(
  { nights, hasToilet }: ReachFacts,
  { rules, own }: ReachNeed,
  night: AssignedNight,
  worst: 'no' | 'tight',
  when: string,
): Reason[] {
  // That there is no toilet at all is for the bath to say.
  if (night.placements.length === 0 || !hasToilet) return []
  const stored = storedFor(nights, night)
  if (!stored)
    return [
      tight(
        following(
          when,
          says`${night.made.length} beds are made up at once, and nobody has walked the way to the toilet yet: try it.`,
        ),
      ),
    ]
  const slept = night.placements.flatMap(({ berth, people }) =>
    stored.toBerths.filter(({ id }) => id === berth.id).map((passage) => ({ passage, people })),
  )
  const cut = slept.filter(({ passage }) => passage.width < rules.sideways)
  if (cut.length) {
    const names = listed(cut.flatMap(({ people }) => people.map(({ name }) => name)))
    const { passage } = cut.reduce((least, one) => (one.passage.width < least.passage.width ? one : least))
    return [
      reason(
        worst,
        following(
          when,
          says`At night ${names} cannot get to the toilet: from ${the(passage)} ${squeeze(passage, 'there is')}.`,
        ),
        { brief: 'no way to the toilet at night' },
      ),
    ]
  }
  if (slept.length === 0) return []
  const { passage } = slept.reduce((least, one) => (one.passage.width < least.passage.width ? one : least))
  const aside = farSide(
    slept.map((one) => one.passage),
    night,
    passage.width,
  )
  const words = says`At night everyone gets to the toilet; the narrowest way, from ${the(passage)}, ${squeeze(passage, 'is')}${aside}.`
  const spare = passage.width - rules.sideways
  return [
    reason(verdictOf(spare, rules.shoulder - rules.sideways), following(when, words), {
      margin: marginOf(spare, 'in', own.plenty),
    }),
  ]
}

/**
 * To use a refrigerator or a wardrobe its leaf must open: past a refrigerator's that stands half open nothing large
 * goes in; of a cupboard a hand's breadth is too little. A shower's glass can be had sliding: that is only told.
 */
function leafReasons({ leaves, hungWorse }: ReachFacts, { rules }: ReachNeed): Reason[] {
  const isShort = ({ kind, degrees }: LeafFact): boolean =>
    degrees < (kind === 'fridge' ? rules.fridgeOpens : kind === 'shower' || kind === 'tub' ? 0 : rules.cupboardOpens)
  const certain = new Set(leaves.filter(isShort).map(({ id }) => id))
  const unsure = new Map(
    hungWorse.filter((one) => isShort(one) && !certain.has(one.id)).map((one) => [one.id, one] as const),
  )
  return [
    ...leaves.map((one) => (isShort(one) ? tight(one.words, { brief: 'a door that does not open' }) : note(one.words))),
    ...[...unsure.values()].map(({ id, name, degrees }) =>
      measure(says`Note how ${name} is hung: hung the other way it opens ${degrees} degrees only.`, [
        `plan.fixtures.${id}.hinge`,
      ]),
    ),
  ]
}

/** Whether one gets to a thing can be said once it stands on the plan. */
function undrawnReason({ unnoted }: ReachFacts): Reason[] {
  if (unnoted.length === 0) return []
  const names = DAILY_ESSENTIALS.filter((one) => unnoted.includes(toNote(one))).map((one) =>
    small(ESSENTIALS[one].name),
  )
  return [
    measure(says`No ${listed(names, 'or')} is drawn: whether one gets to it cannot be said before it is.`, unnoted),
  ]
}

function roadReason({ road, parked, hasSlide }: ReachFacts, { roadAccess, rules }: ReachNeed): Reason {
  const stance = roadAccess === 'avoid' ? undefined : roadAccess
  const open = ({ width }: Passage) => width >= rules.sideways
  const reachedParked = bestOf(parked).filter(open)
  const lost = reachedParked.filter(
    (one) =>
      !bestOf(road).some((other) => other.id === one.id && open(other)) &&
      !(one.use !== 'bed' && road.some((other) => other.use === one.use && open(other))),
  )
  if (!hasSlide)
    return fits(
      lost.length
        ? says`No slide; on the road only ${listed(lost.map(the))} ${lost.length > 1 ? 'are' : 'is'} folded away.`
        : says`No slide: on the road everything is within reach as at camp.`,
    )
  if (lost.length === 0) return fits(says`With the slide in everything is still within reach at a rest stop.`)
  const needed = lost.filter(({ use }) => use === 'toilet' || use === 'fridge')
  const cannot = says`With the slide in one does not get to ${listed(lost.map(the))} at a rest stop`
  if (needed.length === 0) return fits(says`${cannot}, but does to the toilet and the refrigerator.`)
  const brief = `no ${listed([...new Set(needed.map(({ use }) => use))], 'or')} on the road`
  return reason(
    stance === 'must' ? 'no' : 'tight',
    stance ? says`${cannot}, and they ${stance === 'must' ? 'must' : 'would like to'}.` : says`${cannot}.`,
    { brief },
  )
}

/** Of each use the one with the widest way; every bed counts for itself. */
function bestOf(passages: readonly Passage[]): Passage[] {
  return passages.filter(
    (one) =>
      one.use === 'bed' ||
      !passages.some(
        (other) =>
          other.use === one.use &&
          other !== one &&
          (other.width > one.width || (other.width === one.width && passages.indexOf(other) < passages.indexOf(one))),
      ),
  )
}

const the = ({ name }: Passage): string => `the ${small(name)}`

/** Two in a bed use both its sides: where the way to the second is narrower than all that was told, that is told too. */
function farSide(passages: readonly Passage[], { placements }: AssignedNight, told: number): Phrase {
  const narrower = passages
    .filter(({ id }) => placements.some(({ berth, people }) => berth.id === id && people.length > 1))
    .flatMap((bed) => (bed.second && bed.second.width < told ? [{ bed, width: bed.second.width }] : []))
    .sort((a, b) => a.width - b.width)[0]
  return narrower ? says`; on the far side of ${the(narrower.bed)} ${inches(narrower.width)}` : []
}

/** How wide it is there, and between what: `is 23 in, between two walls`. */
function squeeze({ width, between, name }: Passage, verb: 'is' | 'there is'): Phrase {
  if (width === 0) return says`there is no way at all`
  const sides = [...new Set(between)].filter((side) => side !== `the ${small(name)}`)
  const where =
    between?.[0] === between?.[1] && sides[0] === 'a wall'
      ? ', between two walls'
      : sides.length > 1
        ? `, between ${sides[0]!} and ${sides[1]!}`
        : sides.length
          ? `, beside ${sides[0]!}`
          : ''
  return verb === 'is'
    ? says`is ${inches(width)}${where}`
    : says`there ${width === 1 ? 'is' : 'are'} only ${inches(width)}${where}`
}
