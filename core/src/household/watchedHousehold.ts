import type { Readings } from '../readings/reading'
import type { Household, Person } from './household'
import { usualFigures, type Fields } from './told/field'
import { LIMIT_FIELDS } from './told/limitFields'
import { TRIP_FIELDS } from './told/tripFields'

/** What of a table may be doubted. */
const keysOf = (table: Fields): string[] => usualFigures(table).map(([key]) => key)

/**
 * The household as it is, telling the key of every figure of it that is looked at, as doubts and what answers rest on name them:
 * `household.people.ro.height`, `household.trip.belongings`, `household.gear.kayak.size.length`. Watched, not declared, so none can
 * be forgotten.
 */
export function watchedHousehold(household: Household, look: (key: string) => void): Household {
  const telling = <T extends object>(path: string, of: T, keys?: readonly string[]): T =>
    new Proxy(of, {
      get: (all, key) => {
        const value: unknown = Reflect.get(all, key)
        if (typeof key === 'string' && value !== undefined && (keys?.includes(key) ?? true)) look(`${path}.${key}`)
        return value
      },
    })
  const { people, vehicle, limits, trip, pets, gear } = household
  return {
    ...household,
    people: people.map((person): Person => telling(`household.people.${person.id}`, person, ['height', 'weight'])),
    vehicle: { ...vehicle, readings: telling<Readings>('household.vehicle', vehicle.readings) },
    limits: telling('household.limits', limits, keysOf(LIMIT_FIELDS)),
    trip: telling('household.trip', trip, keysOf(TRIP_FIELDS)),
    pets: pets.map((pet) => telling(`household.pets.${pet.id}`, pet, ['weight'])),
    gear: gear.map((one) => {
      const path = `household.gear.${one.id}`
      return telling(path, one.size ? { ...one, size: telling(`${path}.size`, one.size) } : one, ['weight'])
    }),
  }
}
