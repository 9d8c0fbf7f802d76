#!/usr/bin/env node
// npm run bench:large -- 500 200: a lot of that size, served as it is built, measured; JSON. Asserts nothing about time.
import { join } from 'node:path'
import { withEnding } from './machine/ending.mjs'
import { ROOT, Stop } from './machine/places.mjs'
import { show } from './machine/processes.mjs'
import { servedLot } from './machine/servedLot.mjs'

const [units = 500, households = 200] = process.argv.slice(2).map(Number)
await withEnding(async (atEnd) => {
  const env = await servedLot(atEnd, { units, households })
  // Its figures are what is printed.
  const status = await show(process.execPath, ['--import', 'tsx', join(ROOT, 'scripts', 'large', 'measure.ts')], env)
  if (status !== 0) throw new Stop('The bench did not end well.')
})
