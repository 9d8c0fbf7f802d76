import { LRUCache } from 'lru-cache'
import { judgeFor } from '@hitchet/core/match/judge'
import { waitedFor } from '@hitchet/core/match/asking/tapeList'
import { variantOf, type Variant } from '@hitchet/core/match/asking/variants'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { householdsAsTheyAre, keepWaits } from '../db/answers'
import { trailersById, type StockedTrailer } from '../db/trailers'
import { outcomeOf } from './outcome'

/** What was tried on the last two units stays in the thread: the next ten households try the same. */
const lately = new LRUCache<string, Variant>({ max: 2 })

/** Reckons which readings some households wait for on one unit, and keeps that. */
export async function reckonWaits({
  rules,
  key,
  unit,
  households: ids,
}: {
  rules: HouseRules
  key: string
  unit: string
  households: readonly string[]
}): Promise<void> {
  const [[found], households] = await Promise.all([trailersById([unit]), householdsAsTheyAre(ids)])
  if (!found) return
  const rows = [...households].map(([id, { version, household }]) => ({
    household: id,
    householdVersion: version,
    trailer: found.id,
    trailerVersion: found.version,
    ...outcomeOf(() => {
      const variant = variantFor(found, rules, key)
      return waitedFor(variant, household, judgeFor(household, rules)(variant.facts), rules)
    }),
  }))
  await keepWaits(key, rows)
}

function variantFor({ id, version, trailer }: StockedTrailer, rules: HouseRules, key: string): Variant {
  const name = `${id} ${version} ${key}`
  const variant = lately.get(name) ?? variantOf(trailer, rules)
  lately.set(name, variant)
  return variant
}
