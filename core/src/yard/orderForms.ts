import { says } from '../quantity/phrase'
import { countOf } from './countForms'
import type { FilterTerm, Form } from './form'
import { BY_NAME, keyed, TERM_NAME } from './termForms'
import { TERMS } from '../terms/terms'
import type { YardUnit } from './unit'

type Of = (unit: YardUnit) => number | undefined

const length: Of = (unit) => unit.length
const price: Of = (unit) => unit.price
const weight: Of = (unit) => unit.uvw

const PLAIN: readonly [words: string, name: string, of: Of, most: boolean][] = [
  ['lightest|least heavy|lowest weight|lightest first|least weight', 'lightest first', weight, false],
  ['heaviest', 'heaviest first', weight, true],
  ['cheapest|least expensive|most affordable|lowest price|lowest priced|best price', 'cheapest first', price, false],
  ['dearest|priciest|most expensive|highest price', 'dearest first', price, true],
  ['shortest|smallest', 'shortest first', length, false],
  ['longest|biggest|largest', 'longest first', length, true],
  ['newest|latest', 'newest first', ({ year }) => year, true],
  ['oldest', 'oldest first', ({ year }) => year, false],
]

/** The list in an order: `lightest`, `biggest fresh tank`, `most bunks`, `lowest hitch weight`. */
export const orderForms = (): readonly Form[] => [
  ...PLAIN.map(([words, name, of, most]): Form => ({ form: `(?:${words})`, term: () => order(name, of, most) })),
  ...[true, false].flatMap((most): Form[] => {
    const word = most
      ? '(?:most|biggest|largest|greatest|longest|highest|strongest)'
      : '(?:least|smallest|lowest|shortest|fewest)'
    return [
      {
        form: `${word} ${TERM_NAME()}`,
        term: ([called]) => {
          const index = BY_NAME.get(called!)!
          if (TERMS[index]!.unit === undefined) return undefined
          return byTerm(index, most)
        },
      },
      {
        form: `${most ? 'most' : '(?:fewest|least)'} (slides?|slide outs?|bunks?|bunk beds?|baths?|bathrooms?|doors?)`,
        term: ([called]) =>
          order(`${most ? 'most' : 'fewest'} ${called!.replace(/s?$/, 's')} first`, countOf(called!)!, most),
      },
    ]
  }),
  { form: '(?:longest|most|biggest) counters?', term: () => byTerm(keyed('plan.longestCounter'), true) },
  { form: 'longest bunks?', term: () => byTerm(keyed('plan.bunkLength'), true) },
  { form: 'strongest bunks?', term: () => byTerm(keyed('plan.bunkLimit'), true) },
]

const byTerm = (index: number, most: boolean): FilterTerm =>
  order(
    `by ${TERMS[index]!.says}, ${most ? 'most' : 'least'} first`,
    ({ figures }) => figures.find(([one]) => one === index)?.[1],
    most,
  )

const order = (name: string, of: Of, most: boolean): FilterTerm => ({
  says: says`${name}`,
  test: () => true,
  order: { most, of },
})
