import type { YardCard } from '@hitchet/core/yard/card'
import { cardsOf, cardsThere, storedKey } from '../db/facts'
import { houseRules } from '../houseRules'
import { yardRevision } from '../db/trailers'
import { processSingleton } from '../processSingleton'
import { freshFacts } from './cache/facts'
import { deadline, within } from './cache/deadline'

/** A unit's card, and of which version of the unit it is. */
export interface KeptCard extends YardCard {
  id: string
  version: number
}

/** Read and parsed once for each version of a unit; another process has its own, known by the same versions. */
const read = processSingleton('cards', () => new Map<string, KeptCard & { key: string }>())

/** The yard as it was read last, and what it is known by. */
const mine = processSingleton('yard of cards', (): { lately?: YardOfCards } => ({}))

interface YardOfCards {
  stamp: string
  cards: KeptCard[]
  byId: Map<string, KeptCard>
  /** Stock numbers of units on the lot whose cards are still being made. */
  open: string[]
}

/** Somebody saves while cards are made: so often it is looked again. */
const ROUNDS = 5

/** The cards of the whole yard, by stock number, and which are still being made: after an import or an upgrade there may be many. */
export const yardSoFar = (): Promise<Pick<YardOfCards, 'cards' | 'open'>> => cardsNow()

/** Those that are there. */
export const yardCards = async (): Promise<KeptCard[]> => (await cardsNow()).cards

/** Those that are there, by id. */
export const cardsById = async (): Promise<Map<string, KeptCard>> => (await cardsNow()).byId

async function cardsNow(): Promise<YardOfCards> {
  const rules = houseRules()
  const key = storedKey(rules)
  const stamp = `${await yardRevision()} ${key}`
  if (mine.lately?.stamp === stamp) return mine.lately
  const until = deadline()
  let rows = await cardsThere(key)
  for (
    let round = 0;
    round < ROUNDS && (round === 0 || Date.now() < until) && rows.some(({ there }) => there === null);
    round++
  ) {
    await within(until, freshFacts(rules))
    rows = await cardsThere(key)
  }
  const isRead = ({ id, version }: { id: string; version: number }) =>
    read.get(id)?.version === version && read.get(id)?.key === key
  const unknown = rows.filter((one) => one.there !== null && !one.none && !isRead(one)).map(({ id }) => id)
  if (unknown.length)
    for (const { id, version, card } of await cardsOf(key, unknown))
      read.set(id, { ...(JSON.parse(card) as YardCard), id, version, key })
  if (read.size > rows.length) {
    const there = new Set(rows.map(({ id }) => id))
    for (const id of read.keys()) if (!there.has(id)) read.delete(id)
  }
  const cards = rows.flatMap((one) => (!one.none && isRead(one) ? [read.get(one.id)!] : []))
  const open = rows.flatMap((one) => (one.none || isRead(one) ? [] : [one.stock]))
  const now = { stamp, cards, byId: new Map(cards.map((card) => [card.id, card])), open }
  // Whoever saves while they are read changes the stamp, or finds it changed.
  if (open.length === 0 && stamp === `${await yardRevision()} ${key}`) mine.lately = now
  return now
}
