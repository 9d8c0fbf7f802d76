import { DataTypes, QueryTypes, type QueryInterface } from 'sequelize'

const id = { type: DataTypes.UUID, primaryKey: true, allowNull: false }
const moment = { type: DataTypes.DATE(3), allowNull: false }
const once = { type: DataTypes.DATE(3), allowNull: true }
const by = { type: DataTypes.UUID, allowNull: true }

/**
 * A second factor, links by which somebody chooses a password, when a session was last used, what the house has decided for all,
 * and what happened at its doors.
 */
export async function up({ context: tables }: { context: QueryInterface }): Promise<void> {
  const run = (sql: string) => tables.sequelize.query(sql, { type: QueryTypes.RAW })
  // Sealed; the step of the last code that let somebody in, which lets nobody in again.
  await tables.addColumn('accounts', 'second_factor', { type: DataTypes.STRING(400), allowNull: true })
  await tables.addColumn('accounts', 'second_factor_step', { type: DataTypes.BIGINT, allowNull: true })
  await tables.addColumn('sessions', 'seen_at', once)
  await run('UPDATE sessions SET seen_at = created_at')
  await tables.createTable('one_time_links', {
    id,
    account_id: {
      type: DataTypes.UUID,
      allowNull: false,
      references: { model: 'accounts', key: 'id' },
      onDelete: 'CASCADE',
    },
    made_by: by,
    created_at: moment,
    expires_at: moment,
    used_at: once,
  })
  await tables.createTable('house_settings', {
    name: { type: DataTypes.STRING(40), primaryKey: true, allowNull: false },
    value: { type: DataTypes.STRING(200), allowNull: false },
  })
  // Whom it is about and who did it stand as their names: both may leave the house, what happened stays.
  await tables.createTable('house_events', {
    id,
    kind: { type: DataTypes.STRING(40), allowNull: false },
    about: { type: DataTypes.STRING(120), allowNull: true },
    by: { type: DataTypes.STRING(120), allowNull: true },
    detail: { type: DataTypes.STRING(120), allowNull: false, defaultValue: '' },
    happened_at: moment,
  })
  await tables.addIndex('house_events', ['happened_at'])
  await tables.changeColumn('outgoing', 'household_id', { type: DataTypes.UUID, allowNull: true })
  await tables.addColumn('outgoing', 'one_time_link', {
    type: DataTypes.UUID,
    allowNull: true,
    references: { model: 'one_time_links', key: 'id' },
    onDelete: 'CASCADE',
  })
}
