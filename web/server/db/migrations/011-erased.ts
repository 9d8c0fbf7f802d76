import { DataTypes, QueryTypes, type QueryInterface } from 'sequelize'

/** What is kept of a household beside itself, by the column that names it. */
const HANGING = ['take_homes', 'contacts', 'outgoing', 'follow_ups', 'walk_events'] as const

/**
 * A household is in the house as long as its id stands in `household_ids`: all that is kept of it hangs on that row and goes
 * with it, also what is written in the very moment in which it is erased. A record that was put aside has its row still. What
 * was erased leaves its id in `erased`, and nothing else: whatever comes late for it is refused. Messages name the page they
 * are about; its link is made when it is needed.
 */
export async function up({ context: tables }: { context: QueryInterface }): Promise<void> {
  const run = (sql: string) => tables.sequelize.query(sql, { type: QueryTypes.RAW })
  await tables.createTable('household_ids', { id: { type: DataTypes.UUID, primaryKey: true, allowNull: false } })
  await run(
    "INSERT INTO household_ids SELECT id FROM households UNION SELECT id FROM set_aside WHERE kind = 'household'",
  )
  await tables.createTable('erased', {
    household_id: { type: DataTypes.UUID, primaryKey: true, allowNull: false },
    erased_at: { type: DataTypes.DATE(3), allowNull: false },
  })
  // What lies aside to be put back counts as erased until it is.
  await run('INSERT INTO erased SELECT household_id, taken_out_at FROM taken_out')
  // Notes that came too late for a household: that they came is kept, what they said is not.
  await run(
    `UPDATE walk_events SET household_id = NULL, about = '', note = '{}'
      WHERE household_id IS NOT NULL AND household_id NOT IN (SELECT id FROM household_ids)`,
  )
  for (const table of HANGING) {
    await run(
      `DELETE FROM ${table} WHERE household_id IS NOT NULL AND household_id NOT IN (SELECT id FROM household_ids)`,
    )
    await hang(table, 'household_id')
  }
  await hang('households', 'id')
  await tables.addColumn('outgoing', 'page', { type: DataTypes.UUID, allowNull: true })
  // Links of old messages open nothing from here on: which page it was is not in them without the server's secret.
  await run(
    String.raw`UPDATE outgoing SET words = REGEXP_REPLACE(words, 'https?://[^\\s]+/at-home/[A-Za-z0-9_-]+', '{link}')`,
  )

  async function hang(table: string, column: string): Promise<void> {
    await run(
      `ALTER TABLE ${table} ADD CONSTRAINT ${table}_of_household FOREIGN KEY (${column})
        REFERENCES household_ids (id) ON DELETE CASCADE`,
    )
  }
}
