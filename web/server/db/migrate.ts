import type { QueryInterface, Sequelize } from 'sequelize'
import { SequelizeStorage, Umzug } from 'umzug'
import * as firstTables from './migrations/001-first-tables'
import * as factsByKey from './migrations/002-facts-by-key'

type Migration = { up(params: { context: QueryInterface }): Promise<void> }

/** In order, forward only. Named here rather than found in a folder, so that the built server carries them. */
const MIGRATIONS: Record<string, Migration> = {
  '001-first-tables': firstTables,
  '002-facts-by-key': factsByKey,
}

/** Brings the database to today's tables; returns the names of the migrations that ran. */
export async function migrate(db: Sequelize): Promise<string[]> {
  const umzug = new Umzug<QueryInterface>({
    migrations: Object.entries(MIGRATIONS).map(([name, { up }]) => ({ name, up })),
    context: db.getQueryInterface(),
    storage: new SequelizeStorage({ sequelize: db, tableName: 'migrations' }),
    logger: undefined,
  })
  return (await umzug.up()).map(({ name }) => name)
}
