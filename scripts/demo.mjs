#!/usr/bin/env node
// npm run demo: everything from nothing to an address that opens. `-- --fresh` starts over from clean demo data.
import { build, serve } from './machine/application.mjs'
import { demoData } from './machine/demoData.mjs'
import { withEnding } from './machine/ending.mjs'
import { installMissing } from './machine/install.mjs'
import { claim, note } from './machine/oneAtATime.mjs'
import { Stop } from './machine/places.mjs'
import { freePort } from './machine/processes.mjs'

const PORT = Number(process.env.PORT ?? 4180)

await withEnding(async (atEnd, cutShort) => {
  await claim(atEnd)
  await installMissing()
  await build()
  const env = await demoData(atEnd, { fresh: process.argv.includes('--fresh') })
  const server = await serve({ port: await freePort(PORT), env })
  atEnd(server.stop)
  note({ pid: process.pid, address: server.address, server: server.child.pid })
  console.log(`\nHitchet is open at ${server.address}\nCtrl-C stops it and its database.`)
  await Promise.race([cutShort, server.child.ended])
  throw new Stop('The application ended by itself; its last words stand above.')
})
