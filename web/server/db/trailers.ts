import { QueryTypes, type Transaction } from 'sequelize'
import { v7 as uuid } from 'uuid'
import { factSheet } from '@hitchet/core/match/match'
import { FACTS_VERSION } from '@hitchet/core/questions/index'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { Gone, StaleSave } from './conflict'
import { database, inTransaction } from './database'
import { fromColumn, models } from './models'

export interface StockedTrailer {
  id: string
  version: number
  trailer: Trailer
}

/** Facts as stored text, so that they can be handed to a worker without being parsed here. */
export interface StoredFacts {
  id: string
  facts: string
}

export async function allTrailers(): Promise<StockedTrailer[]> {
  const rows = await models().TrailerRow.findAll({ order: [['stock', 'ASC']] })
  return rows.map(stocked)
}

export async function trailersByStock(stocks: string[]): Promise<StockedTrailer[]> {
  const rows = await models().TrailerRow.findAll({ where: { stock: stocks } })
  return stocks.flatMap((stock) => rows.filter((row) => row.stock === stock).map(stocked))
}

export async function stockNumbers(): Promise<string[]> {
  const rows = await models().TrailerRow.findAll({ attributes: ['stock'] })
  return rows.map(({ stock }) => stock)
}

/**
 * Puts trailers into stock as part of a transaction. One whose stock number is there already becomes its
 * next version. The facts of each are computed and stored with it.
 */
export async function saveTrailers(
  trailers: readonly Trailer[],
  by: string | null,
  transaction: Transaction,
): Promise<{ added: string[]; renewed: string[] }> {
  const { TrailerRow, FactsRow } = models()
  const added: string[] = []
  const renewed: string[] = []
  for (const trailer of trailers) {
    const row = await TrailerRow.findOne({ where: { stock: trailer.stock }, transaction, lock: true })
    const saved = row
      ? await row.update({ document: trailer, version: row.version + 1, updatedBy: by }, { transaction })
      : await TrailerRow.create({ id: uuid(), stock: trailer.stock, document: trailer, updatedBy: by }, { transaction })
    await FactsRow.upsert(factsRow(saved.id, saved.version, trailer), { transaction })
    ;(row ? renewed : added).push(trailer.stock)
  }
  return { added, renewed }
}

/**
 * One trailer changed by its own latest version, as part of one transaction; its facts are made anew with it.
 * @throws Gone when it is not in stock any more, StaleSave when `version` is given and no longer the one in the database; nothing is written then.
 */
export async function changeTrailer(
  stock: string,
  by: string | null,
  change: (latest: Trailer) => Trailer,
  version?: number,
): Promise<StockedTrailer> {
  return inTransaction(async (transaction) => {
    const { TrailerRow, FactsRow } = models()
    const row = await TrailerRow.findOne({ where: { stock }, transaction, lock: true })
    if (!row) throw new Gone()
    const latest = fromColumn<Trailer>(row.document)
    if (version !== undefined && row.version !== version) throw new StaleSave(latest, row.version)
    const trailer = change(latest)
    await row.update({ document: trailer, version: row.version + 1, updatedBy: by }, { transaction })
    await FactsRow.upsert(factsRow(row.id, row.version, trailer), { transaction })
    return { id: row.id, version: row.version, trailer }
  })
}

/** The facts of the whole yard; those made by an older program or of an older version are made anew and stored. */
export async function yardFacts(): Promise<StoredFacts[]> {
  const rows = await database().query<{ id: string; version: number; facts: string | null; fresh: number }>(
    `SELECT t.id, t.version, f.facts, (f.facts_version = :current AND f.trailer_version = t.version) AS fresh
       FROM trailers t LEFT JOIN trailer_facts f ON f.trailer_id = t.id ORDER BY t.stock`,
    { type: QueryTypes.SELECT, replacements: { current: FACTS_VERSION } },
  )
  const stale = rows.filter(({ fresh }) => !fresh).map(({ id }) => id)
  const renewed = stale.length ? await renewFacts(stale) : new Map<string, string>()
  return rows.map(({ id, facts }) => ({ id, facts: renewed.get(id) ?? facts! }))
}

async function renewFacts(ids: string[]): Promise<Map<string, string>> {
  return inTransaction(async (transaction) => {
    const { TrailerRow, FactsRow } = models()
    const rows = await TrailerRow.findAll({ where: { id: ids }, transaction })
    const fresh = rows.map((row) => factsRow(row.id, row.version, fromColumn<Trailer>(row.document)))
    for (const row of fresh) await FactsRow.upsert(row, { transaction })
    return new Map(fresh.map(({ trailerId, facts }) => [trailerId, facts]))
  })
}

function factsRow(trailerId: string, trailerVersion: number, trailer: Trailer) {
  return { trailerId, trailerVersion, factsVersion: FACTS_VERSION, facts: JSON.stringify(factSheet(trailer)) }
}

function stocked(row: { id: string; version: number; document: string | object }): StockedTrailer {
  return { id: row.id, version: row.version, trailer: fromColumn<Trailer>(row.document) }
}
