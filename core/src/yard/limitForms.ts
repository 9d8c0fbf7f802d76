import { feet, says } from '../quantity/phrase'
import { LB_PER_KG } from '../quantity/parse'
import { dollars, pounds } from '../quantity/quantity'
import { AFTER_LEAST, AFTER_MOST, isMost, WAYS, type FilterTerm, type Form } from './form'
import type { YardUnit } from './unit'

const NUMBER = String.raw`(\d+(?:\.\d+)?)`
const UNIT = String.raw`(k|grand|thousand|dollars|bucks|ft|feet|foot|'|in|inches|"|m|lbs?|pounds|kg)`
/** What is limited, said behind the number: of a weight GVWR or dry, of a length that it is one. */
const OF = String.raw`( gvwr| dry weight| dry| uvw| long| length| overall)?`

/** A bare number below this is feet, from that on dollars, between them pounds dry. */
const FEET_BELOW = 60
const DOLLARS_FROM = 15_000

/** `under 26 ft`, `26 ft or less`, `between 20 and 26 ft`, `below $30,000`, `25k or less`, `5,000 lb at most`. */
export const LIMIT_FORMS: readonly Form[] = [
  {
    form: String.raw`(?:between |from )?(\$)?${NUMBER}\s?(?:k|ft)? (?:and|to|-) (\$)?${NUMBER}\s?${UNIT}?${OF}`,
    term: ([dollar, low, also, high, unit, of]) => {
      const money = dollar ?? also
      const [from, to] = [limit('over', money, low, unit, of), limit('under', money, high, unit, of)]
      return from && to && both(from, to)
    },
  },
  {
    form: String.raw`${WAYS} (\$)?${NUMBER}\s?${UNIT}?${OF}`,
    term: ([way, dollar, number, unit, of]) => limit(way, dollar, number, unit, of),
  },
  {
    form: String.raw`(\$)?${NUMBER}\s?${UNIT}?${OF} ${AFTER_MOST}`,
    term: ([dollar, number, unit, of]) => said(dollar, number, unit, of) && limit('under', dollar, number, unit, of),
  },
  {
    form: String.raw`(\$)?${NUMBER}\s?${UNIT}?${OF} ${AFTER_LEAST}`,
    term: ([dollar, number, unit, of]) => said(dollar, number, unit, of) && limit('over', dollar, number, unit, of),
  },
]

/** Whether a number says of what it is one: `4 or more` is not. */
const said = (
  dollar: string | undefined,
  number: string | undefined,
  unit: string | undefined,
  of: string | undefined,
): true | undefined => (dollar || unit || of || Number(number) >= FEET_BELOW ? true : undefined)

const both = (one: FilterTerm, other: FilterTerm): FilterTerm => ({
  says: says`${one.says}, ${other.says}`,
  test: (unit) => {
    const results = [one.test(unit), other.test(unit)]
    return results.includes(false) ? false : results.includes(undefined) ? undefined : true
  },
})

function limit(
  way: string | undefined,
  dollar: string | undefined,
  number: string | undefined,
  unit: string | undefined,
  of: string | undefined,
): FilterTerm | undefined {
  const most = isMost(way)
  const value = Number(number)
  const word = most ? 'at most' : 'at least'
  const within = (own: number | undefined, end: number) =>
    own === undefined ? undefined : most ? own <= end : own >= end
  const { named, isLong, isWeight } = whatOf(way, of)
  const isMoney = !!dollar || MONEY_UNITS.has(unit) || MONEY_WAYS.test(way ?? '')
  if (isMoney || (!unit && !isLong && !isWeight && value >= DOLLARS_FROM)) {
    const end = inDollars(value, unit, way)
    return { says: says`${word} ${dollars(end)}`, test: ({ price }) => within(price, end) }
  }
  const isFeet = !isWeight && (isLong || value < FEET_BELOW)
  const per = unit === undefined ? (isFeet ? IN_INCHES.ft : undefined) : IN_INCHES[unit]
  if (per !== undefined) {
    const end = value * per
    return { says: says`overall ${word} ${feet(end)}`, test: ({ length }) => within(length, end) }
  }
  const end = unit === 'kg' ? value * LB_PER_KG : value
  if (named === 'gvwr') return { says: says`GVWR ${word} ${pounds(end)}`, test: (one) => within(one.gvwr, end) }
  return { says: says`UVW ${word} ${pounds(end)}`, test: ({ uvw }: YardUnit) => within(uvw, end) }
}

/** `32k`, and `budget 32`: people leave the thousands out. */
const inDollars = (value: number, unit: string | undefined, way: string | undefined): number =>
  THOUSANDS.has(unit) || (way?.startsWith('budget') && value < 1000) ? value * 1000 : value

/** Of what the limit is, as far as the words around the number say it. */
function whatOf(way: string | undefined, of: string | undefined) {
  const named = of?.trim()
  return {
    named,
    isLong: LONG_NAMES.has(named) || LONG_WAYS.has(way),
    isWeight: named === 'gvwr' || named === 'uvw' || !!named?.startsWith('dry') || WEIGHT_WAYS.has(way),
  }
}

const LONG_NAMES = new Set<string | undefined>(['long', 'length', 'overall'])
const LONG_WAYS = new Set<string | undefined>(['shorter than', 'longer than'])
const WEIGHT_WAYS = new Set<string | undefined>(['lighter than', 'heavier than'])
const MONEY_WAYS = /^(cheaper than$|budget)/
const THOUSANDS = new Set<string | undefined>(['k', 'grand', 'thousand'])
const MONEY_UNITS = new Set<string | undefined>([...THOUSANDS, 'dollars', 'bucks'])

/** A unit of length as people write it, in inches. */
const IN_INCHES: Partial<Record<string, number>> = {
  ft: 12,
  feet: 12,
  foot: 12,
  "'": 12,
  in: 1,
  inches: 1,
  '"': 1,
  m: 100 / 2.54,
}
