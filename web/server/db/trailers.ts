import { isDeepStrictEqual } from 'node:util'
import { QueryTypes, UniqueConstraintError, type Transaction } from 'sequelize'
import { v7 as uuid } from 'uuid'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { Gone, isSavedAlready, StaleSave } from './conflict'
import { database, inTransaction } from './database'
import { fromColumn, models } from './models'

export interface StockedTrailer {
  id: string
  version: number
  trailer: Trailer
}

export async function allTrailers(): Promise<StockedTrailer[]> {
  const rows = await models().TrailerRow.findAll({ order: [['stock', 'ASC']] })
  return rows.map(stocked)
}

export async function trailersByStock(stocks: string[]): Promise<StockedTrailer[]> {
  const rows = await models().TrailerRow.findAll({ where: { stock: stocks } })
  return stocks.flatMap((stock) => rows.filter((row) => row.stock === stock).map(stocked))
}

/** The unit of a stock number, however it is written, held as it is until the transaction ends. */
export async function trailerLike(stock: string, transaction: Transaction): Promise<StockedTrailer | undefined> {
  const row = await models().TrailerRow.findOne({ where: { stock }, transaction, lock: true })
  return row ? stocked(row) : undefined
}

/**
 * Those of some typed stock numbers that are on the lot, as they hang in the window: `t-118` is T-118 there, and `n-9` may be
 * n-9. In the order in which they were typed, each once.
 */
export async function stocksAsKept(typed: readonly string[]): Promise<{ kept: string[]; missing: string[] }> {
  const rows = await models().TrailerRow.findAll({ attributes: ['stock'], where: { stock: [...typed] } })
  const asKept = (one: string) => rows.find(({ stock }) => stock.toLowerCase() === one.toLowerCase())?.stock
  return {
    kept: [...new Set(typed.flatMap((one) => asKept(one) ?? []))],
    missing: typed.filter((one) => asKept(one) === undefined),
  }
}

export async function trailersById(ids: string[]): Promise<StockedTrailer[]> {
  return (await models().TrailerRow.findAll({ where: { id: ids } })).map(stocked)
}

/** Another text as soon as any unit came, went or changed. */
export async function yardRevision(): Promise<string> {
  const [row] = await database().query<{ units: number; versions: number | null; latest: Date | null }>(
    'SELECT COUNT(*) AS units, SUM(version) AS versions, MAX(updated_at) AS latest FROM trailers',
    { type: QueryTypes.SELECT },
  )
  return `${row!.units}/${row!.versions}/${row!.latest?.valueOf()}`
}

/** The ids of those of some stock numbers that are on the lot. */
export async function idsByStock(stocks: readonly string[]): Promise<string[]> {
  const rows = await models().TrailerRow.findAll({ attributes: ['id'], where: { stock: [...stocks] } })
  return rows.map(({ id }) => id)
}

export async function stockNumbers(): Promise<string[]> {
  const rows = await models().TrailerRow.findAll({ attributes: ['stock'] })
  return rows.map(({ stock }) => stock)
}

/**
 * Puts one trailer into stock; false when its number is there already, however it is written. The index
 * decides, so that of two at once one is refused.
 */
export async function addTrailer(trailer: Trailer, by: string | null): Promise<boolean> {
  try {
    await inTransaction((transaction) => create(trailer, by, transaction))
    return true
  } catch (failure) {
    if (failure instanceof UniqueConstraintError) return false
    throw failure
  }
}

/** Whether it is there in its first version, word for word, from the same hand. */
export async function isAsTakenIn(trailer: Trailer, by: string): Promise<boolean> {
  const row = await models().TrailerRow.findOne({ where: { stock: trailer.stock, version: 1, updatedBy: by } })
  return row !== null && isDeepStrictEqual(fromColumn(row.document), JSON.parse(JSON.stringify(trailer)))
}

const create = (trailer: Trailer, by: string | null, transaction: Transaction) =>
  models().TrailerRow.create({ id: uuid(), stock: trailer.stock, document: trailer, updatedBy: by }, { transaction })

/**
 * Puts trailers into stock as part of a transaction. One whose stock number is there already, however it
 * is written, becomes its next version under the number as it hangs in the window; word for word the same, it
 * stays as it is. Its facts are made when they are next asked for (`facts.ts`). `onStored` hears how many are
 * through, and ends all by throwing.
 */
export async function saveTrailers(
  trailers: readonly Trailer[],
  by: string | null,
  transaction: Transaction,
  onStored: (stored: number) => void = () => {},
): Promise<{ added: string[]; renewed: string[]; unchanged: string[] }> {
  const { TrailerRow } = models()
  const saved = { added: [] as string[], renewed: [] as string[], unchanged: [] as string[] }
  // In one order: two who bring the same ones wait for each other, and do not meet crosswise.
  const inOrder = [...trailers].sort((a, b) => (a.stock.toLowerCase() < b.stock.toLowerCase() ? -1 : 1))
  for (const [i, trailer] of inOrder.entries()) {
    const row = await TrailerRow.findOne({ where: { stock: trailer.stock }, transaction, lock: true })
    if (row) {
      const document = { ...trailer, stock: row.stock }
      const isSame = isDeepStrictEqual(JSON.parse(JSON.stringify(document)), fromColumn<Trailer>(row.document))
      if (!isSame) await row.update({ document, version: row.version + 1, updatedBy: by }, { transaction })
      saved[isSame ? 'unchanged' : 'renewed'].push(row.stock)
    } else {
      await create(trailer, by, transaction)
      saved.added.push(trailer.stock)
    }
    onStored(i + 1)
  }
  return saved
}

/**
 * One trailer changed by its own latest version, as part of one transaction.
 * @throws Gone when it is not in stock any more, StaleSave when `version` is given and no longer the one in the
 * database; nothing is written then.
 */
export async function changeTrailer(
  stock: string,
  by: string | null,
  change: (latest: Trailer) => Trailer,
  version?: number,
): Promise<StockedTrailer> {
  return inTransaction((transaction) => changeTrailerIn(transaction, stock, by, change, version))
}

/** The same as part of a transaction; a change that gives the unit back as it was writes nothing. */
export async function changeTrailerIn(
  transaction: Transaction,
  stock: string,
  by: string | null,
  change: (latest: Trailer) => Trailer,
  version?: number,
): Promise<StockedTrailer> {
  const { TrailerRow } = models()
  const row = await TrailerRow.findOne({ where: { stock }, transaction, lock: true })
  if (!row) throw new Gone()
  const latest = fromColumn<Trailer>(row.document)
  if (version !== undefined && row.version !== version) {
    const document = change(latest)
    if (isSavedAlready(row, { version, by, document })) return { id: row.id, version: row.version, trailer: latest }
    throw new StaleSave(latest, row.version, by !== null && row.updatedBy === by)
  }
  const trailer = change(latest)
  if (trailer !== latest)
    await row.update({ document: trailer, version: row.version + 1, updatedBy: by }, { transaction })
  return { id: row.id, version: row.version, trailer }
}

function stocked(row: { id: string; version: number; document: string | object }): StockedTrailer {
  return { id: row.id, version: row.version, trailer: fromColumn<Trailer>(row.document) }
}
