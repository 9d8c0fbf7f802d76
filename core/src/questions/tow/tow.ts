import { pounds } from '../../quantity/quantity'
import { listed, says } from '../../quantity/phrase'
import { answerOf } from '../answer'
import type { Question } from '../question'
import { fits, measure, note, tight, type Reason } from '../reason'
import { gallonsOf } from '../../loading/facts'
import { estimateOf } from './estimate'
import { towFacts, type TowFacts } from './facts'
import { TOW_LIMITS, towHelping } from './helping'
import { loadOf, ratingsOf, type Load, type VehicleRatings } from './load'
import { openOfTow } from './open'
import { rackReasons } from './rackReasons'
import { rigRules, TOW_RULES, type RigRules } from './rules'
import { otherMoments } from './otherMoments'
import { hitchReason, trailerReasons } from './trailerLimits'
import { vehicleReasons } from './vehicleLimits'

export interface TowNeed {
  load: Load
  ratings: VehicleRatings
  vehicle: string
  rules: RigRules
}

/** Can they pull it: the loaded trailer, its tongue and the family in the vehicle against every rating; the lowest governs. */
export const tow: Question<'tow', TowFacts, TowNeed, typeof TOW_RULES> = {
  id: 'tow',
  words: {
    asks: 'Can they pull it?',
    short: 'Pull it',
    topic: 'towing',
    against: 'too much to pull',
    speaksFor: 'within every limit of trailer and vehicle',
    spare: 'at the closest',
    shownAt: 'hitch',
    tryIt: 'Read the label on the door of their vehicle together.',
  },
  version: 7,
  rules: TOW_RULES,
  factRules: [],
  weight: 4,
  living: false,
  drawing: [],
  cautions: ['ratings', 'fuel'],
  helping: towHelping,
  limits: TOW_LIMITS,
  open: openOfTow,
  facts: towFacts,
  need: (household, tow, below) => ({
    load: loadOf(household, rigRules({ ...below, tow })),
    ratings: ratingsOf(household),
    vehicle: household.vehicle.name,
    rules: rigRules({ ...below, tow }),
  }),
  judge: ({ facts, need, shared: { stowing } }) => {
    if (!isWeighed(facts)) {
      return answerOf(
        [measure(says`The dry weight is not known; nothing can be said before the label is read.`, ['readings.uvw'])],
        ['ratings'],
      )
    }
    const estimate = estimateOf(facts, need, stowing)
    return answerOf(
      [
        ...trailerReasons(facts, need.rules, estimate),
        ...hitchReason(need.rules, estimate),
        ...rackReasons(estimate.racked, need.rules.reserve),
        ...vehicleReasons(need, estimate),
        ...otherMoments(facts, need, estimate),
        ...ballReason(facts, need),
        assumed(facts, need),
      ],
      ['ratings', ...(need.load.carriesFuel ? (['fuel'] as const) : [])],
    )
  },
}

const isWeighed = (facts: TowFacts): facts is TowFacts & { uvw: number } => facts.uvw !== undefined

/** What is taken for granted in the sum, each with its figure, so that it can be set right for this household. */
function assumed({ loading }: TowFacts, { load: { belongings, hitch, freshShare, usualGear } }: TowNeed): Reason {
  const water =
    gallonsOf(loading, 'fresh-tank') === undefined ? '' : says`, the fresh tank ${FULLNESS[freshShare] ?? 'part full'}`
  const carried = says`${pounds(belongings)} of clothes, food and camp kit, ${pounds(hitch)} of hitch on the vehicle`
  const middle = says`What has no place of its own is taken at the middle of the floor.`
  const usual = usualGear.length ? says` Nobody weighed the ${listed(usualGear)}: the usual weight is in the sum.` : ''
  return note(says`Reckoned with ${carried}${water}. ${middle}${usual}`)
}

const FULLNESS: Record<number, string> = { 0: 'empty', 0.25: 'a quarter full', 0.5: 'half full', 1: 'full' }

/** Ball sizes are stamped in fractions: what is nearer than this is the same, inches. */
const SAME_BALL = 0.05

/** A ball that is too small lets go of the coupler, one too large does not go in. */
function ballReason({ ball: coupler }: TowFacts, { ratings: { ball } }: TowNeed): Reason[] {
  if (coupler === undefined || ball === undefined) return []
  const rests = ['readings.couplerBall', 'household.vehicle.ball']
  if (Math.abs(coupler - ball) < SAME_BALL) return [fits(says`Their ball is the size its coupler takes.`, { rests })]
  const sizes = says`Its coupler takes a ball of ${ballSize(coupler)}, and theirs is ${ballSize(ball)}`
  const words = says`${sizes}: change the ball, never pull with the wrong one.`
  return [tight(words, { brief: 'another ball', rests })]
}

/** As it is stamped: `2 5/16 in`. */
const ballSize = (inches: number): string =>
  Math.abs(inches - 2.3125) < SAME_BALL
    ? '2 5/16 in'
    : Math.abs(inches - 1.875) < SAME_BALL
      ? '1 7/8 in'
      : `${inches} in`
