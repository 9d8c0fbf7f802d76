#!/usr/bin/env node
// npm start: a production build against the database that DATABASE_URL names. Configuration comes from the environment.
import { availableParallelism } from 'node:os'
import { build, runTask, serve } from './machine/application.mjs'
import { withEnding } from './machine/ending.mjs'
import { Stop } from './machine/places.mjs'
import { run } from './machine/processes.mjs'

/** Of each one thread answers and two reckon: a core and a half at work, half of the time. */
const PROCESSES = Math.max(1, Math.floor(availableParallelism() / 2))

await withEnding(async (atEnd, cutShort) => {
  const env = { HITCHET_PROCESSES: process.env.HITCHET_PROCESSES ?? String(PROCESSES) }
  await checkSettings(env)
  await build()
  await runTask('migrate', env)
  const server = await serve({ port: Number(process.env.PORT ?? 3000), host: process.env.HOST ?? '127.0.0.1', env })
  atEnd(server.stop)
  console.log(`Hitchet serves at ${server.address}`)
  await Promise.race([cutShort, server.child.ended])
  throw new Stop('The application ended by itself; its last words stand above.')
})

/** The server's own check, before anything is built: one clear line. */
async function checkSettings(env) {
  try {
    await run(process.execPath, ['--import', 'tsx', 'web/server/tasks/checkSettings.ts'], {
      quiet: true,
      env,
    })
  } catch (failure) {
    throw new Stop(/^Hitchet cannot start: .*$/m.exec(failure.message)?.[0] ?? failure.message)
  }
}
