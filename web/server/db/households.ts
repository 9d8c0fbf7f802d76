import { Op, UniqueConstraintError, type Transaction } from 'sequelize'
import { v7 as uuid } from 'uuid'
import type { Household } from '@hitchet/core/household/household'
import type { Outcome } from '@hitchet/core/household/outcome'
import { Gone, isSavedAlready, StaleSave } from './conflict'
import { inTransaction } from './database'
import { enterHouseholds } from './householdIds'
import { fromColumn, models, type HouseholdRow } from './models'

export interface KeptHousehold {
  id: string
  version: number
  household: Household
  updatedAt: Date
  /** How it ended, once it has. */
  outcome?: Outcome
}

const LAST_TOUCHED: [string, string][] = [
  ['updated_at', 'DESC'],
  ['id', 'ASC'],
]

export async function allHouseholds(): Promise<KeptHousehold[]> {
  const rows = await models().HouseholdRow.findAll({ order: LAST_TOUCHED })
  return rows.map(kept)
}

/** Of those in hand who they are, last touched first. */
export async function householdNames(): Promise<{ id: string; name: string }[]> {
  const rows = await models().HouseholdRow.findAll({
    attributes: ['id', 'name'],
    where: { closedAt: null },
    order: LAST_TOUCHED,
  })
  return rows.map(({ id, name }) => ({ id, name }))
}

/** Those last touched that are in hand, or with which it has ended, and how many there are of them in all. */
export async function latestHouseholds(
  most: number,
  which: 'in hand' | 'ended' = 'in hand',
): Promise<{ households: KeptHousehold[]; all: number }> {
  const { rows, count } = await models().HouseholdRow.findAndCountAll({
    where: { closedAt: which === 'ended' ? { [Op.not]: null } : null },
    order: LAST_TOUCHED,
    limit: most,
  })
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

/** New households as part of a transaction; returns their ids. @throws Gone when one of their own was erased. */
export async function addHouseholds(
  households: readonly Household[],
  by: string | null,
  transaction: Transaction,
  /** Of those that were here before. */
  own: readonly (string | undefined)[] = [],
): Promise<string[]> {
  const rows = households.map((household, i) => rowOf(own[i] ?? uuid(), household, by))
  await enterHouseholds(
    rows.map(({ id }) => id),
    transaction,
  )
  await models().HouseholdRow.bulkCreate(rows, { transaction })
  return rows.map(({ id }) => id)
}

/** One new household under an id that whoever sends it has chosen; false when there is one of that id. @throws Gone when it was erased. */
export async function addHousehold(id: string, household: Household, by: string): Promise<boolean> {
  try {
    await inTransaction(async (transaction) => {
      await enterHouseholds([id], transaction)
      await models().HouseholdRow.create(rowOf(id, household, by), { transaction })
    })
    return true
  } catch (failure) {
    if (failure instanceof UniqueConstraintError) return false
    throw failure
  }
}

const rowOf = (id: string, household: Household, by: string | null) => ({
  id,
  name: household.name,
  document: household,
  updatedBy: by,
  broughtBy: by,
})

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
    if (isSavedAlready(row, { version, by, document: household })) return kept(row)
    if (row.version !== version)
      throw new StaleSave(fromColumn<Household>(row.document), row.version, by !== null && row.updatedBy === by)
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

/** Notes how it ended, or that it goes on after all. What was answered stays as it is. @throws Gone. */
export async function endHousehold(id: string, outcome: Outcome | null): Promise<void> {
  await inTransaction(async (transaction) => {
    const row = await models().HouseholdRow.findByPk(id, { transaction, lock: true })
    if (!row) throw new Gone()
    await row.update({ outcome, closedAt: outcome && (row.closedAt ?? new Date()) }, { transaction, silent: true })
  })
}

/** All that is kept of a household, as it stands in the tables: for whoever asks what that is. */
export async function everythingOf(id: string): Promise<Record<string, unknown> | undefined> {
  const { HouseholdRow, ContactRow, TakeHomeRow, OutgoingRow, FollowUpRow, WalkEventRow } = models()
  const row = await HouseholdRow.findByPk(id)
  if (!row) return undefined
  const where = { householdId: id }
  const parsed = (text: string) => JSON.parse(text) as unknown
  const [contact, pages, messages, followUps, walks] = await Promise.all([
    ContactRow.findByPk(id),
    TakeHomeRow.findAll({ where }),
    OutgoingRow.findAll({ where }),
    FollowUpRow.findAll({ where }),
    WalkEventRow.findAll({ where }),
  ])
  return {
    household: fromColumn(row.document),
    outcome: row.outcome ? fromColumn(row.outcome) : null,
    contact: contact ? fromColumn(contact.document) : null,
    pages: pages.map((one) => ({ ...one.get({ plain: true }), document: parsed(one.document) })),
    messages: messages.map((one) => one.get({ plain: true })),
    followUps: followUps.map((one) => one.get({ plain: true })),
    walks: walks.map((one) => ({
      ...one.get({ plain: true }),
      note: fromColumn(one.note),
      outcome: fromColumn(one.outcome),
    })),
  }
}

function kept(row: HouseholdRow): KeptHousehold {
  return {
    id: row.id,
    version: row.version,
    household: fromColumn<Household>(row.document),
    updatedAt: row.updatedAt,
    ...(row.outcome && { outcome: fromColumn<Outcome>(row.outcome) }),
  }
}
