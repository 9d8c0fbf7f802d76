import { atMost } from '../household/growth'
import { riding, type Household, type Person } from '../household/household'
import { STANCES, type StanceId } from '../household/stances'
import { listed, says, type Phrase } from '../quantity/phrase'
import { questionOf, type QuestionId } from '../questions/index'
import { VEHICLE_READS, type VehicleKey } from '../readings/vehicleReads'
import { figure } from '../readings/reading'
import type { HouseRules } from '../rules/houseRules'
import { judgeFor } from './judge'
import type { Candidate } from './match'

/** What to ask them next. */
export interface NextQuestion {
  /** Which field of the interview takes the answer, by its path; people by their place among them. */
  field: string
  asks: Phrase
  /** Of the units that are left, the fewest and the most that stay, as the answer turns out. */
  least: number
  most: number
}

/** A question that nobody has answered yet: what they could say, and what of the unit that touches. */
interface Open {
  field: string
  asks: Phrase
  touches: readonly QuestionId[]
  /** What they may well answer, each as often as the others unless it says how often. */
  answers: readonly { household: Household; weight?: number }[]
  /** A wish that no unit grants is no way to choose among them. */
  isWish?: boolean
}

/** A low and a high figure that people read off, in pounds or seats (common practice). */
const USUAL: Partial<Record<VehicleKey, readonly number[]>> = {
  payload: [1100, 1450, 1900],
  towRating: [4500, 6500, 9500],
  hitchTongue: [500, 750, 1100],
  seats: [5, 8],
}
/** Grown people, inches and pounds: about the 5th and the 95th centile of both sexes (ANSUR II, 2012, from memory). */
const GROWN = { height: [61, 74], weight: [120, 240] } as const
/** A child measures at least so much of what the largest of its age do. */
const OF_LARGEST = { height: 0.87, weight: 0.5 } as const
/** One in so many insists on a thing that was only mentioned (common practice). */
const INSISTS = 0.25
/** What one can insist on, and the question that hears of it. */
const INSISTED: Partial<Record<StanceId, QuestionId>> = {
  tub: 'bath',
  secondBath: 'bath',
  bunks: 'sleep',
  roadAccess: 'reach',
  outsideKitchen: 'galley',
  oven: 'galley',
  noSlide: 'wishes',
  secondDoor: 'wishes',
}

/**
 * The question whose answer divides what is left the most, found by trying: every unit that nothing speaks against is judged
 * with each answer they may well give; a unit that would stay with half of them is divided best, one that stays or goes
 * whatever they say not at all. Undefined where no open question divides anything. `left`: those units.
 */
export function nextQuestion(
  left: readonly Candidate[],
  household: Household,
  rules: HouseRules,
): NextQuestion | undefined {
  const tried = openQuestions(left, household).map((open) => ({ open, ...dividing(open, left, rules) }))
  const best = tried.reduce<(typeof tried)[number] | undefined>(
    (a, b) => (b.divides > (a?.divides ?? 0) ? b : a),
    undefined,
  )
  return best && { field: best.open.field, asks: best.open.asks, least: best.least, most: best.most }
}

/** For each unit the share of answers with which it stays; its spread, p (1 - p), summed over all of them. */
function dividing(
  { touches, answers, isWish }: Open,
  left: readonly Candidate[],
  rules: HouseRules,
): { divides: number; least: number; most: number } {
  const questions = touches.map(questionOf)
  const judges = answers.map(({ household }) => judgeFor(household, rules, questions))
  const weights = answers.map(({ weight }) => weight ?? 1 / answers.length)
  const stays = answers.map(() => 0)
  let divides = 0
  for (const { facts } of left) {
    let share = 0
    judges.forEach((judge, i) => {
      if (Object.values(judge(facts)).some(({ verdict }) => verdict === 'no')) return
      share += weights[i]!
      stays[i]! += 1
    })
    divides += share * (1 - share)
  }
  const [least, most] = [Math.min(...stays), Math.max(...stays)]
  return { divides: isWish && least === 0 ? 0 : divides, least, most }
}

function openQuestions(left: readonly Candidate[], household: Household): Open[] {
  return [
    ...ofVehicle(household),
    ...ofHitch(household),
    ...ofPeople(household, 'height'),
    ...ofPeople(household, 'weight'),
    ...ofLimits(left, household),
    ...ofWishes(household),
  ]
}

const WHERE: Partial<Record<VehicleKey, string>> = {
  towRating: 'in the owner’s manual',
  payload: 'on the yellow label in the driver’s door',
  hitchTongue: 'on the label of the receiver',
  seats: 'counted in the vehicle',
}

