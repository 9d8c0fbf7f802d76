import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { factsThere, readFacts, storedKey, type StoredFacts } from '../../db/facts'
import { houseRules } from '../../houseRules'
import { inWorker } from '../../jobs/pool'
import { processSingleton } from '../../processSingleton'

/** Units are saved while facts are made: so often it is looked again. */
const ROUNDS = 5

/**
 * The facts of the whole yard, or of one unit. Those that are missing, of an older version of the unit, or
 * made by another program or by other rules are made anew and stored; they are never handed out.
 */
export async function yardFacts(rules: HouseRules, only?: string): Promise<StoredFacts[]> {
  const key = storedKey(rules)
  let rows = await readFacts(key, only)
  // Whoever waited for facts that somebody else asked for may have a unit that was not there when that began.
  for (let round = 0; round < ROUNDS && rows.some(({ facts, failed }) => facts === null && failed === null); round++) {
    await freshFacts(rules)
    rows = await readFacts(key, only)
  }
  return rows.flatMap(({ id, facts }) => (facts === null ? [] : [{ id, facts }]))
}

/** Whether a unit is one on which nothing can be worked out as it is. */
export async function hasFailed(unit: string): Promise<boolean> {
  const [row] = await factsThere(storedKey(houseRules()), [unit])
  return row?.failed !== null && row?.failed !== undefined
}

const mine = processSingleton('facts', (): { renewing?: Promise<void> } => ({}))

/** Makes all that are stale. Whoever comes while they are being made waits for these, and does not make them once more. */
export function freshFacts(rules: HouseRules): Promise<void> {
  mine.renewing ??= untilNone(rules).finally(() => (mine.renewing = undefined))
  return mine.renewing
}

async function untilNone(rules: HouseRules): Promise<void> {
  while ((await inWorker('makeFacts', { rules })) > 0);
}
