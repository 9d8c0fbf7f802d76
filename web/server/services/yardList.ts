import type { Standing } from '@hitchet/core/match/standing'
import type { Extent } from '@hitchet/core/plan/extent'
import type { MeasureSystem } from '@hitchet/core/quantity/format'
import type { Phrase } from '@hitchet/core/quantity/phrase'
import { filterYard, parseFilter } from '@hitchet/core/yard/filter'
import type { YardUnit } from '@hitchet/core/yard/unit'
import { yardSoFar, type KeptCard } from './cards'
import { rankedYard } from './cache/answerCache'

export const YARD_ORDERS = ['order', 'length', 'weight', 'price'] as const
export type YardOrder = (typeof YARD_ORDERS)[number]

/** What somebody looks for in the yard. */
export interface YardSearch {
  text: string
  order: YardOrder
  /** So many rows are on the screen already. */
  from: number
  /** Whose yard it is, best first. */
  household?: string
}

export interface YardRow {
  unit: Omit<YardUnit, 'known' | 'figures'>
  picture: { id: string; version: number; extent: Extent }
  /** The drawing in words. */
  text: Record<MeasureSystem, string>
  /** A reading that the words ask for is missing on it. */
  unsure: boolean
  standing?: Standing
  says?: Phrase
}

export interface YardPage {
  rows: YardRow[]
  /** So many meet what is looked for, of all. */
  listed: number
  all: number
  unsure: number
  /** What the words were taken for, and those that were not understood. */
  terms: Phrase[]
  strange: string[]
  /** The words ask for an order of their own. */
  ordered: boolean
  /** The words as they were read; those that nobody knows are marked. */
  read: { words: string; strange: boolean }[]
  /** So many units are still being worked out, for them or at all. */
  open: number
  /** Stock numbers of those that cannot be. */
  failed: readonly string[]
}

/** So many strips are drawn before one scrolls. */
const ROWS = 10

/** A page of the yard, narrowed by what was typed. */
export async function yardPage({ text, order, from, household }: YardSearch): Promise<YardPage> {
  const [{ cards, open }, ranked] = await Promise.all([
    yardSoFar(),
    household === undefined ? undefined : rankedYard(household),
  ])
  const places = new Map(ranked?.units.map((one, place) => [one.id, { place, ...one }]))
  const terms = parseFilter(text)
  const { shown, unsure, strange, read } = filterYard(
    cards.map(({ unit }) => unit),
    terms,
    text,
  )
  const byUnit = new Map(cards.map((card) => [card.unit, card]))
  const found = shown.map((unit) => byUnit.get(unit)!)
  // What the words put in order stays so, whatever the list's own order is.
  const isOrdered = terms.some((term) => term.order)
  const listed = isOrdered ? found : sorted(found, order, ({ id }) => places.get(id)?.place ?? Infinity)
  return {
    rows: listed.slice(from, from + ROWS).map(({ id, version, extent, unit, text: words }): YardRow => {
      const { known: _known, figures: _figures, ...told } = unit
      const own = places.get(id)
      return {
        unit: told,
        picture: { id, version, extent },
        text: words,
        unsure: unsure.has(unit.stock),
        ...(own && { standing: own.standing, says: own.says }),
      }
    }),
    listed: listed.length,
    all: cards.length + open.length,
    unsure: unsure.size,
    terms: terms.filter(({ word }) => word === undefined || !strange.includes(word)).map(({ says }) => says),
    strange,
    read,
    ordered: isOrdered,
    open: Math.max(open.length, ranked?.open ?? 0),
    failed: ranked?.failed ?? [],
  }
}

function sorted(cards: KeptCard[], order: YardOrder, place: (card: KeptCard) => number): KeptCard[] {
  const key = { length: 'length', weight: 'uvw', price: 'price' } as const
  const of = order === 'order' ? place : ({ unit }: KeptCard) => unit[key[order]] ?? Infinity
  return [...cards].sort((a, b) => {
    const [x, y] = [of(a), of(b)]
    return x === y ? 0 : x - y
  })
}
