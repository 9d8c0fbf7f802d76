import { LRUCache } from 'lru-cache'
import type { FactSheet } from '@hitchet/core/match/factSheet'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { factsOf, factsThere, storedKey } from '../db/facts'
import { factsFrom } from '../db/factsText'
import { makeFacts } from './factSheets'

/** The facts of a unit, and of which version of it they are. */
export interface Sheet {
  id: string
  version: number
  facts: FactSheet
}

/** Parsed facts stay in the thread that parsed them: about 40 kB each. */
const MOST = 2_500
const parsed = new LRUCache<string, Sheet & { key: string }>({ max: MOST })

/** Somebody saves while facts are made: so often it is looked again. */
const ROUNDS = 5

/**
 * The facts of some units, or of the whole yard, each parsed once a thread; those that have none are given some first. Left out are
 * units of which none can be made.
 */
export async function sheetsOf(rules: HouseRules, only?: readonly string[]): Promise<Sheet[]> {
  if (only?.length === 0) return []
  const key = storedKey(rules)
  let rows = await factsThere(key, only)
  for (let round = 0; round < ROUNDS && rows.some(({ there }) => there === null); round++) {
    const stale = rows.flatMap(({ id, there }) => (there === null ? [id] : []))
    while ((await makeFacts({ rules, only: stale })) > 0);
    rows = await factsThere(key, only)
  }
  const there = rows.filter((one) => one.there !== null && one.failed === null)
  const isParsed = ({ id, version }: { id: string; version: number }) => {
    const one = parsed.get(id)
    return one?.version === version && one.key === key
  }
  const unknown = there.filter((one) => !isParsed(one)).map(({ id }) => id)
  if (unknown.length)
    for (const { id, version, facts } of await factsOf(key, unknown))
      parsed.set(id, { id, version, key, facts: factsFrom(facts) })
  return there.flatMap(({ id }) => parsed.get(id) ?? [])
}
