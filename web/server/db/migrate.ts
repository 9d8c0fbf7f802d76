import type { QueryInterface, Sequelize } from 'sequelize'
import { SequelizeStorage, Umzug } from 'umzug'
import * as firstTables from './migrations/001-first-tables'
import * as factsByKey from './migrations/002-facts-by-key'
import * as exactEmails from './migrations/003-exact-emails'
import * as walkEvents from './migrations/004-walk-events'
import * as afterwards from './migrations/005-afterwards'
import * as keptAnswers from './migrations/006-kept-answers'
import * as oneImport from './migrations/007-one-import-at-a-time'

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
}

/**
 * Brings the database to today's tables, or to those of an older release; returns the names of the migrations
 * that ran.
 */
export async function migrate(db: Sequelize, to?: string): Promise<string[]> {
  const umzug = new Umzug<QueryInterface>({
    migrations: Object.entries(MIGRATIONS).map(([name, { up }]) => ({ name, up })),
    context: db.getQueryInterface(),
    storage: new SequelizeStorage({ sequelize: db, tableName: 'migrations' }),
    logger: undefined,
  })
  return (await umzug.up(to === undefined ? {} : { to })).map(({ name }) => name)
}
