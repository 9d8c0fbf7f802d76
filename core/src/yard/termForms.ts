import { says } from '../quantity/phrase'
import { CM_PER_INCH, LB_PER_KG } from '../quantity/parse'
import { quantity, type Unit } from '../quantity/quantity'
import { isMost, tidy, WAYS, type FilterTerm, type Form } from './form'
import type { Term } from '../terms/term'
import { TERMS } from '../terms/terms'
import type { YardUnit } from './unit'

/** How people write units, what they stand for, and how many of it. */
const UNITS: readonly [written: string, unit: Unit, times: number][] = [
  ['cu ft|cubic feet', 'cu ft', 1],
  ['gallons?|gal', 'gal', 1],
  ['l|liters?', 'gal', 1 / 3.785411784],
  ['gal/h', 'gal/h', 1],
  ['kw', 'W', 1000],
  ['watts?|w', 'W', 1],
  ['ah', 'Ah', 1],
  ['kbtu|k btu', 'BTU', 1000],
  ['btu', 'BTU', 1],
  ['lbs?|pounds', 'lb', 1],
  ['kg', 'lb', LB_PER_KG],
  ['inches|inch|in|"', 'in', 1],
  ['cm', 'in', 1 / CM_PER_INCH],
  ["ft|feet|'", 'in', 12],
  ['psi', 'psi', 1],
  ['amps?|a', 'A', 1],
]
const WRITTEN = UNITS.map(([written]) => written).join('|')
const NUMBER = String.raw`(\d+(?:\.\d+)?)\s?(${WRITTEN})?`

/** What the yard's own forms of words read better: `2 slides`, `four bunks`. */
const OTHERWISE = new Set(['slide', 'bunk'])

/** By every name a term has, the first in the catalogues that is called so. */
export const BY_NAME = new Map<string, number>()
TERMS.forEach(({ names }, i) =>
  names.map(tidy).forEach((name) => {
    if (!BY_NAME.has(name) && !OTHERWISE.has(name)) BY_NAME.set(name, i)
  }),
)
// What is called in the plural is asked for in the singular too.
for (const [name, i] of [...BY_NAME]) {
  const one = name.replace(/(?<=[a-z]{4})s$/, '')
  if (!one.endsWith('s') && !BY_NAME.has(one) && !OTHERWISE.has(one)) BY_NAME.set(one, i)
}
const escaped = (name: string): string => name.replace(/[.*+?^${}()|[\]\\/]/g, String.raw`\$&`)

let named: string | undefined
/** Any of those names, longer ones first, so that `bunk curtain` is not read as bunks. */
export const TERM_NAME = (): string =>
  (named ??= `(${[...BY_NAME.keys()]
    .sort((a, b) => b.length - a.length)
    .map(escaped)
    .join('|')})s?`)

/** The forms in which the catalogues are asked: with a figure before or behind, and by its name alone. */
export const termForms = (): readonly Form[] => {
  const name = TERM_NAME()
  return [
    {
      form: `${name} (?:${WAYS} |of |is |holds |that holds |that hold |rated |rated for )?${NUMBER}(?: long| wide| deep)?`,
      term: ([called, way, value, unit]) => figured(at(called!), way ?? 'at least', value!, unit),
    },
    {
      form: `(?:${WAYS} )?${NUMBER}(?: of)? ${name}`,
      // `under 26 ft awning` is two things.
      term: ([way, value, unit, called]) =>
        unit && /^(ft|feet|')$/.test(unit) ? undefined : figured(at(called!), way, value!, unit),
    },
    // Bunks are counted; how long one is and what it carries is said of them all the same.
    {
      form: `bunks? (?:${WAYS} |of |that are |that is |that hold |that holds |rated for |for )?${NUMBER}(?: long| people)?`,
      term: ([way, value, unit]) => bunk(way, value!, unit),
    },
    { form: `${NUMBER}(?: long)? bunks?`, term: ([value, unit]) => bunk(undefined, value!, unit) },
    // A counter is a thing; how long one is, is its longest clear stretch.
    {
      form: `counters? (?:${WAYS} |of )?${NUMBER}(?: long)?`,
      term: ([way, value, unit]) => counter(way, value!, unit),
    },
    {
      form: `(?:${WAYS} )?${NUMBER}(?: long| of)? counters?`,
      term: ([way, value, unit]) => counter(way, value!, unit),
    },
    { form: name, term: ([called]) => having(at(called!)) },
  ]
}

export const keyed = (key: string): number => TERMS.findIndex((term) => term.key === key)

const counter = (way: string | undefined, value: string, unit: string | undefined): FilterTerm | undefined =>
  unit === undefined ? undefined : figured(keyed('plan.longestCounter'), way ?? 'at least', value, unit)

function bunk(way: string | undefined, value: string, unit: string | undefined): FilterTerm | undefined {
  if (unit === undefined) return undefined
  const key = /^(lbs?|pounds|kg)$/.test(unit)
    ? 'plan.bunkLimit'
    : /^(inches|inch|in|"|cm)$/.test(unit)
      ? 'plan.bunkLength'
      : ''
  return key ? figured(keyed(key), way ?? 'at least', value, unit) : undefined
}

const at = (name: string): number => BY_NAME.get(name)!

/** Of terms that are called alike: read on the label, and drawn. */
const CALLED_ALIKE = TERMS.map(({ says: one }) => TERMS.flatMap(({ says: other }, i) => (other === one ? [i] : [])))

/** Whether a unit has it, by whichever of those called alike knows; undefined: nobody looked. */
function there({ known }: YardUnit, index: number): boolean | undefined {
  const found = CALLED_ALIKE[index]!.map((one) => known[one])
  return found.includes('1') ? true : found.includes('0') ? false : undefined
}

const having = (index: number): FilterTerm => ({ says: [TERMS[index]!.says], test: (unit) => there(unit, index) })

/** With a figure in a unit of its own: `over 10 cu ft`. Anything else is not about it. */
function figured(
  index: number,
  way: string | undefined,
  value: string,
  written: string | undefined,
): FilterTerm | undefined {
  const term = TERMS[index]!
  const limit = inUnit(term, Number(value), written, way)
  if (limit === undefined) return undefined
  const most = isMost(way)
  const amount = term.unit === 'count' ? String(limit) : quantity(Math.round(limit * 100) / 100, term.unit as Unit)
  return {
    says: says`${term.says} ${most ? 'at most' : 'at least'} ${amount}`,
    test: (unit) => {
      const has = there(unit, index)
      if (has === false) return false
      const own = unit.figures.find(([of]) => of === index)?.[1]
      return own === undefined ? undefined : most ? own <= limit : own >= limit
    },
  }
}

function inUnit(
  { unit }: Term,
  value: number,
  written: string | undefined,
  way: string | undefined,
): number | undefined {
  if (unit === undefined) return undefined
  // A bare number is of whatever it stands beside, where somebody says more or less than it.
  if (written === undefined) return way || unit === 'count' ? value : undefined
  const [, of, times] = UNITS.find(([forms]) => new RegExp(`^(?:${forms})$`).test(written))!
  return of === unit ? value * times : undefined
}
