import { createHash } from 'node:crypto'
import { QueryTypes } from 'sequelize'
import { factsKey } from '@hitchet/core/match/factSheet'
import { oncePer } from '@hitchet/core/memory/remembered'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { CARD_VERSION } from '@hitchet/core/yard/card'
import { database, inTransaction } from './database'
import { TEXT_VERSION } from './factsText'
import { fromColumn, models } from './models'

/** Facts as stored text, so that they can be handed on without being parsed. */
export interface StoredFacts {
  id: string
  facts: string
}

/** A unit whose facts are missing, of an older version of it, or made by another program or by other rules. */
export interface StaleUnit {
  id: string
  version: number
  trailer: Trailer
}

/** By what facts were made, as short text: SHA-256 of versions and baked rules, in hex. */
export const storedKey = oncePer((rules: HouseRules): string =>
  createHash('sha256')
    .update(`card ${CARD_VERSION} text ${TEXT_VERSION} ${factsKey(rules)}`)
    .digest('hex'),
)

const FRESH = 'f.trailer_id = t.id AND f.trailer_version = t.version AND f.facts_key = :key'

/** Of the whole yard, or of one unit; neither facts nor why none could be made where they have to be made anew. */
export const readFacts = (key: string, only?: string) =>
  database().query<{ id: string; facts: string | null; failed: string | null }>(
    `SELECT t.id, f.facts, f.failed FROM trailers t LEFT JOIN trailer_facts f ON ${FRESH}
      ${only ? 'WHERE t.id = :only' : ''} ORDER BY t.stock`,
    { type: QueryTypes.SELECT, replacements: { key, only } },
  )

/** Of some units or of all: which version of each has facts, or failed; nothing where they have to be made anew. */
export const factsThere = (key: string, only?: readonly string[]) =>
  database().query<{ id: string; version: number; there: number | null; failed: string | null }>(
    `SELECT t.id, t.version, f.trailer_version AS there, f.failed FROM trailers t LEFT JOIN trailer_facts f ON ${FRESH}
      ${only ? 'WHERE t.id IN (:only)' : ''}`,
    { type: QueryTypes.SELECT, replacements: { key, only } },
  )

export const factsOf = (key: string, ids: readonly string[]) =>
  database().query<{ id: string; version: number; facts: string }>(
    `SELECT trailer_id AS id, trailer_version AS version, facts FROM trailer_facts
      WHERE trailer_id IN (:ids) AND facts_key = :key AND facts IS NOT NULL`,
    { type: QueryTypes.SELECT, replacements: { key, ids } },
  )

/**
 * Which version of every unit's card there is, by their stock numbers; nothing where it has to be made anew. `none`: none can be
 * made.
 */
export const cardsThere = (key: string) =>
  database().query<{ id: string; stock: string; version: number; there: number | null; none: number }>(
    `SELECT t.id, t.stock, t.version, f.trailer_version AS there, (f.trailer_id IS NOT NULL AND f.card IS NULL) AS none
      FROM trailers t LEFT JOIN trailer_facts f ON ${FRESH}
      ORDER BY t.stock`,
    { type: QueryTypes.SELECT, replacements: { key } },
  )

export const cardsOf = (key: string, ids: readonly string[]) =>
  database().query<{ id: string; version: number; card: string }>(
    `SELECT trailer_id AS id, trailer_version AS version, card FROM trailer_facts
      WHERE trailer_id IN (:ids) AND facts_key = :key`,
    { type: QueryTypes.SELECT, replacements: { key, ids } },
  )

/** How many units have no facts yet, and since when the oldest of them waits. */
export async function staleCount(key: string): Promise<{ left: number; since?: Date }> {
  const [row] = await database().query<{ left: number; since: Date | null }>(
    `SELECT COUNT(*) AS \`left\`, MIN(t.updated_at) AS since FROM trailers t LEFT JOIN trailer_facts f ON ${FRESH}
      WHERE f.trailer_id IS NULL`,
    { type: QueryTypes.SELECT, replacements: { key } },
  )
  return { left: Number(row!.left), ...(row!.since && { since: row!.since }) }
}

/** So many at the most of those whose facts have to be made. */
export async function staleUnits(key: string, most: number, only?: readonly string[]): Promise<StaleUnit[]> {
  const rows = await database().query<{ id: string; version: number; document: string | object }>(
    `SELECT t.id, t.version, t.document FROM trailers t LEFT JOIN trailer_facts f ON ${FRESH}
      WHERE f.trailer_id IS NULL ${only ? 'AND t.id IN (:only)' : ''} LIMIT :most`,
    { type: QueryTypes.SELECT, replacements: { key, most, only } },
  )
  return rows.map(({ id, version, document }) => ({ id, version, trailer: fromColumn<Trailer>(document) }))
}

/** What was made of a unit; where it failed, the kind of failure. */
export interface MadeFacts {
  id: string
  version: number
  facts?: string
  card?: string
  failed?: string
}

export async function storeFacts(key: string, made: readonly MadeFacts[]): Promise<void> {
  await inTransaction(async (transaction) => {
    for (const { id, version, facts = null, card = null, failed = null } of made)
      await models().FactsRow.upsert(
        { trailerId: id, trailerVersion: version, factsKey: key, facts, card, failed },
        { transaction },
      )
  })
}

/** Units of which nothing can be worked out as they are, by stock number, and what went wrong. */
export const failedUnits = (key: string) =>
  database().query<{ stock: string; kind: string }>(
    `SELECT t.stock, f.failed AS kind FROM trailers t JOIN trailer_facts f ON ${FRESH}
      WHERE f.failed IS NOT NULL ORDER BY t.stock`,
    { type: QueryTypes.SELECT, replacements: { key } },
  )
