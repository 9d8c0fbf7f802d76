import { DataTypes, QueryTypes, type QueryInterface } from 'sequelize'

const of = (model: string) => ({
  type: DataTypes.UUID,
  primaryKey: true,
  allowNull: false,
  references: { model, key: 'id' },
  onDelete: 'CASCADE',
})
const counter = { type: DataTypes.INTEGER.UNSIGNED, allowNull: false }
const key = { type: DataTypes.CHAR(64), allowNull: false }

/**
 * What a household is answered on a unit, and what waits for a reading there: each known by the versions of both and by what
 * made it, so that a row is right or not there. Lists show units by cards, which are made with their facts; all facts are made
 * anew. Wrong passwords are counted where every process of a house counts them.
 */
export async function up({ context: tables }: { context: QueryInterface }): Promise<void> {
  const run = (sql: string) => tables.sequelize.query(sql, { type: QueryTypes.RAW })
  await run('DELETE FROM trailer_facts')
  await run('ALTER TABLE trailer_facts ADD COLUMN card LONGTEXT NOT NULL')
  const both = {
    household_id: of('households'),
    trailer_id: of('trailers'),
    household_version: counter,
    trailer_version: counter,
    made_by: key,
  }
  await tables.createTable('kept_answers', {
    ...both,
    standing: { type: DataTypes.TINYINT.UNSIGNED, allowNull: false },
    size: { type: DataTypes.DOUBLE, allowNull: false },
    objections: { type: DataTypes.TINYINT.UNSIGNED, allowNull: false },
    score: { type: DataTypes.DOUBLE, allowNull: false },
    told: { type: DataTypes.TEXT('medium'), allowNull: false },
  })
  await tables.addIndex('kept_answers', ['trailer_id'])
  await tables.createTable('kept_waits', { ...both, waits: { type: DataTypes.TEXT('medium'), allowNull: false } })
  await tables.addIndex('kept_waits', ['trailer_id'])
  // Letter by letter: whoever differs by an accent is somebody else.
  await run(
    `CREATE TABLE sign_in_attempts (\`key\` VARCHAR(255) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin PRIMARY KEY,
      points INT NOT NULL DEFAULT 0, expire BIGINT UNSIGNED)`,
  )
  // Work that one process does at a time holds its row.
  await tables.createTable('chores', { name: { type: DataTypes.STRING(40), primaryKey: true } })
  await run("INSERT INTO chores (name) VALUES ('reckon all')")
}
