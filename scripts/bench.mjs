#!/usr/bin/env node
// npm run bench: speed, as JSON, always against a reference in the same run. Asserts nothing about time.
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { withEnding } from './machine/ending.mjs'
import { installMissing } from './machine/install.mjs'
import { as, AS_INSTALLED, buildJobs, FOR_NODE, JOBS } from './machine/application.mjs'
import { startMariaDb } from './machine/mariadb.mjs'
import { ROOT, Stop } from './machine/places.mjs'
import { run, show } from './machine/processes.mjs'

await withEnding(async (atEnd) => {
  await installMissing()
  const scratch = mkdtempSync(join(tmpdir(), 'hitchet-bench-'))
  atEnd(() => rmSync(scratch, { recursive: true, force: true }))
  await buildJobs()
  const database = await startMariaDb(join(scratch, 'db'))
  atEnd(database.stop)
  const env = {
    DATABASE_URL: database.url(),
    SESSION_SECRET: 'only for measuring, never for a dealership',
    HITCHET_JOBS: JOBS,
  }
  // Bundled and with room for young objects, as the worker is that ships (jobs/pool.ts).
  const bundle = join(ROOT, 'web', '.jobs', 'bench.mjs')
  const half = join(ROOT, 'web', '.jobs', 'half.mjs')
  atEnd(() => [bundle, half].forEach((file) => rmSync(file, { force: true })))
  await run(join(ROOT, 'node_modules', '.bin', 'esbuild'), [
    'scripts/bench/bench.ts',
    'scripts/bench/half.ts',
    '--bundle',
    ...FOR_NODE,
    ...AS_INSTALLED,
    ...as('umzug', 'highs', 'piscina'),
    `--define:import.meta.url=${JSON.stringify(pathToFileURL(join(ROOT, 'scripts', 'bench', 'bench.ts')).href)}`,
    '--log-level=warning',
    `--outdir=${join(ROOT, 'web', '.jobs')}`,
    '--out-extension:.js=.mjs',
  ])
  const status = await show(process.execPath, ['--max-semi-space-size=64', bundle], { ...env, HITCHET_HALF: half })
  if (status !== 0) throw new Stop('The bench did not end well.')
})
