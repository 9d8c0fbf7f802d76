import { QueryTypes, type QueryInterface } from 'sequelize'

/**
 * What a unit is alike by, and how its questions came out, as columns: whoever counts and orders a yard sees what a unit most
 * likely fails by once it is known. All answers are made anew.
 */
export async function up({ context: tables }: { context: QueryInterface }): Promise<void> {
  const run = (sql: string) => tables.sequelize.query(sql, { type: QueryTypes.RAW })
  await run('DELETE FROM kept_answers')
  await run(
    `ALTER TABLE kept_answers
      ADD COLUMN plan VARCHAR(60) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
      ADD COLUMN model VARCHAR(200) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
      ADD COLUMN against INT UNSIGNED NOT NULL, ADD COLUMN waits INT UNSIGNED NOT NULL,
      ADD COLUMN passed INT UNSIGNED NOT NULL`,
  )
}
