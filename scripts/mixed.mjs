#!/usr/bin/env node
// npm run bench:mixed -- [people] [seconds] [units] [processes]: many at work at once, then one greedy person of five; JSON. Asserts
// nothing about time. Ten minutes (600) show whether memory and connections stay flat.
import { join } from 'node:path'
import { withEnding } from './machine/ending.mjs'
import { ROOT, Stop } from './machine/places.mjs'
import { show } from './machine/processes.mjs'
import { servedLot } from './machine/servedLot.mjs'

const [people = 50, seconds = 120, units = 43, processes = 1] = process.argv.slice(2).map(Number)
await withEnding(async (atEnd) => {
  const env = await servedLot(atEnd, { units, households: people, people, processes })
  const measure = join(ROOT, 'scripts', 'mixed', 'measure.ts')
  const status = await show(process.execPath, ['--import', 'tsx', measure, String(people), String(seconds)], env)
  if (status !== 0) throw new Stop('The bench did not end well.')
})
