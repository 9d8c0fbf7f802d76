import type { Household } from '../household/household'
import { feet, says, type Phrase } from '../quantity/phrase'
import { dollars, pounds, quantity } from '../quantity/quantity'
import type { VehicleKey } from '../readings/vehicleReads'
import { figure } from '../readings/reading'
import type { HouseRules } from '../rules/houseRules'
import { plainName } from '../stowing/stowed'

/** Something a household could do or allow. `id` is equal for equal changes. */
export interface Change {
  id: string
  size: number
  /** After `if`: `if the two youngest share`. */
  says: Phrase
  change(setting: Setting): Setting
}

/** Who asks, by which rules, and who of them sleeps in a tent. */
export interface Setting {
  household: Household
  rules: HouseRules
  tents: readonly string[]
}

export function moreBudget({ limits }: Household, amount: number, size: number): Change {
  const budget = Math.ceil(((limits.budget ?? 0) + amount) / 100) * 100
  const more = budget - (limits.budget ?? 0)
  return {
    id: `budget:${budget}`,
    size,
    says: says`they spend ${dollars(more)} more`,
    change: (now) => ({ ...now, household: { ...now.household, limits: { ...now.household.limits, budget } } }),
  }
}

export function longerAllowed(
  { limits }: Household,
  key: 'trailerLength' | 'rigLength',
  amount: number,
  size: number,
): Change {
  const longest = (limits[key] ?? 0) + amount
  return {
    id: `${key}:${longest}`,
    size,
    says:
      key === 'trailerLength' ? says`${feet(longest)} of trailer is allowed` : says`${feet(longest)} of rig is allowed`,
    change: (now) => ({ ...now, household: { ...now.household, limits: { ...now.household.limits, [key]: longest } } }),
  }
}

const RATING_WORDS: Partial<Record<VehicleKey, string>> = {
  towRating: 'a tow rating of',
  payload: 'a payload of',
  gcwr: 'a GCWR of',
  gvwr: 'a GVWR of',
  hitchTongue: 'a receiver that carries',
  hitchTrailer: 'a receiver rated',
}

/** Another vehicle, or another receiver on theirs; in steps of ten pounds, as labels are. */
export function higherRating(household: Household, key: VehicleKey, amount: number, size: number): Change {
  const value = Math.ceil(((figure(household.vehicle.readings, key) ?? 0) + amount) / 10) * 10
  return {
    id: `${key}:${value}`,
    size,
    says: says`they had ${RATING_WORDS[key] ?? key} ${pounds(value)}`,
    change: (now) => {
      const { vehicle } = now.household
      const readings = { ...vehicle.readings, [key]: [{ value, source: 'label' as const, confirmed: true }] }
      return { ...now, household: { ...now.household, vehicle: { ...vehicle, readings } } }
    },
  }
}

/** They come by a place to dump, fill and buy propane more often. */
export const suppliedEvery = (nights: number, size: number): Change => ({
  id: `supply:${nights}`,
  size,
  says: says`they dump and fill every ${quantity(nights, 'night')}`,
  change: (now) => ({
    ...now,
    household: { ...now.household, trip: { ...now.household.trip, supplyEvery: nights } },
  }),
})

export const moreGenerator = ({ trip }: Household, hours: number, size: number): Change => ({
  id: `generator:${hours}`,
  size,
  says: says`a generator runs ${quantity((trip.generatorHours ?? 0) + hours, 'h')} a day`,
  change: (now) => ({
    ...now,
    household: {
      ...now.household,
      trip: { ...now.household.trip, generatorHours: (now.household.trip.generatorHours ?? 0) + hours },
    },
  }),
})

export const shared = (a: { id: string; name: string }, b: { id: string; name: string }, size: number): Change => ({
  id: `share:${[a.id, b.id].sort().join('+')}`,
  size,
  says: says`${a.name} and ${b.name} share a bed`,
  change: (now) => ({
    ...now,
    household: {
      ...now.household,
      people: now.household.people.map((one) =>
        one.id === a.id || one.id === b.id
          ? { ...one, sharesWith: [...(one.sharesWith ?? []), one.id === a.id ? b.id : a.id] }
          : one,
      ),
    },
  }),
})

export const inTent = ({ id, name }: { id: string; name: string }, size: number): Change => ({
  id: `tent:${id}`,
  size,
  says: says`${name} sleeps in a tent`,
  change: (now) => ({ ...now, tents: [...now.tents, id] }),
})

export const leftAtHome = (gear: Household['gear'][number], size: number): Change => ({
  id: `leave:${gear.id}`,
  size,
  says: says`the ${plainName(gear)} ${gear.count > 1 ? 'stay' : 'stays'} home`,
  change: (now) => ({
    ...now,
    household: { ...now.household, gear: now.household.gear.filter(({ id }) => id !== gear.id) },
  }),
})

export const dryTank = (size: number): Change => ({
  id: 'dry tank',
  size,
  says: says`they travel with the fresh tank empty`,
  change: (now) => ({
    ...now,
    household: { ...now.household, trip: { ...now.household.trip, fresh: 'empty' } },
  }),
})
