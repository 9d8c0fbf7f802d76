import { DataTypes, type QueryInterface } from 'sequelize'

const moment = { type: DataTypes.DATE(3), allowNull: false }

/** What the office sees: records that nobody can read any more, put aside whole, and what failed lately. */
export async function up({ context: tables }: { context: QueryInterface }): Promise<void> {
  const id = { type: DataTypes.UUID, primaryKey: true, allowNull: false }
  await tables.createTable('set_aside', {
    id,
    kind: { type: DataTypes.STRING(20), allowNull: false },
    name: { type: DataTypes.STRING(80), allowNull: false },
    document: { type: DataTypes.TEXT('long'), allowNull: false },
    why: { type: DataTypes.STRING(300), allowNull: false },
    set_aside_at: moment,
  })
  await tables.createTable('faults', {
    id,
    place: { type: DataTypes.STRING(120), allowNull: false },
    kind: { type: DataTypes.STRING(80), allowNull: false },
    happened_at: moment,
  })
  await tables.addIndex('faults', ['happened_at'])
}
