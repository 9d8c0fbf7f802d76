import type { Camp } from './camp'
import type { Camping } from './camping'
import { dayOf, type Day } from './day'
import { habitsOf, sparing, type Habits } from './habits'
import { outAt } from './outAt'
import { rigOf, unreadFor, type End, type Resource, type Rig } from './rig'
import { nightsUntil } from './stayOut'

/** How long one resource lasts a household, whole nights; infinite: as long as was reckoned, and longer. */
export interface Lasting {
  resource: Resource
  /** Nights they want of it. */
  wanted: number
  /** As they live, with whatever nobody read as bad as it can be; and the hour after arrival at which it then ends. */
  nights: number
  hour?: number
  /** Where that is less than they want: with walls as good as they are built, with all that nobody read as good as it can be. */
  insulated: number
  most: number
  /** As they would live to make it last, at the least and at the most. */
  sparing: number
  sparingMost: number
  /** Readings between least and most; of insulation there is none that a tape takes. */
  unread: string[]
}

/** A stay is reckoned as far as they want, and this much farther; and not shorter than two weeks. */
const FARTHER = 7
const SHORTEST = 14

export const reckonedNights = ({ nights }: Pick<Camp, 'nights'>): number => Math.max(SHORTEST, nights) + FARTHER

/** What can run out where they camp, in the order of the trade: what the site gives does not. */
export function limited({ power, water, sewer }: Camp): Resource[] {
  return [
    ...(water ? [] : (['fresh'] as const)),
    ...(sewer ? [] : (['gray', 'black'] as const)),
    ...(power ? [] : (['battery'] as const)),
    'propane',
  ]
}

/** A battery is charged where it stands; all else waits for the next place to dump, fill and buy propane. */
export const wantedOf = (resource: Resource, { nights, between }: Pick<Camp, 'nights' | 'between'>): number =>
  resource === 'battery' ? nights : between

/** How long each resource lasts them. What is not in doubt is reckoned once. */
export function lasting({ facts, camp }: Camping): Lasting[] {
  const usual = habitsOf(camp)
  const days = new Map<string, { rig: Rig; day: Day }>()
  const living = (end: End, habits: Habits, shell: End) => {
    const key = `${end} ${shell} ${habits.heatTo} ${habits.washing}`
    const known = days.get(key)
    if (known) return known
    const rig = rigOf(facts, end, camp.rules, shell)
    const made = { rig, day: dayOf(rig, camp, habits) }
    days.set(key, made)
    return made
  }
  const reckoned = reckonedNights(camp)
  const hourOf = (resource: Resource, end: End, habits: Habits, shell: End = end) => {
    const { rig, day } = living(end, habits, shell)
    return outAt(resource, rig, camp, day, reckoned)
  }
  const unread = unreadFor(facts, camp)
  return limited(camp).map((resource): Lasting => {
    const wanted = wantedOf(resource, camp)
    const of = (end: End, habits: Habits, shell?: End) => nightsUntil(hourOf(resource, end, habits, shell))
    const hour = hourOf(resource, 'least', usual)
    const nights = nightsUntil(hour)
    const lasts = { resource, wanted, nights, hour, unread: unread[resource] }
    // Those who have enough need not spare, and hang on nothing that nobody read.
    if (nights >= wanted) return { ...lasts, insulated: nights, most: nights, sparing: nights, sparingMost: nights }
    const known = lasts.unread.length === 0
    const insulated = resource === 'battery' || resource === 'propane' ? of('least', usual, 'most') : nights
    return {
      ...lasts,
      insulated,
      most: known ? insulated : of('most', usual),
      sparing: of('least', sparing(camp)),
      sparingMost: of(known ? 'least' : 'most', sparing(camp), 'most'),
    }
  })
}
