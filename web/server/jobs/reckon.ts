import { cachedMatch, type CachedMatch } from '@hitchet/core/match/cachedMatch'
import { matcherWithChangesFor } from '@hitchet/core/match/match'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { householdsAsTheyAre, keepAnswers, missingPairs, type Outcome } from '../db/answers'
import { factsThere, storedKey } from '../db/facts'
import { noteFault } from '../db/faults'
import { outcomeOf } from './outcome'
import { sheetsOf } from './sheets'

export interface Reckoning {
  rules: HouseRules
  /** By what program and rules answers are made (`services/cache/cacheKey.ts`). */
  key: string
  /** Absent: all in hand, the whole yard. */
  households?: readonly string[]
  units?: readonly string[]
  part?: { of: number; number: number }
  /** So many pairs at the most: who waits for something else waits no longer. */
  most: number
}

/** So many are written at once: of a unit that changed each household has but one, and every statement waits for the disk. */
const AT_ONCE = 50

/** Reckons what is not kept yet of some households on some units, and keeps it, or that it failed; how many pairs there were. */
export async function reckon({ rules, key, ...which }: Reckoning): Promise<number> {
  const pairs = await missingPairs('kept_answers', key, which)
  if (pairs.length === 0) return 0
  const units = [...new Set(pairs.map(({ trailer }) => trailer))]
  const sheets = new Map((await sheetsOf(rules, units)).map((one) => [one.id, one]))
  const without = await unitsWithout(
    rules,
    units.filter((unit) => !sheets.has(unit)),
  )
  const households = await householdsAsTheyAre([...new Set(pairs.map(({ household }) => household))])
  const open: Outcome<CachedMatch>[] = []
  let written = 0
  const keepOpen = async () => {
    written += open.length
    await keepAnswers(key, open.splice(0))
  }
  for (const [id, { version, household }] of households) {
    const matching = outcomeOf(() => matcherWithChangesFor(household, rules))
    const failures: unknown[] = []
    for (const { household: of, trailer } of pairs) {
      if (of !== id) continue
      const [sheet, failed] = [sheets.get(trailer), without.get(trailer)]
      const pair = { household: id, householdVersion: version, trailer }
      if (failed) open.push({ ...pair, trailerVersion: failed.version, failed: failed.kind })
      if (!sheet) continue
      const outcome = outcomeOf(() => cachedMatch(made(matching)(sheet), household, rules.ranking))
      open.push({ ...pair, trailerVersion: sheet.version, ...outcome })
      if ('failure' in outcome) failures.push(outcome.failure)
    }
    if (failures.length) await noteFault(`answers of household ${id}`, failures[0])
    if (open.length >= AT_ONCE) await keepOpen()
  }
  await keepOpen()
  return written
}

/** Units of which no facts can be made: nothing can be reckoned on them either. */
async function unitsWithout(
  rules: HouseRules,
  units: readonly string[],
): Promise<Map<string, { version: number; kind: string }>> {
  if (units.length === 0) return new Map()
  const rows = await factsThere(storedKey(rules), units)
  return new Map(
    rows.flatMap(({ id, there, failed }) =>
      there !== null && failed !== null ? [[id, { version: there, kind: failed }]] : [],
    ),
  )
}

/** @throws what it failed by. */
function made<Kept>(outcome: { kept: Kept } | { failure: unknown }): Kept {
  if ('failure' in outcome) throw outcome.failure
  return outcome.kept
}
