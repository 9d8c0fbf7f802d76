import { atMost } from '../../household/growth'
import { plainName } from '../../stowing/stowed'
import { livesInIt, riding, vehicleFigure, type Gear, type Household, type Person } from '../../household/household'
import type { RigRules } from './rules'

/** What rides where when this household leaves home. Pounds. */
export interface Load {
  /** Those who ride in the vehicle. */
  riders: number
  /** `atMost`: what the children whom nobody weighed are taken for together, and whose weights those are. */
  people: { known: number; unknown: string[]; atMost: number; children: string[] }
  pets: { known: number; unknown: string[] }
  gearInVehicle: number
  /** What rides in the trailer and has no size yet. */
  unsized: { id: string; name: string; pounds: number }[]
  /** What rides on racks, and what a rack of theirs weighs itself. */
  onRacks: Gear[]
  ownRack: number
  belongings: number
  /** The hitch itself, on the vehicle. */
  hitch: number
  freshShare: number
  /** Whether they can empty the waste tanks before they drive home. */
  dumpsFirst: boolean
  carriesFuel: boolean
  /** Things that nobody weighed: they count with the usual weight of their kind. */
  usualGear: string[]
}

/**
 * The household's own load. People and pets ride in the vehicle, belongings and camping kit in the
 * trailer. Guests come by themselves unless they ride along. Unknown weights are named, never taken as 0.
 */
export function loadOf(household: Household, rules: RigRules): Load {
  const people = riding(household)
  const { hookups, fresh, belongings, hitch } = household.trip
  const gear = (where: Gear['rides']) =>
    household.gear.filter(({ rides }) => rides === where).reduce((sum, { weight, count }) => sum + weight * count, 0)
  return {
    riders: people.length,
    people: ridersWeigh(people),
    pets: weighed(household.pets, 'pets'),
    gearInVehicle: gear('vehicle'),
    unsized: household.gear
      .filter(({ rides, size }) => rides === 'trailer' && !size)
      .map(({ id, name, weight, count }) => ({ id, name, pounds: weight * count })),
    onRacks: household.gear.filter(({ rides }) => rides === 'rack'),
    ownRack: rules.rack,
    belongings:
      belongings ??
      people.length * (livesInIt(household, rules) ? rules.belongingsLiving : rules.belongingsPerPerson) +
        rules.campingKit,
    hitch: hitch ?? rules.hitchHardware,
    freshShare: fresh ? SHARES[fresh] : hookups === 'none' ? rules.freshShareWithout : rules.freshShareWithHookups,
    dumpsFirst: hookups === 'full',
    carriesFuel: household.gear.some(({ fuel }) => fuel),
    usualGear: household.gear.filter(({ usualWeight }) => usualWeight).map(plainName),
  }
}

const SHARES: Record<NonNullable<Household['trip']['fresh']>, number> = { empty: 0, quarter: 0.25, half: 0.5, full: 1 }

/** Children whom nobody weighed are taken for the heaviest of their age; the grown are asked. */
function ridersWeigh(people: readonly Person[]): Load['people'] {
  const children = people.filter(
    ({ age, sex, weight }) => weight === undefined && atMost({ age, sex }, 'weight') !== undefined,
  )
  return {
    ...weighed(
      people.filter((one) => !children.includes(one)),
      'people',
    ),
    atMost: children.reduce((sum, one) => sum + atMost(one, 'weight')!, 0),
    children: children.map(({ id }) => `household.people.${id}.weight`),
  }
}

/** The load with the children whom nobody weighed as heavy as the heaviest of their age. */
export const heaviest = (load: Load): Load => ({
  ...load,
  people: { ...load.people, known: load.people.known + load.people.atMost },
})

function weighed(
  all: readonly { id: string; weight?: number }[],
  list: 'people' | 'pets',
): { known: number; unknown: string[] } {
  return {
    known: all.reduce((sum, { weight }) => sum + (weight ?? 0), 0),
    unknown: all.filter(({ weight }) => weight === undefined).map(({ id }) => `household.${list}.${id}.weight`),
  }
}

/** Which of the two figures on a receiver's label counts for them. */
const tongueKey = ({ trip: { spreads } }: Household): 'hitchTongue' | 'hitchTongueAlone' =>
  spreads === 'no' ? 'hitchTongueAlone' : 'hitchTongue'

export const ratingsOf = (household: Household) => ({
  towRating: vehicleFigure(household, 'towRating'),
  payload: vehicleFigure(household, 'payload'),
  gcwr: vehicleFigure(household, 'gcwr'),
  curbWeight: vehicleFigure(household, 'curbWeight'),
  /** On the ball alone where they tow so, else with a weight-distribution hitch: `receiverReason` asks which. */
  hitchTongue: vehicleFigure(household, tongueKey(household)),
  tongueKey: tongueKey(household),
  /** Whether they tow with a weight-distribution hitch; absent: nobody asked. */
  spreads: household.trip.spreads,
  hitchTongueAlone: vehicleFigure(household, 'hitchTongueAlone'),
  hitchTrailer: vehicleFigure(household, 'hitchTrailer'),
  seats: vehicleFigure(household, 'seats'),
  gvwr: vehicleFigure(household, 'gvwr'),
  gawrRear: vehicleFigure(household, 'gawrRear'),
  wheelbase: vehicleFigure(household, 'wheelbase'),
  ball: vehicleFigure(household, 'ball'),
})
export type VehicleRatings = ReturnType<typeof ratingsOf>
