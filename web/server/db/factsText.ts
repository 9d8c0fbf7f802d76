import { createHash } from 'node:crypto'
import { LRUCache } from 'lru-cache'
import { ROOMS, type FactSheet } from '@hitchet/core/match/factSheet'

/** Raised when facts are stored otherwise. */
export const TEXT_VERSION = 2

/** Facts as they are stored: beside them by what each room's are known, the same for all units of which they are the same. */
interface Stored {
  facts: FactSheet
  known: Record<string, string>
}

export function factsText(facts: FactSheet): string {
  const known = Object.fromEntries(
    ROOMS.map(({ id }) => [id, fingerprint(`${id} ${JSON.stringify(facts[id as keyof FactSheet])}`)]),
  )
  return JSON.stringify({ facts, known } satisfies Stored)
}

/**
 * Facts from their text. Those of one room that are the same on several units are one object: a lot has a few dozen
 * floor plans, and what a question found on one of them it need not look for on the next (`match/judge.ts`).
 */
export function factsFrom(text: string): FactSheet {
  const { facts, known } = JSON.parse(text) as Stored
  const one: Record<string, unknown> = { ...facts }
  for (const id in known) {
    const own = one[id]
    if (typeof own !== 'object' || own === null) continue
    const same = rooms.get(known[id]!)
    if (same) one[id] = same
    else rooms.set(known[id]!, own)
  }
  return one as unknown as FactSheet
}

/** Of a hundred floor plans, each with a few hundred weights and prices. */
const rooms = new LRUCache<string, object>({ max: 20_000 })

const fingerprint = (text: string): string => createHash('sha256').update(text).digest('base64')
