#!/usr/bin/env node
// npm run dev: the demo from its sources: what is saved in an editor is on the page a moment later.
import { buildJobs, makeLook, serveSources } from './machine/application.mjs'
import { demoData } from './machine/demoData.mjs'
import { withEnding } from './machine/ending.mjs'
import { installMissing } from './machine/install.mjs'
import { claim, note } from './machine/oneAtATime.mjs'
import { Stop } from './machine/places.mjs'
import { freePort, stop } from './machine/processes.mjs'

const PORT = Number(process.env.PORT ?? 4180)

await withEnding(async (atEnd, cutShort) => {
  await claim(atEnd)
  await installMissing()
  await buildJobs()
  await makeLook()
  const env = await demoData(atEnd)
  const port = await freePort(PORT)
  const server = serveSources({ port, env })
  atEnd(() => stop(server))
  note({ pid: process.pid, address: `http://127.0.0.1:${port}`, server: server.pid })
  console.log(
    'Workers are bundled once: after a change in core or in web/server/jobs start anew for rankings to follow.',
  )
  await Promise.race([cutShort, server.ended])
  throw new Stop('The application ended by itself; its last words stand above.')
})
