/**
 * A number that knows its unit. Inside core every length is in inches, weight in pounds, volume in
 * US gallons or cubic feet; the screen turns them into what the person chose.
 */
export const UNITS = {
  in: { one: 'in', many: 'in' },
  lb: { one: 'lb', many: 'lb' },
  gal: { one: 'gal', many: 'gal' },
  'sq ft': { one: 'sq ft', many: 'sq ft' },
  'cu ft': { one: 'cu ft', many: 'cu ft' },
  $: { one: 'dollar', many: 'dollars' },
  A: { one: 'A', many: 'A' },
  Ah: { one: 'Ah', many: 'Ah' },
  W: { one: 'W', many: 'W' },
  BTU: { one: 'BTU/h', many: 'BTU/h' },
  'gal/h': { one: 'gal/h', many: 'gal/h' },
  /** Degrees Fahrenheit, and the resistance of a wall to heat. */
  F: { one: '°F', many: '°F' },
  R: { one: 'R', many: 'R' },
  Wh: { one: 'Wh', many: 'Wh' },
  h: { one: 'hour', many: 'hours' },
  psi: { one: 'psi', many: 'psi' },
  deg: { one: 'degree', many: 'degrees' },
  min: { one: 'minute', many: 'minutes' },
  day: { one: 'day', many: 'days' },
  night: { one: 'night', many: 'nights' },
  person: { one: 'person', many: 'people' },
  berth: { one: 'berth', many: 'berths' },
  year: { one: 'year', many: 'years' },
  place: { one: 'place', many: 'places' },
  burner: { one: 'burner', many: 'burners' },
  bath: { one: 'bath', many: 'baths' },
  piece: { one: 'thing', many: 'things' },
} as const

export type Unit = keyof typeof UNITS

export interface Quantity {
  readonly value: number
  readonly unit: Unit
}

export const quantity = (value: number, unit: Unit): Quantity => ({ value, unit })
export const inches = (value: number): Quantity => quantity(value, 'in')
export const pounds = (value: number): Quantity => quantity(value, 'lb')
export const dollars = (value: number): Quantity => quantity(value, '$')
