import { createHash } from 'node:crypto'
import { QueryTypes } from 'sequelize'
import { factsKey } from '@hitchet/core/match/factSheet'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { inWorker } from '../jobs/pool'
import { database, inTransaction } from './database'
import { fromColumn, models } from './models'

/** Facts as stored text, so that they can be handed to a worker without being parsed here. */
export interface StoredFacts {
  id: string
  facts: string
}

/** So many units' facts are made and stored at a time. */
const AT_ONCE = 25

/** Units are saved while facts are made: so often it is looked again. */
const ROUNDS = 5

/**
 * The facts of the whole yard, or of one unit. Those that are missing, of an older version of the unit, or
 * made by another program or by other rules are made anew and stored; they are never handed out.
 */
export async function yardFacts(rules: HouseRules, only?: string): Promise<StoredFacts[]> {
  const key = storedKey(rules)
  let rows = await read(key, only)
  // Whoever waited for facts that somebody else asked for may have a unit that was not there when that began.
  for (let round = 0; round < ROUNDS && rows.some(({ facts }) => facts === null); round++) {
    await renew(rules, key)
    rows = await read(key, only)
  }
  return rows.flatMap(({ id, facts }) => (facts === null ? [] : [{ id, facts }]))
}

/** By what facts were made, as short text: SHA-256 of versions and baked rules, in hex. */
const storedKey = (rules: HouseRules): string => createHash('sha256').update(factsKey(rules)).digest('hex')

const FRESH = 'f.trailer_id = t.id AND f.trailer_version = t.version AND f.facts_key = :key'

const read = (key: string, only: string | undefined) =>
  database().query<{ id: string; facts: string | null }>(
    `SELECT t.id, f.facts FROM trailers t LEFT JOIN trailer_facts f ON ${FRESH}
      ${only ? 'WHERE t.id = :only' : ''} ORDER BY t.stock`,
    { type: QueryTypes.SELECT, replacements: { key, only } },
  )

let renewing: Promise<void> | undefined

/** Whoever comes while facts are being made waits for these, and does not make them once more. */
function renew(rules: HouseRules, key: string): Promise<void> {
  renewing ??= renewAll(rules, key).finally(() => (renewing = undefined))
  return renewing
}

async function renewAll(rules: HouseRules, key: string): Promise<void> {
  const stale = await database().query<{ id: string; version: number; document: string | object }>(
    `SELECT t.id, t.version, t.document FROM trailers t LEFT JOIN trailer_facts f ON ${FRESH} WHERE f.facts IS NULL`,
    { type: QueryTypes.SELECT, replacements: { key } },
  )
  for (let from = 0; from < stale.length; from += AT_ONCE) {
    const some = stale.slice(from, from + AT_ONCE)
    const made = await inWorker('factSheets', { trailers: some.map((one) => fromColumn<Trailer>(one.document)), rules })
    await inTransaction(async (transaction) => {
      for (const [i, { id, version }] of some.entries()) {
        await models().FactsRow.upsert(
          { trailerId: id, trailerVersion: version, factsKey: key, facts: made[i]! },
          { transaction },
        )
      }
    })
  }
}
