import type { Household, Person } from '../../household/household'
import { couple, household, person, vehicle } from '../someone'

export const three = { towRating: 14000, payload: 2900, gcwr: 23000, curbWeight: 6900, hitchTongue: 1500, length: 250 }
export const half = { towRating: 9000, payload: 1700, gcwr: 15500, curbWeight: 5400, hitchTongue: 1000, length: 232 }
export const suv = { towRating: 5000, payload: 1200, gcwr: 10500, curbWeight: 4500, hitchTongue: 500, length: 198 }
export const pulls = (ratings: object, given: Partial<Household> = {}): Partial<Household> => ({
  vehicle: vehicle(ratings as never),
  ...given,
})
export const pair = (height = 70, other = 65) =>
  couple({ name: 'Ro', height, weight: 185, age: 40 }, { name: 'Mi', height: other, weight: 145, age: 38 })
export const child = (name: string, age: number, height: number, weight: number, given: Partial<Person> = {}) =>
  person({ name, age, height, weight, ...given })
export const four = [...pair(), child('Ta', 9, 53, 66), child('Jo', 7, 48, 52)]
export const of = (people: Person[], given: Partial<Household> = {}) => household(people, { ...pulls(three), ...given })
export const want = (stances: Household['stances'], people: Person[] = [...pair()]) => of(people, { stances })
export const gear = (
  name: string,
  size: [number, number, number],
  count: number,
  weight: number,
  given = {},
): Household['gear'][number] => ({
  id: name.toLowerCase().replaceAll(' ', '-'),
  name,
  count,
  weight,
  size: { length: size[0], width: size[1], height: size[2] },
  rides: 'trailer',
  ...given,
})
