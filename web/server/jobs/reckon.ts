import { keptMatch } from '@hitchet/core/match/kept'
import { matcherWithChangesFor } from '@hitchet/core/match/match'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { householdsAsTheyAre, keepAnswers, missingPairs } from '../db/answers'
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

/** Reckons what is not kept yet of some households on some units, and keeps it; how many pairs there were. */
export async function reckon({ rules, key, ...which }: Reckoning): Promise<number> {
  const pairs = await missingPairs('kept_answers', key, which)
  if (pairs.length === 0) return 0
  const sheets = new Map(
    (await sheetsOf(rules, [...new Set(pairs.map(({ trailer }) => trailer))])).map((one) => [one.id, one]),
  )
  let written = 0
  const households = await householdsAsTheyAre([...new Set(pairs.map(({ household }) => household))])
  for (const [id, { version, household }] of households) {
    const own = pairs.filter((pair) => pair.household === id).flatMap(({ trailer }) => sheets.get(trailer) ?? [])
    const matched = matcherWithChangesFor(household, rules)
    const rows = own.map((sheet) => ({
      household: id,
      householdVersion: version,
      trailer: sheet.id,
      trailerVersion: sheet.version,
      kept: keptMatch(matched(sheet), household, rules.ranking),
    }))
    await keepAnswers(key, rows)
    written += rows.length
  }
  return written
}
