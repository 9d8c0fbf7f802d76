#!/usr/bin/env node
// npm run unit -- sleep: Vitest over the files whose path holds the word, with a database for those that want one.
import { join } from 'node:path'
import { withEnding } from './machine/ending.mjs'
import { installMissing } from './machine/install.mjs'
import { ROOT, Stop } from './machine/places.mjs'
import { show } from './machine/processes.mjs'
import { forVitest, scratchFolder } from './machine/testbed.mjs'

await withEnding(async (atEnd) => {
  await installMissing()
  const { env } = await forVitest(atEnd, scratchFolder(atEnd))
  const args = ['run', '--project', 'unit', '--project', 'integration', ...process.argv.slice(2)]
  const status = await show(join(ROOT, 'node_modules', '.bin', 'vitest'), args, env)
  if (status !== 0) throw new Stop('Not everything holds; see above.')
})
