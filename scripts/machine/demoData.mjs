import { randomBytes } from 'node:crypto'
import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { runTask } from './application.mjs'
import { startMariaDb } from './mariadb.mjs'
import { HOME } from './places.mjs'

/** The demo's own database, migrated and filled. Returns the environment that the application needs. */
export async function demoData(atEnd, { fresh = false } = {}) {
  const database = await startMariaDb(join(HOME, 'demo-db'), { fresh })
  atEnd(database.stop)
  const env = { DATABASE_URL: database.url(), SESSION_SECRET: secret(), HITCHET_DEMO: '1' }
  await runTask('migrate', env)
  await runTask('loadDemo', env)
  return env
}

/** Seals the session cookies; kept, so that a restart does not sign anybody out. */
function secret() {
  const file = join(HOME, 'session-secret')
  if (!existsSync(file)) writeFileSync(file, randomBytes(32).toString('hex'), { mode: 0o600 })
  return readFileSync(file, 'utf8')
}
