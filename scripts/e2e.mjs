#!/usr/bin/env node
// npm run e2e -- tape: Playwright over the specs whose path holds the word, against a fresh demo.
import { join } from 'node:path'
import { withEnding } from './machine/ending.mjs'
import { installMissing } from './machine/install.mjs'
import { startMariaDb } from './machine/mariadb.mjs'
import { ROOT, Stop } from './machine/places.mjs'
import { show } from './machine/processes.mjs'
import { forPlaywright, scratchFolder } from './machine/testbed.mjs'

await withEnding(async (atEnd) => {
  await installMissing()
  const database = await startMariaDb(join(scratchFolder(atEnd), 'db'))
  atEnd(database.stop)
  const env = await forPlaywright(atEnd, database)
  const args = ['test', '--config', 'e2e/playwright.config.ts', ...process.argv.slice(2)]
  const status = await show(join(ROOT, 'node_modules', '.bin', 'playwright'), args, env)
  if (status !== 0) throw new Stop('Not everything holds; see above.')
})
