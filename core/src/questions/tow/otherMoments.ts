import type { Moment } from '../../loading/moments'
import { gallonsOf, type TankKind } from '../../loading/facts'
import { small } from '../../plan/naming'
import { says, type Phrase } from '../../quantity/phrase'
import { pounds } from '../../quantity/quantity'
import { measure, note, tight, type Reason } from '../reason'
import type { TowEstimate } from './estimate'
import type { TowFacts } from './facts'
import type { Load, VehicleRatings } from './load'
import type { TowRules } from './rules'
import { percent } from './trailerLimits'
import { aboardOf } from './vehicleLimits'

interface Towed {
  load: Load
  ratings: VehicleRatings
  vehicle: string
  rules: TowRules
}

/** A moment besides that of leaving, as it is said, and what avoids it. */
interface Other {
  id: 'full' | 'home'
  /** Whether they come to it unless they do something: otherwise it is worth a word and no more. */
  theirs: boolean
  when: string
  remedy: string
}

const WASTE: readonly TankKind[] = ['gray-tank', 'galley-tank', 'black-tank']

/**
 * The limits once more with all the water it can carry, which whoever does not leave so need not take, and with full
 * waste tanks and the food gone, which is tight for those who cannot dump before they drive.
 */
export function otherMoments(facts: TowFacts, asked: Towed, estimate: TowEstimate): Reason[] {
  const { loading } = facts
  const full: Other = { id: 'full', theirs: false, when: 'With the fresh tank full', remedy: 'travel with less water' }
  const home: Other = {
    id: 'home',
    theirs: !asked.load.dumpsFirst,
    when: 'Going home with full gray and black tanks',
    remedy: 'dump before the road',
  }
  const others = [...(asked.load.freshShare < 1 && gallonsOf(loading, 'fresh-tank') ? [full] : []), home]
  return others.flatMap((other) => judged(other, facts, asked, estimate))
}

function judged({ id, theirs, when, remedy }: Other, facts: TowFacts, asked: Towed, estimate: TowEstimate): Reason[] {
  const moment = estimate[id]
  const missing = id === 'home' ? unknownWaste(facts) : []
  const broken = (words: Phrase, rests: string[]): Reason[] => [
    theirs ? tight(words, { brief: remedy, rests }) : note(words, { rests }),
  ]
  const unsure = (words: Phrase, unread: string[]): Reason[] => (theirs ? [measure(words, unread)] : [])
  const over = worst(limitsAt(facts, asked, estimate, moment, 'least'))
  if (over) return broken(says`${when}, ${over.says(over.by)}: ${remedy}.`, over.rests)
  const { tongueLeast, tongueMost } = asked.rules
  const { tongue, total } = moment
  const [least, most] = [tongue.least / total, tongue.most / total]
  const weighed = !tongue.missing.includes('readings.hitchWeight')
  const inside = leavesInside(estimate, asked.rules)
  if (weighed && inside && most < tongueLeast)
    return broken(says`${when}, ${shareOf(most)} on the hitch, less than 10 %: ${remedy}.`, RESTS)
  if (weighed && inside && least > tongueMost)
    return broken(says`${when}, ${shareOf(least)} on the hitch, more than 15 %: ${remedy}.`, RESTS)
  if (missing.length)
    return unsure(says`What its gray and black tanks hold is not all known, so the way home is not reckoned.`, missing)
  const mayBreak = worst(limitsAt(facts, asked, estimate, moment, 'most'))
  const mayLeave = weighed && inside && (least < tongueLeast || most > tongueMost)
  return tongue.missing.length && (mayBreak || mayLeave)
    ? unsure(
        says`${when}, it may break a limit: that depends on the tongue weight, which is not certain yet.`,
        tongue.missing,
      )
    : []
}

const RESTS = ['readings.axleCenter', 'readings.hitchWeight']

const shareOf = (share: number): Phrase => says`${percent(Math.max(0, share))} of it would be`

/** Whether as they leave it surely is inside 10-15 %: if not, that is said already. */
function leavesInside({ leaving: { total, tongue } }: TowEstimate, { tongueLeast, tongueMost }: TowRules): boolean {
  return tongue.least >= tongueLeast * total && tongue.most <= tongueMost * total
}

const unknownWaste = ({ loading }: TowFacts): string[] =>
  WASTE.filter(
    // A galley tank that nobody noted is a gray tank more than most have.
    (kind) => (kind !== 'galley-tank' || loading.tanks[kind]) && gallonsOf(loading, kind) === undefined,
  ).map((kind) => `equipment.${kind}.capacity`)

interface Over {
  /** By how many pounds it is over: `it weighs 40 lb more than its GVWR`. */
  says(by: number): Phrase
  by: number
  rests: string[]
}

/** Every rating that was read, what a moment asks of it, and what leaving asks. `tongue`: as light or as heavy as it may be. */
function limitsAt(
  facts: TowFacts,
  { load, ratings, vehicle }: Towed,
  { leaving }: TowEstimate,
  moment: Moment,
  tongue: 'least' | 'most',
): (Over & { rating: number })[] {
  const aboard = aboardOf(load)
  // What is heavy on the tongue is light on the axles.
  const axles = tongue === 'least' ? 'most' : 'least'
  const weighs = (more: string) => (by: number) => says`it weighs ${pounds(by)} more than ${more}`
  const limits: [
    words: (by: number) => Phrase,
    rating: number | undefined,
    asked: (at: Moment) => number,
    rests: string,
  ][] = [
    [weighs('its GVWR'), facts.gvwr, ({ total }) => total, 'readings.gvwr'],
    [
      (by) => says`${pounds(by)} more rest on its axles than they carry`,
      facts.axles,
      (at) => at.total - at.tongue[axles],
      'readings.axleRating',
    ],
    [
      (by) => says`${pounds(by)} more rest on its tires than they carry`,
      facts.tires,
      (at) => at.total - at.tongue[axles],
      'readings.tireRating',
    ],
    [weighs('its coupler is rated'), facts.coupler, ({ total }) => total, 'readings.couplerRating'],
    [weighs('the tow rating'), ratings.towRating, ({ total }) => total, 'household.vehicle.towRating'],
    [
      (by) => says`the ${small(vehicle)} carries ${pounds(by)} more than its payload`,
      ratings.payload,
      (at) => aboard + Math.max(0, at.tongue[tongue]),
      'household.vehicle.payload',
    ],
    [
      (by) => says`${pounds(by)} more bear on the receiver than it carries`,
      ratings.hitchTongue,
      (at) => at.tongue[tongue],
      'household.vehicle.hitchTongue',
    ],
    [weighs('the receiver is rated'), ratings.hitchTrailer, ({ total }) => total, 'household.vehicle.hitchTrailer'],
    [
      (by) => says`vehicle and trailer together weigh ${pounds(by)} more than GCWR`,
      ratings.gcwr !== undefined && ratings.curbWeight !== undefined ? ratings.gcwr - ratings.curbWeight : undefined,
      ({ total }) => aboard + total,
      'household.vehicle.gcwr',
    ],
  ]
  return limits.flatMap(([words, rating, asked, rests]) =>
    // What they break as they leave is said there.
    rating === undefined || asked(leaving) > rating
      ? []
      : [{ says: words, by: asked(moment) - rating, rating, rests: [rests] }],
  )
}

/** The one that is broken by the largest share of itself. */
function worst(limits: (Over & { rating: number })[]): Over | undefined {
  const broken = limits.filter(({ by }) => by > 0)
  return broken.length ? broken.reduce((a, b) => (b.by / b.rating > a.by / a.rating ? b : a)) : undefined
}
