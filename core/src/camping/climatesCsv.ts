import Papa from 'papaparse'
import { error, type Flaw } from '../flaws/flaw'
import type { Climate, Climates, Months } from '../household/climate'

const COLUMNS = ['id', 'name', 'where', 'latitude', 'month', 'low', 'high', 'sun'] as const
type Row = Record<(typeof COLUMNS)[number], string>
/** Kinds of country that one screen can offer. */
const MOST = 30
const FIGURES = {
  latitude: { least: -66, most: 66, right: 'degrees from -66 to 66, south below nothing' },
  low: { least: -60, most: 110, right: 'the ordinary night, -60 to 110 F, or such as 4 C' },
  high: { least: -40, most: 130, right: 'the ordinary day, -40 to 130 F, or such as 21 C' },
  sun: { least: 5, most: 100, right: 'of the sun of a clear sky, 5 to 100 %' },
} as const
type Figure = keyof typeof FIGURES

/**
 * A dealership's own climates: a row for each month of each kind of country, F (or `4 C`), sun in % of a clear sky. All or
 * none: a flaw names the row, the column, what stands there and what would be right.
 */
export function parseClimates(text: string): { climates: Climates; flaws: Flaw[] } {
  const { data, meta } = Papa.parse<Row>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (name) => name.trim().toLowerCase(),
  })
  const fields = meta.fields ?? []
  const alike = fields.length === COLUMNS.length && COLUMNS.every((name) => fields.includes(name))
  if (!alike || data.length === 0)
    return { climates: {}, flaws: [error('row 1', fields.join(','), `a first row with ${COLUMNS.join(',')}`)] }
  const flaws: Flaw[] = []
  const years = new Map<string, Year>()
  data.forEach((row, i) => addMonth(years, row, `row ${i + 2}`, flaws))
  if (years.size > MOST) flaws.push(error('', `${years.size} kinds of country`, `at most ${MOST} of them`))
  for (const [id, { months }] of years)
    if (months.size !== 12 && flaws.length === 0)
      flaws.push(error(id, `${months.size} months`, 'a row for each month from 1 to 12'))
  if (flaws.length) return { climates: {}, flaws }
  return { climates: Object.fromEntries([...years].map(([id, year]) => [id, climateOf(year)])), flaws }
}

type Month = Record<Figure, number>
interface Year extends Pick<Row, 'name' | 'where'> {
  months: Map<number, Month>
}

function addMonth(years: Map<string, Year>, row: Row, at: string, flaws: Flaw[]): void {
  const text = (key: keyof Row): string => (row[key] ?? '').trim()
  const wrong = (key: keyof Row, right: string) => flaws.push(error(`${at}, ${key}`, text(key) || undefined, right))
  const id = text('id')
  if (!/^[a-z][a-z0-9-]{0,40}$/.test(id)) return void wrong('id', 'a short id of small letters, digits and dashes')
  const month = Number(text('month'))
  const year = years.get(id) ?? { name: text('name'), where: text('where'), months: new Map<number, Month>() }
  for (const key of ['name', 'where'] as const) {
    if (!text(key) || text(key).length > 60) wrong(key, 'up to 60 letters')
    else if (text(key) !== year[key]) wrong(key, `the same in every row of ${id}: ${year[key]}`)
  }
  if (!Number.isInteger(month) || month < 1 || month > 12 || text('month') === '')
    wrong('month', 'a month from 1 to 12')
  else if (year.months.has(month)) wrong('month', `one row for each month of ${id}`)
  const figures = {} as Month
  for (const key of Object.keys(FIGURES) as Figure[]) {
    const { least, most, right } = FIGURES[key]
    const value = numberOf(text(key), key)
    if (value === undefined || value < least || value > most) wrong(key, right)
    else figures[key] = value
  }
  if (figures.low > figures.high) wrong('high', 'a day no colder than its night')
  years.set(id, { ...year, months: year.months.set(month, figures) })
}

/** `41`, `41 F`, `5 C`, `60 %`; undefined when it is none. */
function numberOf(text: string, key: Figure): number | undefined {
  const found = /^(-?\d+(?:\.\d+)?)\s*(°?F|°?C|%)?$/i.exec(text)
  if (!found) return undefined
  const [value, unit] = [Number(found[1]), found[2]?.replace('°', '').toUpperCase()]
  const temperature = key === 'low' || key === 'high'
  if (unit && (unit === '%' ? key !== 'sun' : !temperature)) return undefined
  return unit === 'C' ? value * 1.8 + 32 : value
}

function climateOf({ name, where, months }: Year): Climate {
  const of = (value: (month: Month) => number) =>
    Array.from({ length: 12 }, (_, i) => value(months.get(i + 1)!)) as unknown as Months
  return {
    name,
    where,
    latitude: months.get(1)!.latitude,
    lows: of(({ low }) => low),
    highs: of(({ high }) => high),
    clear: of(({ sun }) => sun / 100),
  }
}
