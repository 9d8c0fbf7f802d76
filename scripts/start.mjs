#!/usr/bin/env node
// npm start: a production build against the database that DATABASE_URL names. Configuration comes from the environment.
import { build, runTask, serve } from './machine/application.mjs'
import { withEnding } from './machine/ending.mjs'
import { Stop } from './machine/places.mjs'
import { run } from './machine/processes.mjs'

await withEnding(async (atEnd, cutShort) => {
  await checkSettings()
  await build()
  await runTask('migrate', {})
  const server = await serve({ port: Number(process.env.PORT ?? 3000), host: process.env.HOST ?? '127.0.0.1', env: {} })
  atEnd(server.stop)
  console.log(`Hitchet serves at ${server.address}`)
  await Promise.race([cutShort, server.child.ended])
  throw new Stop('The application ended by itself; its last words stand above.')
})

/** The server's own check, before anything is built: one clear line. */
async function checkSettings() {
  try {
    await run(process.execPath, ['--import', 'tsx', 'web/server/tasks/checkSettings.ts'], { quiet: true })
  } catch (failure) {
    throw new Stop(/^Hitchet cannot start: .*$/m.exec(failure.message)?.[0] ?? failure.message)
  }
}
