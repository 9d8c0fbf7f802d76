import { HOUSEHOLD_FORMAT, HOUSEHOLD_VERSION, type Household, type Person } from '../household/household'
import type { ReadingValue, Source } from '../readings/reading'

let count = 0

/** A person for tests: 40 years, 5 ft 8 in, 160 lb, unless said otherwise. Pass `undefined` for what was not asked. */
export function person(given: Partial<Person> = {}): Person {
  count += 1
  return { id: `p${count}`, name: `Person ${count}`, age: 40, height: 68, weight: 160, ...given }
}

/** Two who share a bed. */
export function couple(a: Partial<Person> = {}, b: Partial<Person> = {}): [Person, Person] {
  const [first, second] = [person(a), person(b)]
  return [
    { ...first, partner: second.id },
    { ...second, partner: first.id },
  ]
}

/** A household for tests: those people, a half-ton whose every rating was read off its label. */
export function household(people: Person[], given: Partial<Household> = {}): Household {
  return {
    format: HOUSEHOLD_FORMAT,
    version: HOUSEHOLD_VERSION,
    name: 'Test household',
    people,
    pets: [],
    vehicle: vehicle({ towRating: 9000, payload: 1700, gcwr: 15500, curbWeight: 5400, hitchTongue: 1000, length: 232 }),
    trip: { nights: 4, hookups: 'full', season: 'summer', spreads: 'yes' },
    limits: {},
    guestsCome: 'never',
    gear: [],
    stances: {},
    ...given,
  }
}

export const vehicle = (ratings: Record<string, ReadingValue>): Household['vehicle'] => ({
  name: 'Half-ton',
  readings: readings({ seats: 8, ...ratings }),
})

/** Plain values as readings of one source. */
export function readings(values: Record<string, ReadingValue>, source: Source = 'label') {
  return Object.fromEntries(Object.entries(values).map(([key, value]) => [key, [{ value, source }]]))
}
