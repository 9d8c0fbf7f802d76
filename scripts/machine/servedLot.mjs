import { join } from 'node:path'
import { build, serve } from './application.mjs'
import { installMissing } from './install.mjs'
import { startMariaDb } from './mariadb.mjs'
import { ROOT } from './places.mjs'
import { freePort, run } from './processes.mjs'
import { scratchFolder } from './testbed.mjs'

const MEASURED = `--import ${join(ROOT, 'scripts', 'large', 'loopDelay.mjs')}`

/**
 * A lot like the demo's, of the size that is asked for, served as it is built until the end: its environment, with the address in
 * HITCHET_ADDRESS. `people`: so many consultants with the password of `scripts/large/fill.ts`.
 */
export async function servedLot(atEnd, { units, households, people = 0, processes = 1 }) {
  await installMissing()
  const scratch = scratchFolder(atEnd)
  const database = await startMariaDb(join(scratch, 'db'))
  atEnd(database.stop)
  await build()
  const env = {
    DATABASE_URL: database.url('hitchet_large'),
    SESSION_SECRET: 'only for measuring, never for a dealership',
    HITCHET_DEMO: '1',
    HITCHET_LOOP_DELAY: join(scratch, 'delay'),
    HITCHET_PROCESSES: String(processes),
  }
  const fill = join(ROOT, 'scripts', 'large', 'fill.ts')
  await run(process.execPath, ['--import', 'tsx', fill, ...[units, households, people].map(String)], { env })
  const server = await serve({
    port: await freePort(),
    env: { ...env, NODE_OPTIONS: MEASURED },
    // Such as --cpu-prof.
    flags: (process.env.HITCHET_BENCH_NODE ?? '').split(' ').filter(Boolean),
  })
  atEnd(server.stop)
  return { ...env, HITCHET_ADDRESS: server.address }
}
