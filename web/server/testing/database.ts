import { afterAll, beforeAll } from 'vitest'
import { QueryTypes } from 'sequelize'
import { connect, database, disconnect } from '../db/database'
import { closePicturePool } from '../jobs/pictures'
import { closePool } from '../jobs/pool'
import { stopRefreshing } from '../services/cache/answerCache'
import { migrate } from '../db/migrate'

/** The server that `npm test` started, HITCHET_TEST_DATABASE, as an account that may make databases named hitchet... */
function server(): string {
  const url = process.env.HITCHET_TEST_DATABASE
  if (!url)
    throw new Error('HITCHET_TEST_DATABASE is not set: run these tests by npm test, which starts a MariaDB for them')
  return url
}

/** A database of its own for one test file, empty and gone afterwards. Pass `false` to migrate it oneself. */
export function ownDatabase(name: string, { migrated = true } = {}): void {
  beforeAll(async () => {
    await admin(`CREATE OR REPLACE DATABASE hitchet_${name} CHARACTER SET utf8mb4`)
    Object.assign(process.env, {
      DATABASE_URL: server().replace(/\w+$/, `hitchet_${name}`),
      SESSION_SECRET: 'x'.repeat(40),
      HITCHET_DEMO: '1',
      HITCHET_PATIENCE: '600000',
    })
    if (migrated) await migrate(database())
  })
  afterAll(async () => {
    await stopRefreshing()
    await closePool()
    await closePicturePool()
    await disconnect()
    await admin(`DROP DATABASE IF EXISTS hitchet_${name}`)
  })
}

async function admin(sql: string): Promise<void> {
  const db = connect(server())
  await db.query(sql, { type: QueryTypes.RAW })
  await db.close()
}
