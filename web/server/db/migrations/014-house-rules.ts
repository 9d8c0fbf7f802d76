import { DataTypes, type QueryInterface } from 'sequelize'

/**
 * What the dealership set its thresholds to: a row for every time one was set, never changed. The last row of a rule is how it stands;
 * no value: back to the default.
 */
export async function up({ context: tables }: { context: QueryInterface }): Promise<void> {
  await tables.createTable('house_rules', {
    id: { type: DataTypes.UUID, primaryKey: true, allowNull: false },
    rule: { type: DataTypes.STRING(80), allowNull: false },
    value: { type: DataTypes.DOUBLE, allowNull: true },
    before: { type: DataTypes.DOUBLE, allowNull: false },
    // By name: who set it may leave the house, what was set stays.
    set_by: { type: DataTypes.STRING(120), allowNull: false },
    set_at: { type: DataTypes.DATE(3), allowNull: false },
  })
}
