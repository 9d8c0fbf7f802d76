import { keptMatch, type KeptMatch } from '@hitchet/core/match/kept'
import { matcherWithChangesFor } from '@hitchet/core/match/match'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { householdsAsTheyAre, keepAnswers, missingPairs, type Pair } from '../db/answers'
import { sheetsOf } from './sheets'

export interface Reckoning {
  rules: HouseRules
  /** By what program and rules answers are made (`services/keptKey.ts`). */
  key: string
  /** Absent: all in hand, the whole yard. */
  households?: readonly string[]
  units?: readonly string[]
  part?: { of: number; number: number }
  /** So many pairs at the most: who waits for something else waits no longer. */
  most: number
}

type Made = Pair & { kept: KeptMatch }

/** So many are written at once: of a unit that changed each household has but one, and every statement waits for the disk. */
const AT_ONCE = 50

/** Reckons what is not kept yet of some households on some units, and keeps it; how many pairs there were. */
export async function reckon({ rules, key, ...which }: Reckoning): Promise<number> {
  const pairs = await missingPairs('kept_answers', key, which)
  if (pairs.length === 0) return 0
  const sheets = new Map(
    (await sheetsOf(rules, [...new Set(pairs.map(({ trailer }) => trailer))])).map((one) => [one.id, one]),
  )
  const households = await householdsAsTheyAre([...new Set(pairs.map(({ household }) => household))])
  const open: Made[] = []
  const failures: unknown[] = []
  let written = 0
  const keepOpen = async () => {
    written += open.length
    await keepAnswers(key, open.splice(0))
  }
  for (const [id, { version, household }] of households) {
    // One of which something cannot be reckoned costs no other its answers.
    try {
      const matched = matcherWithChangesFor(household, rules)
      for (const pair of pairs) {
        const sheet = pair.household === id ? sheets.get(pair.trailer) : undefined
        if (!sheet) continue
        const kept = keptMatch(matched(sheet), household, rules.ranking)
        open.push({ household: id, householdVersion: version, trailer: sheet.id, trailerVersion: sheet.version, kept })
      }
    } catch (failure) {
      failures.push(failure)
    }
    if (open.length >= AT_ONCE) await keepOpen()
  }
  await keepOpen()
  if (failures.length) throw failures[0]
  return written
}
