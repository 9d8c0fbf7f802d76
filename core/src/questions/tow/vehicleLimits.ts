import { small } from '../../plan/naming'
import { says } from '../../quantity/phrase'
import { pounds, quantity } from '../../quantity/quantity'
import { fits, measure, no, note, type Reason } from '../reason'
import type { Racked } from '../../loading/racks'
import type { Tongue } from '../../loading/moments'
import type { TowEstimate } from './estimate'
import { heaviest, type Load, type VehicleRatings } from './load'
import { notSaferThan, rated, withTongue } from './rated'
import { gearOn, rearAxleReason } from './rearAxle'
import type { TowRules } from './rules'

interface Towed {
  load: Load
  ratings: VehicleRatings
  vehicle: string
  rules: TowRules
}

/**
 * Of a GVWR that is mostly the vehicle itself, weighed, a fifth of the usual reserve is as much as it is of its
 * payload.
 */
const OF_GVWR = 0.2

/**
 * The vehicle's limits. Payload carries the people, the pets, the hitch and the tongue. Children whom nobody weighed are taken
 * for the heaviest of their age; where with lighter ones it would come out otherwise, they are asked for.
 */
export function vehicleReasons(towed: Towed, estimate: TowEstimate): Reason[] {
  const { children } = towed.load.people
  const most = reasonsWith({ ...towed, load: heaviest(towed.load) }, estimate)
  if (children.length === 0) return most
  const least = reasonsWith(towed, estimate)
  const decide = says`That depends on what the ${children.length > 1 ? 'children weigh' : 'child weighs'}.`
  const settled = most.map((heavy, i): Reason => {
    const light = least[i]!
    if (heavy.verdict === light.verdict || heavy.verdict === 'fits') return heavy
    if (light.verdict === 'no') return light
    // Whoever grown was not weighed stays asked beside the children.
    return measure(says`${light.says} ${decide}`, [...(light.missing ?? []), ...children])
  })
  const taken = children.length > 1 ? 'the children are' : 'the child is'
  return [
    ...settled,
    note(
      says`Not weighed, ${taken} taken for the heaviest of ${children.length > 1 ? 'their' : 'its'} age (CDC growth charts, 97th centile).`,
    ),
  ]
}

function reasonsWith({ load, ratings, vehicle, rules }: Towed, estimate: TowEstimate): Reason[] {
  const { total: loaded, tongue } = estimate.leaving
  const { reserve } = rules
  const aboard = aboardOf(load, estimate.racked)
  const alone = ratings.tongueKey === 'hitchTongueAlone'
  const unweighed = [...load.people.unknown, ...load.pets.unknown]
  // What is asked of a rating is not all known while something was not weighed.
  const openTongue = estimate.open || tongue.missing.length > 0
  const openAboard = unweighed.length > 0
  const still = says`The weight of ${quantity(unweighed.length, 'person')} is still missing.`
  return [
    rated(
      {
        name: 'The tow rating',
        rating: ratings.towRating,
        asked: loaded,
        open: estimate.open,
        words: says`Loaded it weighs about ${pounds(loaded)}; the tow rating is`,
        rests: ['household.vehicle.towRating'],
      },
      reserve,
    ),
    withTongue(tongue, (onTongue) => {
      const carried = pounds(aboard + onTongue)
      const payload = {
        name: 'Payload',
        rating: ratings.payload,
        asked: aboard + onTongue,
        open: openAboard || openTongue,
        words: says`With people, hitch and tongue the ${small(vehicle)} carries about ${carried}; its payload is`,
        rests: ['household.vehicle.payload'],
      }
      return notSaferThan(rated(payload, reserve), unweighed, still)
    }),
    ...(ratings.gvwr === undefined || ratings.curbWeight === undefined
      ? []
      : [
          withTongue(tongue, (onTongue) => {
            const weighs = ratings.curbWeight! + aboard + onTongue
            const own = {
              name: 'The vehicle’s GVWR',
              rating: ratings.gvwr,
              asked: weighs,
              words: says`With people, hitch and tongue the ${small(vehicle)} weighs about ${pounds(weighs)}; its GVWR is`,
              rests: ['household.vehicle.gvwr', 'household.vehicle.curbWeight'],
            }
            return notSaferThan(rated(own, reserve * OF_GVWR), unweighed, still)
          }),
        ]),
    ...rearAxleReason(load, estimate.racked, ratings, tongue, rules.rearAxle).map((one) =>
      notSaferThan(one, unweighed, still),
    ),
    combined(ratings, aboard + loaded, reserve, openAboard || estimate.open, (given) =>
      notSaferThan(given, unweighed, still),
    ),
    receiverReason(ratings, tongue, openTongue, reserve),
    ...(alone ? [] : withoutBars(ratings.hitchTongueAlone, tongue)),
    ...(ratings.hitchTrailer === undefined
      ? []
      : [
          rated(
            {
              name: 'The receiver',
              rating: ratings.hitchTrailer,
              asked: loaded,
              words: says`Loaded about ${pounds(loaded)}, on a receiver rated`,
              rests: ['household.vehicle.hitchTrailer'],
            },
            reserve,
          ),
        ]),
    ...beltReason(load.riders, ratings.seats),
  ]
}

