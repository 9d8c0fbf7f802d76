import { QueryTypes } from 'sequelize'
import { database, inTransaction } from './database'
import { holdHousehold } from './householdIds'
import { models } from './models'

/** A day on which somebody comes back to a household, and why. */
export interface FollowUp {
  id: string
  householdId: string
  household: string
  /** ISO date. */
  dueOn: string
  why: string
  by: string | null
  doneAt: Date | null
}

const MOST = 200

const SELECT = `SELECT f.id, f.household_id AS householdId, h.name AS household,
    DATE_FORMAT(f.due_on, '%Y-%m-%d') AS dueOn, f.why, a.name AS \`by\`, f.done_at AS doneAt
  FROM follow_ups f JOIN households h ON h.id = f.household_id LEFT JOIN accounts a ON a.id = f.made_by`

/** Kept under the id that whoever asked made: asked for twice it is kept once. @throws Gone. */
export async function addFollowUp(one: {
  id: string
  householdId: string
  dueOn: string
  why: string
  madeBy: string | null
}): Promise<void> {
  await inTransaction(async (transaction) => {
    await holdHousehold(one.householdId, transaction)
    await models().FollowUpRow.bulkCreate([one], { transaction, ignoreDuplicates: true })
  })
}

/** Those that are not done, the earliest first; `until`: due by that day. */
export const openFollowUps = (until?: string): Promise<FollowUp[]> =>
  database().query<FollowUp>(
    `${SELECT} WHERE f.done_at IS NULL ${until ? 'AND f.due_on <= :until' : ''} ORDER BY f.due_on, f.id LIMIT ${MOST}`,
    { type: QueryTypes.SELECT, replacements: { until } },
  )

/** All of a household, done or not, the earliest first. */
export const followUpsOf = (householdId: string): Promise<FollowUp[]> =>
  database().query<FollowUp>(
    `${SELECT} WHERE f.household_id = :householdId ORDER BY f.done_at IS NOT NULL, f.due_on, f.id LIMIT ${MOST}`,
    { type: QueryTypes.SELECT, replacements: { householdId } },
  )

/** Whether there was one. */
export async function setDone(id: string, done: boolean, by: string): Promise<boolean> {
  const row = await models().FollowUpRow.findByPk(id)
  if (!row) return false
  await row.update(done ? { doneAt: row.doneAt ?? new Date(), doneBy: by } : { doneAt: null, doneBy: null })
  return true
}
