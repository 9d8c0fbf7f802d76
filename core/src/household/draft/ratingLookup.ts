import { formatFeet } from '../../quantity/format'
import { VEHICLE_READS, type VehicleKey } from '../../readings/vehicleReads'
import type { HouseholdDraft } from './draft'

/** What a look-up says of a vehicle: figures of a list, which the vehicle’s own label outranks. Pounds, inches. */
export interface LookedUp {
  name: string
  /** What it is, beside its name: `small van`. */
  kind: string
  /** False: invented, to practise with. */
  real: boolean
  ratings: Partial<Record<VehicleKey, number>>
}

/** Looks a vehicle’s ratings up; the program ships with one that knows invented vehicles only. */
export interface RatingLookup {
  find(words: string): Promise<LookedUp[]>
}

/** Invented, one of every class that pulls: rated as such are (common practice), none of them to be had. */
export const PRACTICE_VEHICLES: readonly LookedUp[] = [
  practice('small van', {
    towRating: 3500,
    payload: 1250,
    gcwr: 8400,
    gvwr: 5900,
    curbWeight: 4650,
    seats: 7,
    length: 200,
  }),
  practice('mid-size SUV', {
    towRating: 5000,
    payload: 1300,
    gcwr: 10200,
    gvwr: 6000,
    curbWeight: 4600,
    hitchTongue: 500,
    seats: 7,
    length: 197,
  }),
  practice('mid-size pickup', {
    towRating: 6500,
    payload: 1400,
    gcwr: 11500,
    gvwr: 6000,
    curbWeight: 4500,
    hitchTongue: 650,
    seats: 5,
    length: 212,
  }),
  practice('full-size SUV', {
    towRating: 8000,
    payload: 1600,
    gcwr: 14500,
    gvwr: 7400,
    curbWeight: 5750,
    hitchTongue: 900,
    seats: 8,
    length: 225,
  }),
  practice('half-ton pickup', {
    towRating: 9200,
    payload: 1750,
    gcwr: 15300,
    gvwr: 7000,
    curbWeight: 5250,
    hitchTongue: 1000,
    seats: 6,
    length: 232,
  }),
  practice('half-ton pickup with the heavy package', {
    towRating: 11200,
    payload: 2300,
    gcwr: 17500,
    gvwr: 7600,
    curbWeight: 5300,
    hitchTongue: 1200,
    seats: 6,
    length: 232,
  }),
  practice('three-quarter-ton pickup', {
    towRating: 14500,
    payload: 3100,
    gcwr: 22500,
    gvwr: 9900,
    curbWeight: 6750,
    hitchTongue: 1500,
    seats: 6,
    length: 240,
  }),
  practice('one-ton pickup', {
    towRating: 18500,
    payload: 4300,
    gcwr: 28000,
    gvwr: 11600,
    curbWeight: 7250,
    hitchTongue: 2000,
    seats: 6,
    length: 250,
  }),
]

function practice(kind: string, ratings: LookedUp['ratings']): LookedUp {
  return { name: `Practice ${kind}`, kind, real: false, ratings }
}

/** Every word that is asked for is in the name, in any order; no word finds all. */
export const practiceLookup: RatingLookup = {
  find: (words) => {
    const wanted = words.toLowerCase().split(/\s+/).filter(Boolean)
    return Promise.resolve(
      PRACTICE_VEHICLES.filter(({ name }) => wanted.every((word) => name.toLowerCase().includes(word))),
    )
  },
}

/** The interview’s vehicle as it was looked up: what the list does not say is to be read, by a source below a label. */
export function vehicleDraft({ name, ratings }: LookedUp): HouseholdDraft['vehicle'] {
  return {
    name,
    ratings: Object.fromEntries(
      (Object.keys(VEHICLE_READS) as VehicleKey[]).map((key) => {
        const value = ratings[key]
        const text = value === undefined ? '' : key === 'length' ? formatFeet(value) : String(value)
        return [key, { value: text, source: 'sheet' as const }]
      }),
    ) as HouseholdDraft['vehicle']['ratings'],
  }
}
