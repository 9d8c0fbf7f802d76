import type { VehicleKey } from '../readings/vehicleReads'
import { figure, type Readings } from '../readings/reading'
import type { FeatureWish } from './wishes/featureWishes'
import type { Stance, StanceId } from './wishes/stances'
import type { GEAR_FIELDS, PET_FIELDS, SIZE_FIELDS } from './told/alongFields'
import type { LIMIT_FIELDS } from './told/limitFields'
import type { PERSON_FIELDS } from './told/personFields'
import type { DocumentOf } from './told/shapes'
import type { TRIP_FIELDS } from './told/tripFields'

export const HOUSEHOLD_FORMAT = 'hitchet/household'
export const HOUSEHOLD_VERSION = 2

/** Who comes to the lot, as written in `household.json`: people, what pulls, what comes along, what they want. */
export interface Household {
  format: typeof HOUSEHOLD_FORMAT
  version: typeof HOUSEHOLD_VERSION
  name: string
  people: Person[]
  pets: Pet[]
  vehicle: Vehicle
  trip: Trip
  limits: Limits
  guestsCome: GuestRhythm
  gear: Gear[]
  stances: Partial<Record<StanceId, Stance>>
  /** What they would like or rather not have besides, of all that is told on a lot. */
  wishes?: FeatureWish[]
  /** Figures besides those of people and vehicle that are out of the ordinary, were questioned, and are so. */
  sure?: SureFigure[]
  notes?: string
}

/** Which figure (`gear.kayak.weight`), and as which value: another one is questioned again. */
export interface SureFigure {
  figure: string
  value: number
}

export const NEEDS = [
  'cpap',
  'cpap humidifier',
  'night trips',
  'own room',
  'crib',
  'dog on the bed',
  'work place',
  'wheelchair',
] as const
export interface Person extends DocumentOf<typeof PERSON_FIELDS> {
  id: string
  name: string
  /** Id of the one they share a bed with. Written on both. */
  partner?: string
  /** Ids of those they may share a bed with if it helps. It counts when both say so. */
  sharesWith?: string[]
  /** Ids of those they never lie beside. One of them saying so is enough. */
  neverBeside?: string[]
  /** What is out of the ordinary, was questioned, and is so. */
  sure?: ('height' | 'weight')[]
  needs?: (typeof NEEDS)[number][]
}

export interface Pet extends DocumentOf<typeof PET_FIELDS> {
  id: string
  name: string
  crate?: Size
}

export interface Vehicle {
  name: string
  readings: Readings
  /** Ratings that were asked, and that they did not know. */
  unknown?: VehicleKey[]
}

export type Trip = DocumentOf<typeof TRIP_FIELDS>
export type Limits = DocumentOf<typeof LIMIT_FIELDS>
/** Inches. */
export type Size = DocumentOf<typeof SIZE_FIELDS>

export const GUEST_RHYTHMS = ['never', 'a few times a year', 'monthly', 'most trips'] as const
export type GuestRhythm = (typeof GUEST_RHYTHMS)[number]

/** Something that comes along, each of it. Inches and pounds. */
export interface Gear extends DocumentOf<typeof GEAR_FIELDS> {
  id: string
  name: string
  size?: Size
  /** False: it stands on the floor alone, with nothing on it. */
  stacks?: boolean
  /** Nobody weighed it: the weight is the usual one of its kind. */
  usualWeight?: boolean
  /** Id of the person whose it is; absent: everybody's. */
  owner?: string
}

/** A rating of the tow vehicle, or undefined when nobody read it. */
export const vehicleFigure = (household: Household, key: VehicleKey): number | undefined =>
  figure(household.vehicle.readings, key)

/** Those who sleep in it every night. */
export const everyNight = (household: Household): Person[] => household.people.filter((person) => !person.guest)

/** How often guests come. Guests who are noted while it stands at never: nobody asked yet. */
export const guestRhythm = ({ people, guestsCome }: Pick<Household, 'people' | 'guestsCome'>) =>
  guestsCome === 'never' && people.some(({ guest }) => guest) ? ('not asked' as const) : guestsCome

/** Those who are there on an ordinary trip: the household, and guests who come along on most of them. */
export function usuallyThere(household: Household): Person[] {
  const { people, guestsCome } = household
  const there = guestsCome === 'most trips' ? people.filter(({ seldom }) => !seldom) : everyNight(household)
  return there.length ? there : people
}

/** Whether it is their home, from so many nights on: what is put up with for a week isn't then. */
export const livesInIt = ({ trip }: Pick<Household, 'trip'>, { livesFrom }: { livesFrom: number }): boolean =>
  trip.nights >= livesFrom

/** Those who ride in the tow vehicle: the household, and the guests who come along in it. */
export const riding = ({ people }: Household): Person[] => people.filter(({ guest, rides }) => !guest || rides)

/** Couples, each once, as pairs of ids. */
export function couples(people: readonly Pick<Person, 'id' | 'partner'>[]): [string, string][] {
  return people.flatMap((person) => {
    const other = people.find(({ id }) => id === person.partner)
    return other && person.id < other.id ? [[person.id, other.id] as [string, string]] : []
  })
}
