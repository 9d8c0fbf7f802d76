import { OF_AGE } from './ofAge'
import { listed, says, type Phrase } from '../quantity/phrase'
import { pounds, quantity } from '../quantity/quantity'
import { vehicleFigure, type Household, type Person } from './household'

const HOOKUP_WORDS = {
  full: 'full hookups',
  electric: 'electric hookup',
  water: 'water at the site',
  none: 'no hookups',
} as const

/** Who they are: `two adults, 9 and 6`. Guests behind a plus: `two adults + 9 and 7 as guests`. */
export function peopleText(household: Pick<Household, 'people'>): string {
  const guests = household.people.filter(({ guest }) => guest)
  const text = ages(household.people.filter(({ guest }) => !guest))
  return guests.length ? `${text} + ${ages(guests)} as guests` : text
}

/** The line under a household's name: who, what pulls, how they camp. */
export function householdSummary(household: Household): Phrase {
  const [tow, payload] = [vehicleFigure(household, 'towRating'), vehicleFigure(household, 'payload')]
  const { nights, hookups } = household.trip
  const pets = household.pets.length ? `, ${listed(household.pets.map(({ name }) => name))}` : ''
  const pulls = tow === undefined ? says`tow rating to be read` : says`pulls ${pounds(tow)}`
  const carries = payload === undefined ? says`payload to be read` : says`payload ${pounds(payload)}`
  return says`${peopleText(household)}${pets} · ${pulls}, ${carries} · ${quantity(nights, 'night')}, ${HOOKUP_WORDS[hookups]}`
}

function ages(people: readonly Person[]): string {
  const adults = people.filter(({ age }) => age >= OF_AGE).length
  const children = people
    .filter(({ age }) => age < OF_AGE)
    .map(({ age }) => age)
    .sort((a, b) => b - a)
  const grown = adults === 0 ? [] : [`${NUMBERS[adults] ?? adults} adult${adults === 1 ? '' : 's'}`]
  return [...grown, ...(children.length ? [listed(children.map(String))] : [])].join(', ')
}

const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight']
