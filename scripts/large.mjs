#!/usr/bin/env node
// npm run bench:large -- 500 200: a lot of that size, served as it is built, measured; JSON. Asserts nothing about time.
import { join } from 'node:path'
import { withEnding } from './machine/ending.mjs'
import { build, serve } from './machine/application.mjs'
import { installMissing } from './machine/install.mjs'
import { startMariaDb } from './machine/mariadb.mjs'
import { ROOT, Stop } from './machine/places.mjs'
import { freePort, run, show } from './machine/processes.mjs'
import { scratchFolder } from './machine/testbed.mjs'

const [units = '500', households = '200'] = process.argv.slice(2)
await withEnding(async (atEnd) => {
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
  }
  await run(process.execPath, ['--import', 'tsx', join(ROOT, 'scripts', 'large', 'fill.ts'), units, households], {
    env,
  })
  const server = await serve({
    port: await freePort(),
    env: { ...env, NODE_OPTIONS: `--import ${join(ROOT, 'scripts', 'large', 'loopDelay.mjs')}` },
  })
  atEnd(server.stop)
  // Its figures are what is printed.
  const status = await show(process.execPath, ['--import', 'tsx', join(ROOT, 'scripts', 'large', 'measure.ts')], {
    ...env,
    HITCHET_ADDRESS: server.address,
  })
  if (status !== 0) throw new Stop('The bench did not end well.')
})
