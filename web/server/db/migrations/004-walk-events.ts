import { DataTypes, type QueryInterface } from 'sequelize'

/** What is noted along a walk, each once: the id is made on the device. It outlives the unit and the household. */
export async function up({ context: tables }: { context: QueryInterface }): Promise<void> {
  await tables.createTable('walk_events', {
    id: { type: DataTypes.UUID, primaryKey: true, allowNull: false },
    stock: { type: DataTypes.STRING(20), allowNull: false },
    household_id: { type: DataTypes.UUID, allowNull: true },
    kind: { type: DataTypes.STRING(20), allowNull: false },
    about: { type: DataTypes.STRING(160), allowNull: false },
    note: { type: DataTypes.JSON, allowNull: false },
    outcome: { type: DataTypes.JSON, allowNull: false },
    noted_at: { type: DataTypes.DATE(3), allowNull: false },
    noted_by: { type: DataTypes.UUID, allowNull: true },
    created_at: { type: DataTypes.DATE(3), allowNull: false },
  })
  await tables.addIndex('walk_events', ['household_id', 'stock', 'noted_at'])
  await tables.addIndex('walk_events', ['noted_at'])
}
