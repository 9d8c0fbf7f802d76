import { small } from '../../plan/naming'
import { says } from '../../quantity/phrase'
import { pounds, quantity } from '../../quantity/quantity'
import { fits, measure, no, note, type Reason } from '../reason'
import type { Racked } from '../../loading/racks'
import type { Tongue } from '../../loading/moments'
import type { TowEstimate } from './estimate'
import { heaviest, type Load, type VehicleRatings } from './load'
import { atLeast, exactly, onHitch, together, type Asked } from './asked'
import { rated } from './rated'
import { gearOn, rearAxleReason } from './rearAxle'
import type { TowRules } from './rules'

interface Towed {
  load: Load
  ratings: VehicleRatings
  vehicle: string
  rules: TowRules
}

/**
 * The vehicle's limits. Payload carries the people, the pets, the hitch and the tongue. Children whom nobody weighed count
 * from nothing to the heaviest of their age; the grown and the pets are asked before anything fits.
 */
export function vehicleReasons({ load, ratings, vehicle, rules }: Towed, estimate: TowEstimate): Reason[] {
  const { total: loaded, tongue } = estimate.leaving
  const { reserve } = rules
  const { children } = load.people
  const trailer = exactly(loaded, estimate.open)
  const aboard = aboardAsked(load, estimate.racked)
  const hitch = onHitch(tongue)
  const own = { ...together(aboard, hitch), ...(estimate.open && { partial: true }) }
  return [
    rated(
      {
        name: 'The tow rating',
        rating: ratings.towRating,
        asked: trailer,
        words: (amount) => says`Loaded it weighs ${amount}; the tow rating is`,
        rests: ['household.vehicle.towRating'],
      },
      reserve,
    ),
    rated(
      {
        name: 'Payload',
        rating: ratings.payload,
        asked: own,
        words: (amount) => says`With people, hitch and tongue the ${small(vehicle)} carries ${amount}; its payload is`,
        rests: ['household.vehicle.payload'],
      },
      reserve,
    ),
    ...(ratings.gvwr === undefined || ratings.curbWeight === undefined
      ? []
      : [
          rated(
            {
              name: 'The vehicle’s GVWR',
              rating: ratings.gvwr,
              asked: together(exactly(ratings.curbWeight), own),
              words: (amount) =>
                says`With people, hitch and tongue the ${small(vehicle)} weighs ${amount}; its GVWR is`,
              rests: ['household.vehicle.gvwr', 'household.vehicle.curbWeight'],
            },
            reserve * rules.gvwrReserve,
          ),
        ]),
    ...rearAxleReasons({ load, ratings, vehicle, rules }, estimate, aboard),
    combined(ratings, together(aboard, trailer), reserve),
    receiverReason(ratings, { ...hitch, ...(estimate.open && { partial: true }) }, reserve),
    ...(ratings.tongueKey === 'hitchTongueAlone' ? [] : withoutBars(ratings.hitchTongueAlone, tongue)),
    ...(ratings.hitchTrailer === undefined
      ? []
      : [
          rated(
            {
              name: 'The receiver',
              rating: ratings.hitchTrailer,
              asked: trailer,
              words: (amount) => says`Loaded ${amount}, on a receiver rated`,
              rests: ['household.vehicle.hitchTrailer'],
            },
            reserve,
          ),
        ]),
    ...beltReason(load.riders, ratings.seats),
    ...(children.length
      ? [
          note(
            children.length > 1
              ? says`Children who haven't been weighed count up to the heaviest of their ages (CDC growth charts, 97th centile).`
              : says`A child who hasn't been weighed counts up to the heaviest of that age (CDC growth charts, 97th centile).`,
          ),
        ]
      : []),
  ]
}

/** What rides in the vehicle, with the hitch on it: children whom nobody weighed between nothing and the heaviest of their age. */
function aboardAsked(load: Load, racks: Pick<Racked, 'tooLong'>): Asked {
  const { people, pets } = load
  const many = people.children.length > 1 ? 'the children' : 'the child'
  return together(
    exactly(aboardOf(load, racks)),
    {
      least: 0,
      most: people.atMost,
      open: people.children,
      todo: people.children.length ? [`weigh or ask ${many}`] : [],
    },
    atLeast(0, people.unknown, `ask what ${people.unknown.length > 1 ? 'everyone weighs' : 'they weigh'}`),
    atLeast(0, pets.unknown, `ask what ${pets.unknown.length > 1 ? 'the pets weigh' : 'the pet weighs'}`),
  )
}

/** What already fails fails; with weights unknown nothing else is certain. */
function rearAxleReasons(
  { load, ratings, rules }: Towed,
  { racked, leaving: { tongue } }: TowEstimate,
  { open }: Asked,
): Reason[] {
  const [light] = rearAxleReason(load, racked, ratings, tongue, rules.rearAxle)
  const [heavy] = rearAxleReason(heaviest(load), racked, ratings, tongue, rules.rearAxle)
  if (!light || !heavy) return []
  const endless = load.people.unknown.length + load.pets.unknown.length > 0
  if (light.verdict === 'no' || (light.verdict === heavy.verdict && !endless)) return [heavy]
  return [measure(says`${heavy.says} Ask what they all weigh.`, open)]
}

/** What rides in the vehicle, with the hitch on it, pounds. */
export const aboardOf = (load: Load, racks: Pick<Racked, 'tooLong'>): number =>
  load.people.known + load.pets.known + gearOn(load, racks) + load.hitch

function combined({ curbWeight, gcwr }: VehicleRatings, rest: Asked, reserve: number): Reason {
  if (curbWeight === undefined) {
    const missing = ['household.vehicle.curbWeight', ...(gcwr === undefined ? ['household.vehicle.gcwr'] : [])]
    return measure(says`The vehicle’s curb weight is not known, so GCWR cannot be checked.`, missing)
  }
  return rated(
    {
      name: 'GCWR',
      rating: gcwr,
      asked: together(exactly(curbWeight), rest),
      words: (amount) => says`Vehicle and trailer together weigh ${amount}; GCWR is`,
      rests: ['household.vehicle.gcwr'],
    },
    reserve,
  )
}

/**
 * The tongue on the receiver: its label has a figure with a weight-distribution hitch and one without. Where nobody asked
 * how they tow, what holds either way holds; else that is asked.
 */
function receiverReason(ratings: VehicleRatings, hitch: Asked, reserve: number): Reason {
  const on = (alone: boolean): Reason =>
    rated(
      {
        name: alone ? 'What the receiver carries without a weight-distribution hitch' : 'What the receiver carries',
        rating: alone ? ratings.hitchTongueAlone : ratings.hitchTongue,
        asked: hitch,
        words: (amount) =>
          alone
            ? says`${amount} of tongue weight on a receiver that, without a weight-distribution hitch, carries`
            : says`${amount} of tongue weight on a receiver that carries`,
        rests: [`household.vehicle.${alone ? 'hitchTongueAlone' : 'hitchTongue'}`],
      },
      reserve,
    )
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

/** Any vehicle has belts for two; of more they are counted. Never a rule: no vehicle that tows has fewer. */
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
