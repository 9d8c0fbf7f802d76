import { feet, says } from '../quantity/phrase'
import { LB_PER_KG } from '../quantity/parse'
import { dollars, pounds } from '../quantity/quantity'
import { isMost, tidy, WAYS, type FilterTerm, type Form } from './form'
import { termForms } from './termForms'
import type { YardUnit } from './unit'

export interface Filtered {
  shown: YardUnit[]
  /** Of those shown, the ones that are there only because a reading is missing. */
  unsure: ReadonlySet<string>
  /** Words that are no term and stand in no stock number, name, year or layout: nothing is narrowed by them. */
  strange: string[]
}

/**
 * Reads what people type: `bunks under 26 ft 2 doors`, `no slide below 5,000 lb`, `fridge over 10 cu ft`, `50 amp`,
 * `T-118`. Numbers take their meaning from their unit and from the thing beside them; a bare number below 60 is feet, from
 * 15,000 on dollars, between them pounds dry. Words that mean nothing special are looked for in stock number, name, year
 * and layout.
 */
export function parseFilter(text: string): FilterTerm[] {
  let rest = ` ${tidy(text)} `
  const terms: FilterTerm[] = []
  for (const { form, term } of [...termForms(), ...FORMS]) {
    rest = rest.replace(new RegExp(`(?<= )${form}(?= )`, 'g'), (...match) => {
      const found = term(match.slice(1, -2) as (string | undefined)[])
      if (found) terms.push(found)
      return found ? '' : (match[0] as string)
    })
  }
  const words = rest.split(' ').filter((word) => word !== '' && !FILLER.has(word))
  return [...terms, ...words.map(wordTerm)]
}

/** Units that meet every term; those for which a term cannot be told stay, marked. */
export function filterYard(units: readonly YardUnit[], terms: readonly FilterTerm[]): Filtered {
  const isStrange = ({ word, test }: FilterTerm): boolean => word !== undefined && !units.some((unit) => test(unit))
  const known = terms.filter((term) => !isStrange(term))
  const tested = units
    .map((unit) => ({ unit, results: known.map((term) => term.test(unit)) }))
    .filter(({ results }) => !results.includes(false))
  return {
    shown: tested.map(({ unit }) => unit),
    unsure: new Set(tested.filter(({ results }) => results.includes(undefined)).map(({ unit }) => unit.stock)),
    strange: terms.filter(isStrange).map(({ word }) => word!),
  }
}

const FILLER = new Set(['with', 'and', 'a', 'an', 'the', 'dry'])
const COUNTS: Record<string, number> = { one: 1, two: 2, three: 3, four: 4 }
const count = (text: string | undefined, otherwise: number): number =>
  text === undefined ? otherwise : (COUNTS[text] ?? Number(text))

/** Longer forms first, so that `no slide` is not read as `slide`. */
const FORMS: Form[] = [
  {
    form: String.raw`${WAYS} (\$)?(\d+(?:\.\d+)?)\s?(k|ft|feet|'|m|lbs?|pounds|kg)?( gvwr)?`,
    term: limitTerm,
  },
  {
    form: String.raw`(?:no|without) slides?`,
    term: () => ({ says: says`no slide`, test: ({ slides }) => (slides === undefined ? undefined : slides === 0) }),
  },
  {
    form: String.raw`(?:(\d+|one|two|three) )?slides?`,
    term: ([n]) => atLeast(count(n, 1), 'slide', ({ slides }) => slides),
  },
  {
    form: String.raw`(?:(\d+|one|two|three|four) )?bunks?`,
    term: ([n]) => atLeast(count(n, 1), 'bunk', ({ bunks }) => bunks),
  },
  {
    form: String.raw`(\d+|one|two|three) (?:entry )?doors?`,
    term: ([n]) => atLeast(count(n, 2), 'entry door', ({ doors }) => doors),
  },
  {
    form: String.raw`(\d+|one|two|three) baths?`,
    term: ([n]) => atLeast(count(n, 2), 'bath', ({ toilets }) => toilets),
  },
  {
    form: String.raw`sleeps (\d+)`,
    term: ([n]) => ({
      says: says`advertised for ${n!} or more`,
      test: ({ sleeps }) => (sleeps === undefined ? undefined : sleeps >= Number(n)),
    }),
  },
]

function limitTerm([way, dollar, number, unit, gvwr]: (string | undefined)[]): FilterTerm {
  const most = isMost(way)
  const value = Number(number)
  const word = most ? 'at most' : 'at least'
  const within = (own: number | undefined, limit: number) =>
    own === undefined ? undefined : most ? own <= limit : own >= limit
  if (dollar || unit === 'k' || (!unit && value >= 15_000)) {
    const limit = unit === 'k' ? value * 1000 : value
    return { says: says`${word} ${dollars(limit)}`, test: ({ price }) => within(price, limit) }
  }
  if (unit === 'ft' || unit === 'feet' || unit === "'" || unit === 'm' || (!unit && value < 60)) {
    const limit = unit === 'm' ? (value * 100) / 2.54 : value * 12
    return { says: says`overall ${word} ${feet(limit)}`, test: ({ length }) => within(length, limit) }
  }
  const limit = unit === 'kg' ? value * LB_PER_KG : value
  if (gvwr) return { says: says`GVWR ${word} ${pounds(limit)}`, test: (one) => within(one.gvwr, limit) }
  return { says: says`UVW ${word} ${pounds(limit)}`, test: ({ uvw }) => within(uvw, limit) }
}

function atLeast(least: number, thing: string, own: (unit: YardUnit) => number | undefined): FilterTerm {
  const test = (unit: YardUnit): boolean | undefined => {
    const count = own(unit)
    return count === undefined ? undefined : count >= least
  }
  return { says: says`${least} ${thing}${least === 1 ? '' : 's'} or more`, test }
}

function wordTerm(word: string): FilterTerm {
  return {
    says: says`“${word}”`,
    word,
    test: ({ stock, name, year, condition, layout }) =>
      `${stock} ${name} ${year} ${condition} ${layout}`.toLowerCase().includes(word),
  }
}
