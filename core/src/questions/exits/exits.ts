import { isHatch, waysOut } from '../../plan/ways/exits'
import { ofGeometry } from '../../plan/geometry'
import { nameOnPlan, roomBeside, small } from '../../plan/naming'
import { floorOf } from '../../plan/ways/reach'
import { shutWhileOpen } from '../../plan/ways/standingOpen'
import { lyingIn } from '../../nights/lyingIn'
import { nightsOf } from '../../plan/together'
import type { WayRules } from '../../plan/wayRules'
import { following, listed, says } from '../../quantity/phrase'
import { hatchesOpen } from '../../trailer/hatches'
import type { Trailer } from '../../trailer/trailer'
import { answerOf } from '../answer'
import { unsureReason } from '../whereTheyLie'
import type { Question } from '../question'
import { fits, measure, no, tight, type Reason } from '../reason'
import { EXIT_RULES, type ExitRules } from './rules'
import type { AssignedNight } from '../../nights/sleepingAssignment'
import { storedFor } from '../../nights/night'
import { withId } from '../../plan/withId'

/** Ways out of each berth, for every set of conversions that can be made together. */
export interface ExitFacts {
  nights: ExitNight[]
  /** While nobody read whether a cargo or ramp door opens from inside: the same as if it did. */
  ifHatchesOpen?: ExitNight[]
  /** Berths in a room with a cargo or ramp door. */
  hatches: string[]
}

export interface ExitNeed {
  rules: ExitRules
}

interface ExitNight {
  made: string[]
  berths: BerthExits[]
  /** Bedroom doors in words, and the berths from which nobody gets to an entry door while they stand open. */
  leftOpen: { door: string; berths: string[] }[]
}

export interface BerthExits {
  id: string
  name: string
  /** Doors and windows in words. */
  by: string[]
  /** With fewer than two: the door both would have to pass, in words. */
  blocked?: string
}

/**
 * Can everyone get out at night: two ways out of every berth that is slept in, with all made up that is made up
 * then.
 */
export const exits: Question<'exits', ExitFacts, ExitNeed, typeof EXIT_RULES> = {
  id: 'exits',
  words: {
    asks: 'Can everyone get out at night?',
    short: 'Ways out',
    topic: 'ways out',
    against: 'have a bed without a way out',
    speaksFor: 'two ways out of every bed',
    shownAt: 'bedroom',
    tryIt: 'Let them find two ways out of each bed, and try the window.',
  },
  version: 7,
  rules: EXIT_RULES,
  factRules: [],
  weight: 2,
  living: true,
  drawing: [],
  cautions: ['exits', 'hatch'],
  facts: (trailer, _rules, ways) => {
    const { plan } = trailer
    const opens = hatchesOpen(trailer)
    const [open, shut] = [true, false].map(
      (hatches) => () => ofGeometry(plan, ['exits', ways, hatches], () => exitFacts(plan, ways, hatches)),
    )
    if (!plan.doors.some(isHatch)) return shut!()
    if (opens !== undefined) return (opens ? open! : shut!)()
    return { ...shut!(), ifHatchesOpen: open!().nights }
  },
  need: (_household, rules) => ({ rules }),
  judge: ({ facts, need: { rules }, shared: { lying } }) => {
    const reasons = [
      ...unsureReason(lying),
      ...nightReasons(facts, lying.everyNight, ''),
      ...(lying.guestNight ? nightReasons(facts, lying.guestNight, 'With guests ') : []),
    ]
    // Where nobody lies, nobody has to get out: the question does not arise.
    const byHatch = [lying.everyNight, lying.guestNight].some((night) => childBy(facts.hatches, night, rules))
    return reasons.length ? answerOf(reasons, byHatch ? ['exits', 'hatch'] : ['exits']) : null
  },
}

