import { QueryTypes, type QueryInterface } from 'sequelize'

/** `mán@` is not `man@`: emails are compared byte by byte. Those kept so far were written small already. */
export async function up({ context: tables }: { context: QueryInterface }): Promise<void> {
  await tables.sequelize.query(
    'ALTER TABLE accounts MODIFY email VARCHAR(190) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL',
    { type: QueryTypes.RAW },
  )
}
