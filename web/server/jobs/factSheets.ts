import { factSheet } from '@hitchet/core/match/factSheet'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { yardCard } from '@hitchet/core/yard/card'
import { staleUnits, storedKey, storeFacts, type MadeFacts } from '../db/facts'
import { factsText } from '../db/factsText'
import { noteFault } from '../db/faults'
import { kindOf } from '../log'

/** So many units' facts are made and stored at a time: who waits for something else waits no longer. */
const AT_ONCE = 25

/** Makes the facts and the cards of some units that have none, and stores them, or that they failed; how many there were. */
export async function makeFacts({ rules, only }: { rules: HouseRules; only?: readonly string[] }): Promise<number> {
  const key = storedKey(rules)
  const stale = await staleUnits(key, AT_ONCE, only)
  const made: MadeFacts[] = []
  for (const unit of stale) {
    const { id, version, trailer } = unit
    const card = tried(() => JSON.stringify(yardCard(trailer)))
    const facts = tried(() => factsText(factSheet(trailer, rules)))
    const failure = card.failure ?? facts.failure
    if (failure !== undefined) await noteFault(`facts of unit ${id}`, failure)
    made.push({
      id,
      version,
      ...(card.made !== undefined && { card: card.made }),
      ...(failure === undefined ? { facts: facts.made! } : { failed: kindOf(failure) }),
    })
  }
  if (made.length) await storeFacts(key, made)
  return made.length
}

/** A unit of which nothing can be made costs no other its own. */
function tried(make: () => string): { made?: string; failure?: unknown } {
  try {
    return { made: make() }
  } catch (failure) {
    return { failure: failure ?? new Error('nothing') }
  }
}
