import { DataTypes, QueryTypes, type QueryInterface } from 'sequelize'

const id = { type: DataTypes.UUID, primaryKey: true, allowNull: false }
const moment = { type: DataTypes.DATE(3), allowNull: false }

/**
 * Who is signed in stands in the database, so that a session ends when somebody ends it, wherever its cookie lies. Households
 * know who brought them; what is taken out stays for a while, to be put back.
 */
export async function up({ context: tables }: { context: QueryInterface }): Promise<void> {
  await tables.createTable('sessions', {
    id,
    account_id: {
      type: DataTypes.UUID,
      allowNull: false,
      references: { model: 'accounts', key: 'id' },
      onDelete: 'CASCADE',
    },
    address_seal: { type: DataTypes.CHAR(64), allowNull: false },
    created_at: moment,
    expires_at: moment,
    ended_at: { type: DataTypes.DATE(3), allowNull: true },
  })
  await tables.addIndex('sessions', ['account_id', 'address_seal'])
  await tables.addIndex('sessions', ['expires_at'])
  await tables.addColumn('households', 'brought_by', { type: DataTypes.UUID, allowNull: true })
  await tables.sequelize.query('UPDATE households SET brought_by = updated_by', { type: QueryTypes.RAW })
  await tables.createTable('taken_out', {
    household_id: id,
    taken_out_by: { type: DataTypes.UUID, allowNull: true },
    taken_out_at: moment,
    rows: { type: DataTypes.TEXT('long'), allowNull: false },
  })
  await tables.addIndex('taken_out', ['taken_out_at'])
}
