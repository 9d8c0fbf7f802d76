import { says } from '../quantity/phrase'
import { CM_PER_INCH, LB_PER_KG } from '../quantity/parse'
import { quantity, type Unit } from '../quantity/quantity'
import { isMost, tidy, WAYS, type FilterTerm, type Form } from './form'
import { TERMS, type Term } from './terms'
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
const BY_NAME = new Map<string, number>()
TERMS.forEach(({ names }, i) =>
  names.map(tidy).forEach((name) => {
    if (!BY_NAME.has(name) && !OTHERWISE.has(name)) BY_NAME.set(name, i)
  }),
)
const escaped = (name: string): string => name.replace(/[.*+?^${}()|[\]\\/]/g, String.raw`\$&`)

/**
 * The forms in which the catalogues are asked: without it, with a figure before or behind, and by its name alone. Longer
 * names first, so that `bunk curtain` is not read as bunks.
 */
export const termForms = (): readonly Form[] => (made ??= forms())
let made: readonly Form[] | undefined

function forms(): Form[] {
  const names = [...BY_NAME.keys()].sort((a, b) => b.length - a.length)
  const name = `(${names.map(escaped).join('|')})s?`
  return [
    { form: `(?:no|without) ${name}`, term: ([called]) => lacking(at(called!)) },
    {
      form: `${name} (?:${WAYS} )?${NUMBER}`,
      term: ([called, way, value, unit]) => figured(at(called!), way, value!, unit),
    },
    {
      form: `(?:${WAYS} )?${NUMBER} ${name}`,
      // `under 26 ft awning` is two things.
      term: ([way, value, unit, called]) =>
        unit && /^(ft|feet|')$/.test(unit) ? undefined : figured(at(called!), way, value!, unit),
    },
    { form: name, term: ([called]) => having(at(called!)) },
  ]
}

const at = (name: string): number => BY_NAME.get(name)!

/** Whether a unit has it; undefined: nobody looked. */
const there = (unit: YardUnit, index: number): boolean | undefined =>
  unit.known[index] === ' ' ? undefined : unit.known[index] === '1'

const having = (index: number): FilterTerm => ({ says: [TERMS[index]!.says], test: (unit) => there(unit, index) })

const lacking = (index: number): FilterTerm => ({
  says: says`no ${TERMS[index]!.says}`,
  test: (unit) => {
    const has = there(unit, index)
    return has === undefined ? undefined : !has
  },
})

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