/** What rides in the vehicle, with the hitch on it, pounds. */
export const aboardOf = (load: Load, racks: Pick<Racked, 'tooLong'>): number =>
  load.people.known + load.pets.known + gearOn(load, racks) + load.hitch

function combined(
  { curbWeight, gcwr }: VehicleRatings,
  rest: number,
  reserve: number,
  open: boolean,
  sure: (given: Reason) => Reason,
) {
  if (curbWeight === undefined) {
    const missing = ['household.vehicle.curbWeight', ...(gcwr === undefined ? ['household.vehicle.gcwr'] : [])]
    return measure(says`The vehicle’s curb weight is not known, so GCWR cannot be checked.`, missing)
  }
  const rig = curbWeight + rest
  const words = says`Vehicle and trailer together weigh about ${pounds(rig)}; GCWR is`
  return sure(
    rated({ name: 'GCWR', rating: gcwr, asked: rig, open, words, rests: ['household.vehicle.gcwr'] }, reserve),
  )
}

/**
 * The tongue on the receiver: its label has a figure with a weight-distribution hitch and one without. Where nobody asked
 * how they tow, what holds either way holds; else that is asked.
 */
function receiverReason(ratings: VehicleRatings, tongue: Tongue, open: boolean, reserve: number): Reason {
  const on = (alone: boolean): Reason => {
    const key = alone ? 'hitchTongueAlone' : 'hitchTongue'
    return withTongue(tongue, (onTongue) =>
      rated(
        {
          name: alone ? 'What the receiver carries without a weight-distribution hitch' : 'What the receiver carries',
          rating: alone ? ratings.hitchTongueAlone : ratings.hitchTongue,
          asked: onTongue,
          open,
          words: alone
            ? says`About ${pounds(onTongue)} of tongue weight on a receiver that, without a weight-distribution hitch, carries`
            : says`About ${pounds(onTongue)} of tongue weight on a receiver that carries`,
          rests: [`household.vehicle.${key}`],
        },
        reserve,
      ),
    )
  }
  if (ratings.spreads !== undefined) return on(ratings.spreads === 'no')
  const [distributed, ball] = [on(false), on(true)]
  if (distributed.verdict === 'no' || distributed.verdict === 'measure') return distributed
  if (ball.verdict === distributed.verdict) return ball
  const without =
    ratings.hitchTongueAlone === undefined
      ? says`Without one, what the receiver carries isn't known`
      : says`Without one it carries ${pounds(ratings.hitchTongueAlone)}`
  return measure(says`${distributed.says} That is with a weight-distribution hitch. ${without}: ask how they tow.`, [
    'household.trip.spreads',
  ])
}

/** Most receivers carry less on their own than with a weight-distribution hitch: said where the label gives both. */
function withoutBars(alone: number | undefined, { least, most }: Tongue): Reason[] {
  if (alone === undefined) return []
  const rests = ['household.vehicle.hitchTongueAlone']
  const carries = says`Without a weight-distribution hitch the receiver carries ${pounds(alone)}`
  if (most <= alone) return [note(says`${carries}: enough for this tongue.`, { rests })]
  return [
    note(
      least > alone
        ? says`${carries}: this tongue asks for one, set up as its manual says.`
        : says`${carries}: whether this tongue asks for one, a scale tells.`,
      { rests },
    ),
  ]
}

/** Any vehicle has belts for two; of more they are counted. */
const BELTS_ANYWAY = 2

function beltReason(riders: number, seats: number | undefined): Reason[] {
  if (seats === undefined) {
    if (riders <= BELTS_ANYWAY) return []
    return [measure(says`Count the seats with belts: ${quantity(riders, 'person')} ride.`, ['household.vehicle.seats'])]
  }
  const rests = ['household.vehicle.seats']
  if (seats < riders)
    return [
      no(says`${riders} ride, and ${seats === 1 ? 'one seat has a belt' : `${seats} seats have belts`}.`, {
        brief: `${seats} belts for ${riders}`,
        rests,
      }),
    ]
  return [
    fits(says`${seats} seats with belts for ${riders === 1 ? 'the one who rides' : `the ${riders} who ride`}.`, {
      rests,
    }),
  ]
}
