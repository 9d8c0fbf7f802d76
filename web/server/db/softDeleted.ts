import { DataTypes, QueryTypes, type Model, type ModelStatic, type Transaction } from 'sequelize'
import type { Household } from '@hitchet/core/household/household'
import { Gone, StaleSave } from './conflict'
import { database, inTransaction } from './database'
import { enterHouseholds, eraseHousehold, holdAlone, unerase } from './householdIds'
import { fromColumn, models } from './models'

/** So long it can be put back, minutes; then nothing is left of it. */
export const PUT_BACK_MINUTES = 15

/** A household that was taken out a moment ago. */
export interface SoftDeleted {
  id: string
  name: string
}

/** All that hangs on a household, by where its number stands. What was read on units stays with the units. */
const hanging = () => {
  const { ContactRow, TakeHomeRow, OutgoingRow, FollowUpRow, WalkEventRow } = models()
  return {
    contacts: ContactRow,
    pages: TakeHomeRow,
    messages: OutgoingRow,
    followUps: FollowUpRow,
    walks: WalkEventRow,
  }
}
type Hanging = keyof ReturnType<typeof hanging>
type Rows = Record<Hanging | 'household', Record<string, unknown>[]>

interface Asked {
  version: number
  by: string
  /** Whether this household may be taken out, by who brought it. */
  mayTakeOut(broughtBy: string | null): void
}

/**
 * Takes a household out with all that is kept of it: how it is reached, its pages and their links, messages, follow-ups, and
 * what was noted with it on walks. For a while it lies aside, whole, to be put back.
 * @throws Gone, StaleSave when it changed since `version`, and whatever `mayTakeOut` throws; nothing happens then.
 */
export async function takeOut(id: string, { version, by, mayTakeOut }: Asked): Promise<void> {
  await inTransaction(async (transaction) => {
    const { HouseholdRow } = models()
    // Whoever writes of it at this moment is done first, and what they wrote is found below.
    await holdAlone(id, transaction)
    const row = await HouseholdRow.findByPk(id, { transaction, lock: true })
    // Whoever got no answer asks once more.
    if (!row && (await softDeletedBy(by, transaction)).some((one) => one.id === id)) return
    if (!row) throw new Gone()
    mayTakeOut(row.broughtBy)
    if (row.version !== version)
      throw new StaleSave(fromColumn<Household>(row.document), row.version, row.updatedBy === by)
    const rows = { household: [plain(HouseholdRow, row)] } as Rows
    for (const [name, model] of Object.entries(hanging()) as [Hanging, ModelStatic<Model>][]) {
      const found = await model.findAll({ where: { householdId: id }, transaction })
      rows[name] = found.map((one) => plain(model, one))
    }
    await eraseHousehold(id, transaction)
    await run(
      'REPLACE INTO taken_out (household_id, taken_out_by, taken_out_at, `rows`) VALUES (:id, :by, NOW(3), :rows)',
      transaction,
      {
        id,
        by,
        rows: JSON.stringify(rows),
      },
    )
  })
}

/** Puts it back as it was. @throws Gone when it is too late, or somebody else took it out. */
export async function putBack(id: string, by: string): Promise<void> {
  await inTransaction(async (transaction) => {
    const [found] = await database().query<{ rows: string }>(
      `SELECT \`rows\` FROM taken_out WHERE household_id = :id AND taken_out_by = :by
        AND taken_out_at > NOW(3) - INTERVAL ${PUT_BACK_MINUTES} MINUTE FOR UPDATE`,
      { type: QueryTypes.SELECT, replacements: { id, by }, transaction },
    )
    if (!found) throw new Gone()
    const rows = JSON.parse(found.rows) as Rows
    await unerase(id, transaction)
    await enterHouseholds([id], transaction)
    const tables: [ModelStatic<Model>, Record<string, unknown>[]][] = [
      [models().HouseholdRow, rows.household],
      ...(Object.entries(hanging()) as [Hanging, ModelStatic<Model>][]).map(
        ([name, model]): [ModelStatic<Model>, Record<string, unknown>[]] => [model, rows[name]],
      ),
    ]
    for (const [model, some] of tables) if (some.length) await model.bulkCreate(some, { transaction })
    await run('DELETE FROM taken_out WHERE household_id = :id', transaction, { id })
  })
}

/** What somebody took out lately, the last first. */
export const softDeletedBy = (by: string, transaction?: Transaction): Promise<SoftDeleted[]> =>
  database().query<SoftDeleted>(
    `SELECT household_id AS id, JSON_VALUE(\`rows\`, '$.household[0].name') AS name FROM taken_out
      WHERE taken_out_by = :by AND taken_out_at > NOW(3) - INTERVAL ${PUT_BACK_MINUTES} MINUTE ORDER BY taken_out_at DESC`,
    { type: QueryTypes.SELECT, replacements: { by }, transaction },
  )

/** What nobody put back in time is gone for good. */
export const forgetSoftDeleted = (): Promise<unknown> =>
  database().query(`DELETE FROM taken_out WHERE taken_out_at <= NOW(3) - INTERVAL ${PUT_BACK_MINUTES} MINUTE`, {
    type: QueryTypes.RAW,
  })

const run = (sql: string, transaction: Transaction, replacements: Record<string, unknown>) =>
  database().query(sql, { type: QueryTypes.RAW, replacements, transaction })

/** A row as it can be made again: JSON columns as values, not as text. */
function plain(model: ModelStatic<Model>, row: Model): Record<string, unknown> {
  const values = row.get({ plain: true }) as Record<string, unknown>
  return Object.fromEntries(
    Object.entries(values).map(([name, value]) => [
      name,
      model.rawAttributes[name]?.type instanceof DataTypes.JSON && value !== null ? fromColumn(value as string) : value,
    ]),
  )
}
