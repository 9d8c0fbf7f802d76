import { factSheet } from '@hitchet/core/match/factSheet'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { yardCard } from '@hitchet/core/yard/card'
import { staleUnits, storedKey, storeFacts, type StaleUnit } from '../db/facts'
import { factsText } from '../db/factsText'
import { noteFault } from '../db/faults'

/** So many units' facts are made and stored at a time: who waits for something else waits no longer. */
const AT_ONCE = 25

/** Makes the facts and the cards of some units that have none, and stores them; how many were made. */
export async function makeFacts({ rules, only }: { rules: HouseRules; only?: readonly string[] }): Promise<number> {
  const key = storedKey(rules)
  const stale = await staleUnits(key, AT_ONCE, only)
  const made: Made[] = []
  for (const unit of stale) {
    try {
      made.push(factsFor(unit, rules))
    } catch (failure) {
      // A unit of which no facts can be made costs no other its own. It is put aside when the program starts again.
      const name = `${unit.id} ${unit.version}`
      if (!told.has(name)) await noteFault(`facts of unit ${unit.id}`, failure)
      told.add(name)
    }
  }
  if (made.length) await storeFacts(key, made)
  return made.length
}

/** What was said once of a version is not said at every look. */
const told = new Set<string>()

type Made = Parameters<typeof storeFacts>[1][number]

const factsFor = ({ id, version, trailer }: StaleUnit, rules: HouseRules): Made => ({
  id,
  version,
  facts: factsText(factSheet(trailer, rules)),
  card: JSON.stringify(yardCard(trailer)),
})
