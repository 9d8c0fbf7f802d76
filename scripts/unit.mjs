#!/usr/bin/env node
// npm run unit -- sleep: Vitest over the files whose path holds the word, with a database for those that want one.
import { spawnSync } from 'node:child_process'
import { join } from 'node:path'
import { withEnding } from './machine/ending.mjs'
import { installMissing } from './machine/install.mjs'
import { ROOT, Stop } from './machine/places.mjs'
import { forVitest, scratchFolder } from './machine/testbed.mjs'

await withEnding(async (atEnd) => {
  await installMissing()
  const { env } = await forVitest(atEnd, scratchFolder(atEnd))
  const { status } = spawnSync(
    join(ROOT, 'node_modules', '.bin', 'vitest'),
    ['run', '--project', 'unit', '--project', 'integration', ...process.argv.slice(2)],
    {
      cwd: ROOT,
      stdio: 'inherit',
      env: { ...process.env, ...env },
    },
  )
  if (status !== 0) throw new Stop('Not everything holds; see above.')
})