function ofVehicle(household: Household): Open[] {
  const { readings, unknown = [] } = household.vehicle
  const many = riding(household).length
  return (Object.entries(USUAL) as [VehicleKey, readonly number[]][])
    .filter(([key]) => figure(readings, key) === undefined && !unknown.includes(key) && (key !== 'seats' || many > 2))
    .map(([key, figures]) => ({
      field: `vehicle.ratings.${key}.value`,
      asks: says`Their ${VEHICLE_READS[key].label.toLowerCase()}, ${WHERE[key] ?? ''}`,
      touches: ['tow'],
      answers: figures.map((value) => ({
        household: {
          ...household,
          vehicle: { ...household.vehicle, readings: { ...readings, [key]: [{ value, source: 'label' as const }] } },
        },
      })),
    }))
}

function ofHitch(household: Household): Open[] {
  if (household.trip.spreads !== undefined) return []
  const tows = (spreads: 'yes' | 'no') => ({ household: { ...household, trip: { ...household.trip, spreads } } })
  return [
    {
      field: 'trip.spreads',
      asks: says`Whether they tow with a weight-distribution hitch`,
      touches: ['tow'],
      answers: [tows('yes'), tows('no')],
    },
  ]
}

/** All whose height, or weight, nobody asked: at the small end of what they may be, and at the large. */
function ofPeople(household: Household, measure: 'height' | 'weight'): Open[] {
  const open = household.people.filter((one) => one[measure] === undefined)
  if (open.length === 0) return []
  const range = (one: Person): readonly [number, number] => {
    const most = atMost(one, measure)
    return most === undefined ? GROWN[measure] : [Math.round(most * OF_LARGEST[measure]), most]
  }
  const all = (end: 0 | 1): { household: Household } => ({
    household: {
      ...household,
      people: household.people.map((one) => (open.includes(one) ? { ...one, [measure]: range(one)[end] } : one)),
    },
  })
  const first = household.people.indexOf(open[0]!)
  return [
    {
      field: `people.${first}.${measure}`,
      asks: says`How ${measure === 'height' ? 'tall' : 'heavy'} ${listed(open.map(({ name }) => name))} ${open.length > 1 ? 'are' : 'is'}`,
      touches: measure === 'height' ? ['sleep', 'bath', 'reach'] : ['sleep', 'tow', 'reach'],
      answers: [all(0), all(1)],
    },
  ]
}

/** Between the cheaper and the dearer half of what is left, and between its shorter and its longer half. */
function ofLimits(left: readonly Candidate[], household: Household): Open[] {
  const { budget, trailerLength } = household.limits
  const quarters = (values: (number | undefined)[]): number[] => {
    const known = values.flatMap((value) => value ?? []).sort((a, b) => a - b)
    return known.length < 2 ? [] : [0.25, 0.5, 0.75, 1].map((share) => known[Math.ceil(share * known.length) - 1]!)
  }
  const limited = (key: 'budget' | 'trailerLength', value: number) => ({
    household: { ...household, limits: { ...household.limits, [key]: value } },
  })
  const prices = budget === undefined ? quarters(left.map(({ facts }) => facts.price.asking)) : []
  const lengths = trailerLength === undefined ? quarters(left.map(({ facts }) => facts.park.overallLength)) : []
  const open = (key: 'budget' | 'trailerLength', asks: Phrase, values: number[]): Open => ({
    field: `limits.${key}`,
    asks,
    touches: [key === 'budget' ? 'price' : 'park'],
    answers: values.map((value) => limited(key, value)),
  })
  return [
    ...(prices.length ? [open('budget', says`What it may cost them`, prices)] : []),
    ...(lengths.length
      ? [open('trailerLength', says`How long a trailer their sites and their nerves take`, lengths)]
      : []),
  ]
}

function ofWishes(household: Household): Open[] {
  return (Object.entries(INSISTED) as [StanceId, QuestionId][])
    .filter(([id]) => household.stances[id] === undefined)
    .map(([id, question]) => ({
      field: `stances.${id}`,
      asks: says`Whether it must have ${STANCES[id].label.replace(/^./, (first) => first.toLowerCase())}`,
      touches: [question],
      isWish: true,
      answers: [
        { household, weight: 1 - INSISTS },
        { household: { ...household, stances: { ...household.stances, [id]: 'must' as const } }, weight: INSISTS },
      ],
    }))
}
