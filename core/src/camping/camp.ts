import { pluggedIn, type Appliance } from './appliances'
import { climateOf } from '../household/climate'
import { usuallyThere, type Household, type Person } from '../household/household'
import type { Washing } from '../household/told/tripFields'
import type { CampingRules } from './rules'
import { seasonWeather, type SeasonWeather } from './weather'

/** How a household lives in it: who, how long, with what, and in which weather. */
export interface Camp {
  /** Those who are there on an ordinary trip. */
  people: number
  /** Of them, those under two. */
  infants: number
  cpaps: number
  /** Of them, those with their heated humidifier on. */
  humidifiers: number
  /** Those there when guests come too; as many as on an ordinary trip where none do. */
  withGuests: Pick<Camp, 'people' | 'infants'>
  /** What they plug into the trailer's outlets. */
  pluggedIn: Appliance[]
  nights: number
  /** Nights from one place to dump, fill and buy propane to the next. */
  between: number
  /** Nights at one place before they drive on, and the hours they then drive; absent: they stay where they are. */
  moves?: { every: number; hours: number }
  /** What a post at the site gives. */
  power: boolean
  water: boolean
  sewer: boolean
  washing: Washing
  /** Hours a day that a generator runs. */
  generator: number
  /** A panel they set up in the sun, W. */
  panel: number
  shade: 'none' | 'half' | 'deep'
  weather: SeasonWeather
  /** What they did not say and was taken as usual. */
  assumed: ('washing' | 'place')[]
  rules: CampingRules
}

export function campOf(household: Household, rules: CampingRules): Camp {
  const { trip } = household
  const there = usuallyThere(household)
  const place = climateOf(rules.climates, trip.place)
  return {
    ...counted(there),
    cpaps: there.filter(({ needs }) => needs?.some((need) => need === 'cpap' || need === 'cpap humidifier')).length,
    humidifiers: there.filter(({ needs }) => needs?.includes('cpap humidifier')).length,
    withGuests: counted(household.guestsCome === 'never' ? there : household.people),
    pluggedIn: pluggedIn(trip),
    nights: trip.nights,
    between: Math.min(trip.nights, trip.supplyEvery ?? trip.nights),
    ...(trip.movesEvery !== undefined && {
      moves: { every: trip.movesEvery, hours: trip.driveHours ?? rules.usualDrive },
    }),
    power: trip.hookups === 'full' || trip.hookups === 'electric',
    water: trip.hookups === 'full' || trip.hookups === 'water',
    sewer: trip.hookups === 'full',
    washing: trip.washing ?? USUAL_WASHING,
    generator: trip.generatorHours ?? 0,
    panel: trip.panelWatts ?? 0,
    shade: trip.shade ?? 'none',
    weather: seasonWeather(place ?? Object.values(rules.climates)[0]!, trip.season),
    assumed: [...(trip.washing ? [] : (['washing'] as const)), ...(place ? [] : (['place'] as const))],
    rules,
  }
}

/** Under this age a child is an infant here, years. */
const INFANT = 2
/** What an infant drinks, is washed with and gives off as warmth, as a share of somebody larger (common practice). */
const SHARE_OF_INFANT = 0.25

const counted = (there: readonly Person[]): Pick<Camp, 'people' | 'infants'> => ({
  people: there.length,
  infants: there.filter(({ age }) => age < INFANT).length,
})

/** As many larger people as they count for in water and warmth. */
export const asGrown = ({ people, infants }: Pick<Camp, 'people' | 'infants'>): number =>
  people - infants * (1 - SHARE_OF_INFANT)

const USUAL_WASHING: Washing = 'short showers'
