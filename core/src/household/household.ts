import type { VehicleKey } from '../readings/vehicleReads'
import { figure, type Readings } from '../readings/reading'
import type { FeatureWish } from './featureWishes'
import type { Stance, StanceId } from './stances'
import type { Washing } from './washing'

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
export const SEXES = ['female', 'male'] as const

export interface Person {
  id: string
  name: string
  /** Years. */
  age: number
  /** Inches; absent: to be asked. */
  height?: number
  /** Pounds; absent: to be asked. */
  weight?: number
  sex?: (typeof SEXES)[number]
  /** Id of the one they share a bed with. Written on both. */
  partner?: string
  /** Ids of those they may share a bed with if it helps. It counts when both say so. */
  sharesWith?: string[]
  /** Ids of those they never lie beside. One of them saying so is enough. */
  neverBeside?: string[]
  /** What is out of the ordinary, was questioned, and is so. */
  sure?: ('height' | 'weight')[]
  /** Absent: climbs a bunk ladder like anyone. */
  climbs?: boolean
  needs?: (typeof NEEDS)[number][]
  /** A guest is there on guest nights only. */
  guest?: boolean
  /** A guest who rides in the tow vehicle; others come by themselves. */
  rides?: boolean
  /** A guest who comes only when everybody does. */
  seldom?: boolean
}

export interface Pet {
  id: string
  name: string
  kind: 'dog' | 'cat' | 'other'
  weight?: number
  crate?: { length: number; width: number; height: number }
}

export interface Vehicle {
  name: string
  readings: Readings
  /** Ratings that were asked, and that they did not know. */
  unknown?: VehicleKey[]
}

/** Water and power and drain, power alone, water alone, none. */
export const HOOKUPS = ['full', 'electric', 'water', 'none'] as const
export const SEASONS = ['summer', 'spring to fall', 'winter'] as const
export const SHADES = ['none', 'half', 'deep'] as const
export const FRESH = ['empty', 'quarter', 'half', 'full'] as const
export const PLUGGED = ['coffee maker', 'coffee maker and hair dryer'] as const
/** With a weight-distribution hitch, or on the ball alone. */
export const SPREADS = ['yes', 'no'] as const
export interface Trip {
  nights: number
  hookups: (typeof HOOKUPS)[number]
  season: (typeof SEASONS)[number]
  /** How full the fresh tank is on the road; absent: as usual for their hookups. */
  fresh?: (typeof FRESH)[number]
  /** Clothes, food, dishes and camp kit in the trailer, all together, and the hitch itself, pounds; absent: as usual. */
  belongings?: number
  hitch?: number
  /** Nights from one place to dump, fill and buy propane to the next; absent: none on the way. */
  supplyEvery?: number
  /** How they wash; absent: short showers. */
  washing?: Washing
  /** The kind of country they camp in, by its id in the table of climates; absent: the first of them. */
  place?: string
  /** Over the roof by day; absent: none. */
  shade?: (typeof SHADES)[number]
  /** A panel of their own that stands in the sun, watts. */
  panelWatts?: number
  /** Hours a day that their generator runs. */
  generatorHours?: number
  /** Nights from one place to the next, where they drive on; absent: they stay where they are. */
  movesEvery?: number
  /** Hours they drive on such a day; absent: as usual. */
  driveHours?: number
  /** Whether they tow with a weight-distribution hitch; absent: not asked. */
  spreads?: (typeof SPREADS)[number]
  /** What they plug into the trailer's outlets where no post gives power; absent: nothing. */
  plugsIn?: (typeof PLUGGED)[number]
}

/** What it may cost and how long it may be. An absent limit does not limit. */
export interface Limits {
  budget?: number
  /** Coupler to bumper. */
  trailerLength?: number
  /** Tow vehicle and trailer together, as sites count it. */
  rigLength?: number
}

export const GUEST_RHYTHMS = ['never', 'a few times a year', 'monthly', 'most trips'] as const
export type GuestRhythm = (typeof GUEST_RHYTHMS)[number]

export const RIDES = ['trailer', 'vehicle', 'rack'] as const

/** Something that comes along. Inches and pounds, each. */
export interface Gear {
  id: string
  name: string
  count: number
  weight: number
  size?: { length: number; width: number; height: number }
  /** In the trailer, in the tow vehicle, or on a rack behind the trailer. */
  rides: (typeof RIDES)[number]
  /** Fuel never rides inside. */
  fuel?: boolean
  /** Absent: any way up. */
  turns?: 'any' | 'upright' | 'never'
  /** False: it stands on the floor alone, with nothing on it. */
  stacks?: boolean
  /** Nothing goes on top of it. */
  fragile?: boolean
  /** Inside the trailer, outside it, or wherever it stays dry. */
  keep?: 'inside' | 'outside' | 'dry'
  /** Wanted first when they arrive, or while they drive. */
  first?: 'camp' | 'road'
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
