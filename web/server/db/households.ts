import type { Transaction } from 'sequelize'
import { v7 as uuid } from 'uuid'
import type { Household } from '@hitchet/core/household/household'
import { Gone, StaleSave } from './conflict'
import { inTransaction } from './database'
import { fromColumn, models } from './models'

export interface KeptHousehold {
  id: string
  version: number
  household: Household
  updatedAt: Date
}

const LAST_TOUCHED: [string, string][] = [
  ['updated_at', 'DESC'],
  ['id', 'ASC'],
]

export async function allHouseholds(): Promise<KeptHousehold[]> {
  const rows = await models().HouseholdRow.findAll({ order: LAST_TOUCHED })
  return rows.map(kept)
}

/** Those last touched, and how many there are in all. */
export async function latestHouseholds(most: number): Promise<{ households: KeptHousehold[]; all: number }> {
  const { rows, count } = await models().HouseholdRow.findAndCountAll({ order: LAST_TOUCHED, limit: most })
  return { households: rows.map(kept), all: count }
}

export async function householdById(id: string): Promise<KeptHousehold | undefined> {
  const row = await models().HouseholdRow.findByPk(id)
  return row ? kept(row) : undefined
}

/** All of them, last touched first, held as they are until the transaction ends. */
export async function householdsForUpdate(transaction: Transaction): Promise<KeptHousehold[]> {
  const rows = await models().HouseholdRow.findAll({ order: LAST_TOUCHED, transaction, lock: true })
  return rows.map(kept)
}

/** The next version of one that is held by the transaction. */
export async function renewHouseholdIn(
  id: string,
  household: Household,
  by: string | null,
  transaction: Transaction,
): Promise<void> {
  const row = (await models().HouseholdRow.findByPk(id, { transaction, lock: true }))!
  const renewed = { name: household.name, document: household, version: row.version + 1, updatedBy: by }
  await row.update(renewed, { transaction })
}

/** New households as part of a transaction; returns their ids. */
export async function addHouseholds(
  households: readonly Household[],
  by: string | null,
  transaction: Transaction,
): Promise<string[]> {
  const rows = households.map((household) => ({ id: uuid(), name: household.name, document: household, updatedBy: by }))
  await models().HouseholdRow.bulkCreate(rows, { transaction })
  return rows.map(({ id }) => id)
}

/**
 * @throws Gone when it was deleted, StaleSave when `version` is no longer the one in the database; nothing is
 * written then.
 */
export async function saveHousehold(
  id: string,
  version: number,
  household: Household,
  by: string | null,
): Promise<KeptHousehold> {
  return inTransaction(async (transaction) => {
    const row = await models().HouseholdRow.findByPk(id, { transaction, lock: true })
    if (!row) throw new Gone()
    if (row.version !== version) throw new StaleSave(fromColumn<Household>(row.document), row.version)
    return kept(
      await row.update(
        { name: household.name, document: household, version: version + 1, updatedBy: by },
        { transaction },
      ),
    )
  })
}

/** One household changed by its own latest version, as part of a transaction. @throws Gone. */
export async function changeHouseholdIn(
  transaction: Transaction,
  id: string,
  by: string | null,
  change: (latest: Household) => Household,
): Promise<void> {
  const row = await models().HouseholdRow.findByPk(id, { transaction, lock: true })
  if (!row) throw new Gone()
  const household = change(fromColumn<Household>(row.document))
  const renewed = { name: household.name, document: household, version: row.version + 1, updatedBy: by }
  await row.update(renewed, { transaction })
}

export async function deleteHousehold(id: string): Promise<boolean> {
  return inTransaction(
    async (transaction) => (await models().HouseholdRow.destroy({ where: { id }, transaction })) === 1,
  )
}

function kept(row: { id: string; version: number; document: string | object; updatedAt: Date }): KeptHousehold {
  return { id: row.id, version: row.version, household: fromColumn<Household>(row.document), updatedAt: row.updatedAt }
}
