import { QueryTypes, type QueryInterface } from 'sequelize'

/** Two imports at once wait for each other, whichever process they are in. */
export async function up({ context: tables }: { context: QueryInterface }): Promise<void> {
  await tables.sequelize.query("INSERT INTO chores (name) VALUES ('bring in')", { type: QueryTypes.RAW })
}
