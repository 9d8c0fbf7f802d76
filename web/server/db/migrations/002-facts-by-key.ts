import { QueryTypes, type QueryInterface } from 'sequelize'

/**
 * Stored facts are known by what they were made by, not by a number that somebody has to remember to raise. All
 * are made anew.
 */
export async function up({ context: tables }: { context: QueryInterface }): Promise<void> {
  const run = (sql: string) => tables.sequelize.query(sql, { type: QueryTypes.RAW })
  await run('DELETE FROM trailer_facts')
  await run('ALTER TABLE trailer_facts DROP COLUMN facts_version, ADD COLUMN facts_key CHAR(64) NOT NULL')
}
