import { factSheet } from '@hitchet/core/match/factSheet'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { yardCard } from '@hitchet/core/yard/card'
import { staleUnits, storedKey, storeFacts } from '../db/facts'

/** So many units' facts are made and stored at a time: who waits for something else waits no longer. */
const AT_ONCE = 25

/** Makes the facts and the cards of some units that have none, and stores them; how many there were. */
export async function makeFacts({ rules, only }: { rules: HouseRules; only?: readonly string[] }): Promise<number> {
  const key = storedKey(rules)
  const stale = await staleUnits(key, AT_ONCE, only)
  const made = stale.map(({ id, version, trailer }) => ({
    id,
    version,
    facts: JSON.stringify(factSheet(trailer, rules)),
    card: JSON.stringify(yardCard(trailer)),
  }))
  if (made.length) await storeFacts(key, made)
  return made.length
}
