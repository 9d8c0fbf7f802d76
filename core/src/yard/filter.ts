import { says } from '../quantity/phrase'
import { COUNT_FORMS } from './countForms'
import { tidy, type FilterTerm, type Form } from './form'
import { LIMIT_FORMS } from './limitForms'
import { orderForms } from './orderForms'
import { termForms } from './termForms'
import type { YardUnit } from './unit'

export interface Filtered {
  shown: YardUnit[]
  /** Of those shown, the ones that are there only because a reading is missing. */
  unsure: ReadonlySet<string>
  /** Words that are no term and stand in no stock number, name, year or layout: nothing is narrowed by them. */
  strange: string[]
  /** The words as they were read, one stretch after the other; `strange`: nobody knows what is meant. */
  read: { words: string; strange: boolean }[]
}

/**
 * Reads what people type, from left to right, each stretch as the longest thing it can be: `bunks under 26 ft 2 doors`, `the
 * lightest with a separate bedroom and a dry bath under 25,000`, `no slide below 5,000 lb`, `king or queen bed`, `50 amp`,
 * `T-118`. Numbers take their meaning from their unit and from the thing beside them; a bare number below 60 is feet, from
 * 15,000 on dollars, between them pounds dry. Words that mean nothing special are looked for in stock number, name, year
 * and layout.
 */
export function parseFilter(text: string): FilterTerm[] {
  const said = tidy(text)
  const terms: FilterTerm[] = []
  let [at, not, or] = [0, false, false]
  while (at < said.length) {
    const found = termAt(said, at)
    const end = found?.end ?? wordEnd(said, at)
    const word = said.slice(at, end)
    const negation = found ? undefined : NOT.exec(said.slice(at))
    if (found) {
      const term = { ...(not ? negated(found.term) : found.term), from: [at, end] as const }
      const before = terms.at(-1)
      // Orders and words of no meaning are no alternatives.
      if (or && before && !before.order && !term.order && before.word === undefined)
        terms[terms.length - 1] = either(before, term)
      else terms.push(term)
      ;[not, or] = [false, false]
    } else if (negation) not = true
    else if (word === 'or') or = terms.length > 0
    else if (!FILLER.has(word)) {
      const term = { ...wordTerm(word), from: [at, end] as const }
      terms.push(not ? { ...negated(term), word } : term)
      ;[not, or] = [false, false]
    }
    at = negation ? at + negation[0].length + 1 : end + 1
  }
  return terms
}

const NOT = /^(?:not|no|without|never|w\/o|except|excluding|don't want|do not want|nothing with|isn't|avoid)(?= |$)/

/** The longest term that begins at a place. */
function termAt(said: string, at: number): { term: FilterTerm; end: number } | undefined {
  const matches = forms().flatMap(({ pattern, term }) => {
    pattern.lastIndex = at
    const match = pattern.exec(said)
    return match ? [{ match, term }] : []
  })
  matches.sort((a, b) => b.match[0].length - a.match[0].length)
  for (const { match, term } of matches) {
    const found = term(match.slice(1))
    if (found) return { term: found, end: at + match[0].length }
  }
  return undefined
}

const wordEnd = (said: string, at: number): number => {
  const blank = said.indexOf(' ', at)
  return blank < 0 ? said.length : blank
}

/** Of two forms as long the first. */
const forms = () =>
  (made ??= [...orderForms(), ...COUNT_FORMS, ...termForms(), ...LIMIT_FORMS].map(({ form, term }) => ({
    term,
    pattern: new RegExp(`${form}(?= |$)`, 'y'),
  })))
let made: (Pick<Form, 'term'> & { pattern: RegExp })[] | undefined

const negated = ({ says: of, lacks, test, ...rest }: FilterTerm): FilterTerm => ({
  ...rest,
  says: lacks ?? says`no ${of}`,
  test: (unit) => {
    const holds = test(unit)
    return holds === undefined ? undefined : !holds
  },
})

const either = (one: FilterTerm, other: FilterTerm): FilterTerm => ({
  says: says`${one.says} or ${other.says}`,
  test: (unit) => {
    const results = [one.test(unit), other.test(unit)]
    return results.includes(true) ? true : results.includes(undefined) ? undefined : false
  },
  from: [one.from![0], other.from![1]],
})

/** Units that meet every term, in the order that is asked for; those for which a term cannot be told stay, marked. */
export function filterYard(units: readonly YardUnit[], terms: readonly FilterTerm[], text = ''): Filtered {
  const isStrange = ({ word }: FilterTerm): boolean => word !== undefined && !units.some((unit) => stands(unit, word))
  const known = terms.filter((term) => !isStrange(term))
  const tested = units
    .map((unit) => ({ unit, results: known.map((term) => term.test(unit)) }))
    .filter(({ results }) => !results.includes(false))
  const strange = terms.filter(isStrange)
  return {
    shown: ordered(
      tested.map(({ unit }) => unit),
      known,
    ),
    unsure: new Set(tested.filter(({ results }) => results.includes(undefined)).map(({ unit }) => unit.stock)),
    strange: strange.map(({ word }) => word!),
    read: stretches(tidy(text), strange),
  }
}

/** By the first order that was asked for; a unit of which it is not known comes last. */
function ordered(units: YardUnit[], terms: readonly FilterTerm[]): YardUnit[] {
  const order = terms.find((term) => term.order)?.order
  if (!order) return units
  const key = (unit: YardUnit): number => {
    const own = order.of(unit)
    return own === undefined ? Infinity : order.most ? -own : own
  }
  return units.toSorted((a, b) => (key(a) === key(b) ? 0 : key(a) - key(b)))
}

function stretches(said: string, strange: readonly FilterTerm[]): Filtered['read'] {
  const read: Filtered['read'] = []
  let at = 0
  for (const { from } of strange) {
    if (!from) continue
    if (from[0] > at) read.push({ words: said.slice(at, from[0]), strange: false })
    read.push({ words: said.slice(...from), strange: true })
    at = from[1]
  }
  return at < said.length ? [...read, { words: said.slice(at), strange: false }] : read
}

/** Words around what is asked for. */
const FILLER = new Set(
  `a an the and with that which is are has have having had what whats what's show me find list all any ones one unit units
  trailer trailers camper campers i we they want wants need needs looking look for in on it its of to at stock lot our your
  you my their can could would like please but also plus something anything where who sleeps sleep dry weight price priced
  there be do does get gets them so too very real good`.split(/\s+/),
)

function wordTerm(word: string): FilterTerm {
  return { says: says`“${word}”`, word, test: (unit) => stands(unit, word) }
}

const stands = ({ stock, name, year, condition, layout }: YardUnit, word: string): boolean =>
  `${stock} ${name} ${year} ${condition} ${layout}`.toLowerCase().includes(word)
