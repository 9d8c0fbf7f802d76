import { DataTypes, type QueryInterface } from 'sequelize'

const id = { type: DataTypes.UUID, primaryKey: true, allowNull: false }
const household = { type: DataTypes.UUID, allowNull: false }
const moment = { type: DataTypes.DATE(3), allowNull: false }
const once = { type: DataTypes.DATE(3), allowNull: true }
const document = { type: DataTypes.JSON, allowNull: false }
const by = { type: DataTypes.UUID, allowNull: true }

/**
 * What happens after the meeting: the pages a household takes home, how it is reached, what was to be sent to it, when to
 * come back to it, and how it ended. All of it goes when the household does.
 */
export async function up({ context: tables }: { context: QueryInterface }): Promise<void> {
  await tables.createTable('take_homes', {
    id,
    household_id: household,
    stocks: { type: DataTypes.STRING(100), allowNull: false },
    document: { type: DataTypes.TEXT('long'), allowNull: false },
    made_by: by,
    created_at: moment,
    expires_at: moment,
    withdrawn_at: once,
    visits: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 },
    visited_at: once,
  })
  await tables.addIndex('take_homes', ['household_id', 'created_at'])
  await tables.createTable('contacts', {
    household_id: id,
    version: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 1 },
    document,
    updated_by: by,
    created_at: moment,
    updated_at: moment,
  })
  await tables.createTable('outgoing', {
    id,
    household_id: household,
    channel: { type: DataTypes.STRING(10), allowNull: false },
    recipient: { type: DataTypes.STRING(190), allowNull: false },
    subject: { type: DataTypes.STRING(200), allowNull: false },
    words: { type: DataTypes.TEXT, allowNull: false },
    made_by: by,
    created_at: moment,
  })
  await tables.addIndex('outgoing', ['created_at'])
  await tables.addIndex('outgoing', ['household_id'])
  await tables.createTable('follow_ups', {
    id,
    household_id: household,
    due_on: { type: DataTypes.DATEONLY, allowNull: false },
    why: { type: DataTypes.STRING(200), allowNull: false },
    made_by: by,
    created_at: moment,
    done_at: once,
    done_by: by,
  })
  await tables.addIndex('follow_ups', ['done_at', 'due_on'])
  await tables.addIndex('follow_ups', ['household_id'])
  await tables.addColumn('households', 'outcome', { type: DataTypes.JSON, allowNull: true })
  await tables.addColumn('households', 'closed_at', once)
  await tables.addIndex('households', ['closed_at', 'updated_at'])
}
