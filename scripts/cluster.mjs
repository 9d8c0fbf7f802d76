#!/usr/bin/env node
// npm run cluster-test: three Galera nodes on loopback, one of them killed while people save.
import { join } from 'node:path'
import { buildJobs, JOBS } from './machine/application.mjs'
import { withEnding } from './machine/ending.mjs'
import { installGalera } from './machine/galera.mjs'
import { installMissing } from './machine/install.mjs'
import { ROOT, Stop } from './machine/places.mjs'
import { show } from './machine/processes.mjs'

await withEnding(async () => {
  await installMissing()
  if (!(await installGalera())) throw new Stop('Without the Debian package galera-4 there is no cluster to try.')
  await buildJobs()
  const vitest = join(ROOT, 'node_modules', '.bin', 'vitest')
  const status = await show(vitest, ['run', '--project', 'cluster'], { HITCHET_JOBS: JOBS })
  if (status !== 0) throw new Stop('The cluster does not hold; see above.')
})
