import { QueryTypes, type QueryInterface } from 'sequelize'

/**
 * What could not be worked out stands as failed, by the versions and the program it was tried with, and is not tried again until one
 * of these changes. Facts that were missing because they had failed before are tried once more.
 */
export async function up({ context: tables }: { context: QueryInterface }): Promise<void> {
  const failed = 'ADD COLUMN failed VARCHAR(80) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NULL'
  const run = (sql: string) => tables.sequelize.query(sql, { type: QueryTypes.RAW })
  await run(`ALTER TABLE trailer_facts MODIFY facts LONGTEXT NULL, MODIFY card LONGTEXT NULL, ${failed}`)
  await run(`ALTER TABLE kept_answers MODIFY standing TINYINT UNSIGNED NULL, ${failed}`)
  await run(`ALTER TABLE kept_waits ${failed}`)
}