function exitFacts(plan: Trailer['plan'], ways: WayRules, hatches: boolean): ExitFacts {
  const hatched = new Set(
    plan.doors.filter(({ kind }) => kind === 'cargo' || kind === 'ramp').map((door) => roomBeside(plan, door)?.id),
  )
  return {
    hatches: plan.berths.filter(({ room }) => hatched.has(room)).map(({ id }) => id),
    nights: nightsOf(plan).map((made) => {
      const floor = floorOf(plan, 'night', made)
      return {
        made,
        berths: waysOut(floor, ways, hatches).map(({ berth, by, blocked }) => ({
          id: berth,
          name: withId(plan.berths, berth).name,
          by: by.map((id) => nameOnPlan(plan, id)),
          ...(blocked && blocked !== 'berth' && { blocked: nameOnPlan(plan, blocked) }),
        })),
        leftOpen: shutWhileOpen(floor, made, ways)
          .filter(({ ofBedroom }) => ofBedroom)
          .map(({ door, lost }) => ({
            door: nameOnPlan(plan, door),
            berths: lost.filter(({ use }) => use === 'bed').map(({ id }) => id),
          })),
      }
    }),
  }
}

const childBy = (hatches: readonly string[], night: AssignedNight | undefined, { childUnder }: ExitRules): boolean =>
  night?.placements.some(
    ({ berth, people }) => hatches.includes(berth.id) && people.some(({ age }) => age < childUnder),
  ) ?? false

const UNSEEN = 'nobody has looked for the ways out yet: do so before anyone sleeps there'

function nightReasons({ nights, ifHatchesOpen }: ExitFacts, night: AssignedNight, when: string): Reason[] {
  const stored = storedFor(nights, night)
  if (!stored)
    return night.placements.length
      ? [tight(following(when, says`${night.made.length} beds are made up at once; ${UNSEEN}.`))]
      : []
  const slept = night.placements.flatMap(({ berth, people }) =>
    stored.berths
      .filter(({ id }) => id === berth.id)
      .map((one) => ({ ...one, people: people.map(({ name }) => name) })),
  )
  if (slept.length === 0) return []
  const short = slept.filter(({ by }) => by.length < 2)
  const open = stored.leftOpen.flatMap(({ door, berths }): Reason[] => {
    const kept = slept.filter(({ id }) => berths.includes(id)).flatMap(({ people }) => people)
    const words = says`Keep ${door} shut at night: while it stands open ${listed(kept)} can’t get past it to the entry door.`
    return kept.length ? [tight(following(when, words), { brief: 'an open door in the way' })] : []
  })
  if (short.length === 0 && open.length === 0)
    return [fits(following(when, says`Two ways out of every berth they sleep in.`), { brief: 'two each' })]
  return [...short.map(shortOf(when, night, ifHatchesOpen)), ...open]
}

const shortOf =
  (when: string, night: AssignedNight, ifHatchesOpen: ExitFacts['ifHatchesOpen']) =>
  ({ id, name, by, blocked, people }: Omit<BerthExits, 'people'> & { people: string[] }): Reason => {
    const place = lyingIn(night.placements.find(({ berth }) => berth.id === id)!.berth)
    const opened = ifHatchesOpen && storedFor(ifHatchesOpen, night)?.berths.find((one) => one.id === id)
    if (opened && opened.by.length > by.length)
      return measure(
        says`${when}${listed(people)}, ${place}: the cargo door is a way out only if it opens from inside. Check it.`,
        ['features.hatchLock'],
      )
    if (by.length === 0)
      return no(says`${when}${listed(people)}, ${place}: no way out is free at night.`, {
        brief: `no way out of the ${small(name)}`,
      })
    const only = blocked ? says`by ${by[0]!}; any other lies behind ${blocked} too` : says`by ${by[0]!}`
    return tight(says`${when}${listed(people)}, ${place}: only one way out at night, ${only}. Look for a second.`, {
      brief: `one way out of the ${small(name)}`,
    })
  }
