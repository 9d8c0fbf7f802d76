import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { build, buildJobs, JOBS, runTask, serve } from './application.mjs'
import { startMariaDb } from './mariadb.mjs'
import { ROOT } from './places.mjs'
import { freePort, run } from './processes.mjs'

/** A folder that is gone at the end. */
export function scratchFolder(atEnd) {
  const folder = mkdtempSync(join(tmpdir(), 'hitchet-test-'))
  atEnd(() => rmSync(folder, { recursive: true, force: true }))
  return folder
}

/** What Vitest needs: a database of its own and the worker bundle. Returns the environment for it. */
export async function forVitest(atEnd, scratch) {
  await buildJobs()
  const database = await startMariaDb(join(scratch, 'db'))
  atEnd(database.stop)
  return { database, env: { HITCHET_TEST_DATABASE: database.url(), HITCHET_JOBS: JOBS } }
}

/** A lot of two branches beside the demo's, so that no page is written for forty units only. Resolves to its address. */
async function serveLarge(atEnd, env) {
  await run(process.execPath, ['--import', 'tsx', join(ROOT, 'scripts', 'large', 'fill.ts'), '500', '12'], { env })
  const server = await serve({ port: await freePort(), env })
  atEnd(server.stop)
  return server.address
}

/**
 * What Playwright needs: the built application with the demo's data in that database. Returns the environment
 * for it.
 */
export async function forPlaywright(atEnd, database) {
  await build()
  const env = {
    DATABASE_URL: database.url(),
    SESSION_SECRET: 'only for tests, never for a dealership',
    HITCHET_DEMO: '1',
  }
  await runTask('migrate', env)
  await runTask('loadDemo', env)
  // Somebody with a password, whom no other test knows.
  await runTask('addPerson', env, ['Ivo Lenz', 'ivo@pinewater-trailers.example', 'lot hand'], 'a password for tests\n')
  const server = await serve({ port: await freePort(), env })
  atEnd(server.stop)
  const large = await serveLarge(atEnd, { ...env, DATABASE_URL: database.url('hitchet_large') })
  return { HITCHET_ADDRESS: server.address, HITCHET_LARGE_ADDRESS: large, HITCHET_DEMO_DATABASE: env.DATABASE_URL }
}
