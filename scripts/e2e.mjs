#!/usr/bin/env node
// npm run e2e -- tape: Playwright over the specs whose path holds the word, against a fresh demo.
import { spawnSync } from 'node:child_process'
import { join } from 'node:path'
import { withEnding } from './machine/ending.mjs'
import { installMissing } from './machine/install.mjs'
import { startMariaDb } from './machine/mariadb.mjs'
import { ROOT, Stop } from './machine/places.mjs'
import { forPlaywright, scratchFolder } from './machine/testbed.mjs'

await withEnding(async (atEnd) => {
  await installMissing()
  const database = await startMariaDb(join(scratchFolder(atEnd), 'db'))
  atEnd(database.stop)
  const env = await forPlaywright(atEnd, database)
  const args = ['test', '--config', 'e2e/playwright.config.ts', ...process.argv.slice(2)]
  const { status } = spawnSync(join(ROOT, 'node_modules', '.bin', 'playwright'), args, {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  })
  if (status !== 0) throw new Stop('Not everything holds; see above.')
})
