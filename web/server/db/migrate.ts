import { QueryTypes, type QueryInterface, type Sequelize } from 'sequelize'
import { SequelizeStorage, Umzug } from 'umzug'
import * as firstTables from './migrations/001-first-tables'
import * as factsByKey from './migrations/002-facts-by-key'
import * as exactEmails from './migrations/003-exact-emails'
import * as walkEvents from './migrations/004-walk-events'
import * as afterwards from './migrations/005-afterwards'
import * as keptAnswers from './migrations/006-kept-answers'
import * as oneImport from './migrations/007-one-import-at-a-time'
import * as sessions from './migrations/008-sessions'
import * as office from './migrations/009-office'
import * as likely from './migrations/010-likely'
import * as erased from './migrations/011-erased'
import * as accounts from './migrations/012-accounts'
import * as failed from './migrations/013-failed'
import * as houseRules from './migrations/014-house-rules'

type Migration = { up(params: { context: QueryInterface }): Promise<void> }

/** In order, forward only. Named here rather than found in a folder, so that the built server carries them. */
const MIGRATIONS: Record<string, Migration> = {
  '001-first-tables': firstTables,
  '002-facts-by-key': factsByKey,
  '003-exact-emails': exactEmails,
  '004-walk-events': walkEvents,
  '005-afterwards': afterwards,
  '006-kept-answers': keptAnswers,
  '007-one-import-at-a-time': oneImport,
  '008-sessions': sessions,
  '009-office': office,
  '010-likely': likely,
  '011-erased': erased,
  '012-accounts': accounts,
  '013-failed': failed,
  '014-house-rules': houseRules,
}

/** Whether this program knows what that one does. */
export const isKnown = (name: string): boolean => name in MIGRATIONS

/** The database was written by a newer program than this one. */
export class NewerDatabase extends Error {
  constructor(newer: readonly string[]) {
    super(
      `the database was written by a newer Hitchet (${newer.join(', ')}): install that one, or restore an older backup`,
    )
  }
}

/** So long another process may be at it, seconds. */
const PATIENCE = 120

/**
 * Brings the database to today's tables, or to those of an older release; returns the names of the migrations
 * that ran. Two at once: one waits for the other, and finds nothing left to do. @throws NewerDatabase.
 */
export async function migrate(db: Sequelize, to?: string): Promise<string[]> {
  return alone(db, async () => {
    const executed = await executedMigrations(db)
    if (to !== undefined && executed.includes(to)) return []
    return (await umzugOf(db).up(to === undefined ? {} : { to })).map(({ name }) => name)
  })
}

/** Migrations that are still to run. @throws NewerDatabase. */
export async function missingMigrations(db: Sequelize): Promise<string[]> {
  const executed = await executedMigrations(db)
  return Object.keys(MIGRATIONS).filter((name) => !executed.includes(name))
}

/** Those that ran here, in order. @throws NewerDatabase. */
export async function executedMigrations(db: Sequelize): Promise<string[]> {
  const executed = await storageIn(db).executed()
  const newer = executed.filter((name) => !(name in MIGRATIONS))
  if (newer.length) throw new NewerDatabase(newer)
  return executed
}

const storageIn = (db: Sequelize) => new SequelizeStorage({ sequelize: db, tableName: 'migrations' })

const umzugOf = (db: Sequelize) =>
  new Umzug<QueryInterface>({
    migrations: Object.entries(MIGRATIONS).map(([name, { up }]) => ({ name, up })),
    context: db.getQueryInterface(),
    storage: storageIn(db),
    logger: undefined,
  })

/** While a lock of that name is held by one connection: the database lets it go if this process dies. */
async function alone<T>(db: Sequelize, work: () => Promise<T>): Promise<T> {
  const transaction = await db.transaction()
  try {
    const [row] = await db.query<{ held: number | null }>(
      "SET STATEMENT max_statement_time = 0 FOR SELECT GET_LOCK(CONCAT(DATABASE(), ' tables'), :seconds) AS held",
      { type: QueryTypes.SELECT, replacements: { seconds: PATIENCE }, transaction },
    )
    if (row?.held !== 1)
      throw new Error('Another process has been bringing the database to today’s tables for two minutes.')
    try {
      return await work()
    } finally {
      await db.query("SELECT RELEASE_LOCK(CONCAT(DATABASE(), ' tables'))", { type: QueryTypes.SELECT, transaction })
    }
  } finally {
    await transaction.rollback()
  }
}
