import { says } from '../quantity/phrase'
import { AFTER_LEAST, AFTER_MOST, counted, COUNTED, isMost, isStrict, WAYS, type FilterTerm, type Form } from './form'
import type { YardUnit } from './unit'

interface Thing {
  one: string
  names: string
  /** Named without a number it asks for one. */
  alone?: true
  of(unit: YardUnit): number | undefined
}

const THINGS: readonly Thing[] = [
  { one: 'slide', names: 'slide[- ]?outs?|slides?', alone: true, of: ({ slides }) => slides },
  { one: 'bunk', names: 'bunk beds?|bunks?', alone: true, of: ({ bunks }) => bunks },
  { one: 'entry door', names: '(?:entry |outside |entrance )?doors?', of: ({ doors }) => doors },
  { one: 'bath', names: 'baths?|bathrooms?|toilets?', of: ({ toilets }) => toilets },
]

/** Whole things that are counted on the drawing: `2 slides`, `at least two baths`, `4 bunks or more`, `fewer than 2 slides`. */
export const COUNT_FORMS: readonly Form[] = [
  ...THINGS.flatMap(({ one, names, alone, of }): Form[] => [
    ...(alone ? [{ form: `(?:${names})`, term: () => number(one, of, 1) }] : []),
    { form: `second (?:${names})`, term: () => number(one, of, 2) },
    {
      form: `(?:${WAYS} )?${COUNTED} (?:${names})`,
      term: ([way, text]) => {
        const value = counted(text!)
        const strict = way !== undefined && isStrict(way)
        return isMost(way) ? number(one, of, value - Number(strict), true) : number(one, of, value + Number(strict))
      },
    },
    { form: `exactly ${COUNTED} (?:${names})`, term: ([text]) => exactly(one, of, counted(text!)) },
    { form: `${COUNTED} (?:${names}) ${AFTER_MOST}`, term: ([text]) => number(one, of, counted(text!), true) },
    { form: `${COUNTED} ${AFTER_MOST} (?:${names})`, term: ([text]) => number(one, of, counted(text!), true) },
    { form: `${COUNTED} (?:${names}) ${AFTER_LEAST}`, term: ([text]) => number(one, of, counted(text!)) },
    {
      form: String.raw`${COUNTED} ?(?:${AFTER_LEAST}) (?:${names})`,
      term: ([text]) => number(one, of, counted(text!)),
    },
  ]),
  ...[
    String.raw`sleeps? (?:at least |for )?${COUNTED}(?: people| of us)?`,
    `${COUNTED} people`,
    `(?:a )?family of ${COUNTED}`,
    `room for ${COUNTED}(?: people)?`,
    `beds? for ${COUNTED}(?: people)?`,
  ].map((form): Form => ({
    form,
    term: ([text]) => ({
      says: says`advertised for ${text!} or more`,
      test: ({ sleeps }) => (sleeps === undefined ? undefined : sleeps >= counted(text!)),
    }),
  })),
]

/** How many of a thing a unit has, by the words for it. */
export const countOf = (names: string): Thing['of'] | undefined =>
  THINGS.find((thing) => new RegExp(`^(?:${thing.names})$`).test(names))?.of

function number(thing: string, own: Thing['of'], value: number, most = false): FilterTerm {
  const test = (unit: YardUnit): boolean | undefined => {
    const count = own(unit)
    return count === undefined ? undefined : most ? count <= value : count >= value
  }
  if (most && value <= 0) return { says: says`no ${thing}`, test }
  const things = `${thing}${value === 1 ? '' : 's'}`
  if (most) return { says: says`at most ${value} ${things}`, test }
  const lacks = value === 1 ? says`no ${thing}` : says`fewer than ${value} ${things}`
  return { says: says`${value} ${things} or more`, lacks, test }
}

const exactly = (thing: string, own: Thing['of'], value: number): FilterTerm => ({
  says: says`${value} ${thing}${value === 1 ? '' : 's'}`,
  test: (unit) => {
    const count = own(unit)
    return count === undefined ? undefined : count === value
  },
})
