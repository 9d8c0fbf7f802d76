import { DataTypes, type QueryInterface } from 'sequelize'

/** Stored facts are known by what they were made by, not by a number that somebody has to remember to raise. All are made anew. */
export async function up({ context: tables }: { context: QueryInterface }): Promise<void> {
  await tables.bulkDelete('trailer_facts', {})
  await tables.removeColumn('trailer_facts', 'facts_version')
  await tables.addColumn('trailer_facts', 'facts_key', { type: DataTypes.CHAR(64), allowNull: false })
}
