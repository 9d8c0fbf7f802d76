import { OF_AGE } from './ofAge'
import { CM_PER_INCH, LB_PER_KG } from '../quantity/parse'
import { CDC_2000 } from './cdcGrowth'
import type { Household, Person } from './household'

type Measure = 'stature' | 'weight'
type Sex = NonNullable<Person['sex']>
type Centiles = readonly [p3: number, p50: number, p97: number]

/** The table's first age and last, and the step between its rows; years. */
const [FIRST, LAST, STEP] = [2, 20, 0.5]

const TABLE = Object.fromEntries(
  Object.entries(CDC_2000).map(([sex, measures]) => [
    sex,
    Object.fromEntries(
      Object.entries(measures).map(([measure, rows]) => [
        measure,
        rows
          .trim()
          .split('\n')
          .map((row) => row.trim().split(' ').map(Number) as unknown as Centiles),
      ]),
    ),
  ]),
) as Record<Sex, Record<Measure, Centiles[]>>

/**
 * The household as it will be: everyone so many years older, the children as tall and heavy as their place in
 * the table makes them.
 */
export const inYears = (household: Household, years: number): Household => ({
  ...household,
  people: household.people.map((person) => older(person, years)),
})

/**
 * A person in so many years. A child keeps the place between the 3rd, 50th and 97th centile that it has now
 * (linear between them and beyond); below two years, where the table is silent, it is taken to be in the
 * middle. Whose sex was not given grows like the one who ends up larger. From 20 on nobody grows. What was
 * not asked stays unknown. Inches and pounds. Source of the centiles: CDC growth charts, United States, 2000.
 */
export function older(person: Person, years: number): Person {
  const age = person.age + years
  const height =
    person.height === undefined ? undefined : grownTo(person, age, person.height * CM_PER_INCH, 'stature') / CM_PER_INCH
  const weight =
    person.weight === undefined ? undefined : grownTo(person, age, person.weight / LB_PER_KG, 'weight') * LB_PER_KG
  return { ...person, age, height, weight }
}

/**
 * The most that a child is taken to measure while nobody asked: the 97th centile of its age, of whichever sex is larger where
 * it was not given; under two years that of two. Inches or pounds, rounded up; undefined for the grown. Three in a hundred
 * are larger: whatever rests on it says so. Source: CDC growth charts, United States, 2000.
 */
export function atMost({ age, sex }: Pick<Person, 'age' | 'sex'>, measure: 'height' | 'weight'): number | undefined {
  if (age >= OF_AGE) return undefined
  const of = (one: Sex) => centiles(one, measure === 'height' ? 'stature' : 'weight', age)[2]
  const most = Math.max(...(sex ? [of(sex)] : [of('female'), of('male')]))
  return Math.ceil(measure === 'height' ? most / CM_PER_INCH : most * LB_PER_KG)
}

/** Centimeters or kilograms at a later age; never less than now. */
function grownTo({ age, sex }: Person, later: number, now: number, measure: Measure): number {
  if (age >= LAST) return now
  const of = (one: Sex) =>
    at(centiles(one, measure, later), age < FIRST ? 0 : placeOf(centiles(one, measure, age), now))
  return Math.max(now, ...(sex ? [of(sex)] : [of('female'), of('male')]))
}

/** 0 at the median, -1 at the 3rd centile, 1 at the 97th. */
function placeOf([p3, p50, p97]: Centiles, value: number): number {
  return value < p50 ? (value - p50) / (p50 - p3) : (value - p50) / (p97 - p50)
}

function at([p3, p50, p97]: Centiles, place: number): number {
  return place < 0 ? p50 + place * (p50 - p3) : p50 + place * (p97 - p50)
}

/** Centiles at any age, linear between the rows; at the ends the nearest row. */
export function centiles(sex: Sex, measure: Measure, age: number): Centiles {
  const rows = TABLE[sex][measure]
  const row = Math.max(0, Math.min(rows.length - 1, (age - FIRST) / STEP))
  const [below, above] = [rows[Math.floor(row)]!, rows[Math.ceil(row)]!]
  const share = row - Math.floor(row)
  return [0, 1, 2].map((i) => below[i]! + share * (above[i]! - below[i]!)) as unknown as Centiles
}
