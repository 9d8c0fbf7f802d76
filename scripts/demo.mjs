#!/usr/bin/env node
// npm run demo: everything from nothing to an address that opens. `-- --fresh` starts over from clean demo data.
import { randomBytes } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { build, healthy, runTask, serve } from './machine/application.mjs'
import { withEnding } from './machine/ending.mjs'
import { installMissing } from './machine/install.mjs'
import { startMariaDb } from './machine/mariadb.mjs'
import { HOME, Stop } from './machine/places.mjs'
import { freePort, isAlive, stopLeftover } from './machine/processes.mjs'

const STATE = join(HOME, 'demo.json')
const PORT = Number(process.env.PORT ?? 4180)

await withEnding(async (atEnd, cutShort) => {
  await claim(atEnd)
  await installMissing()
  await build()
  const database = await startMariaDb(join(HOME, 'demo-db'), { fresh: process.argv.includes('--fresh') })
  atEnd(database.stop)
  const env = { DATABASE_URL: database.url(), SESSION_SECRET: secret(), HITCHET_DEMO: '1' }
  runTask('migrate', env)
  runTask('loadDemo', env)
  const server = await serve({ port: await freePort(PORT), env })
  atEnd(server.stop)
  note({ pid: process.pid, address: server.address, server: server.child.pid })
  console.log(`\nHitchet is open at ${server.address}\nCtrl-C stops it and its database.`)
  await Promise.race([cutShort, server.child.ended])
  throw new Stop('The application ended by itself; its last words stand above.')
})

/** One demo at a time in one folder: the second says where the first is. */
async function claim(atEnd) {
  mkdirSync(HOME, { recursive: true })
  for (let attempt = 0; attempt < 2; attempt++) {
    try {
      writeFileSync(STATE, JSON.stringify({ pid: process.pid }), { flag: 'wx' })
      atEnd(() => rmSync(STATE, { force: true }))
      return
    } catch (failure) {
      if (failure.code !== 'EEXIST') throw failure
      const { pid, address, server } = JSON.parse(readFileSync(STATE, 'utf8') || '{}')
      if (pid && isAlive(pid))
        throw new Stop(
          address && (await healthy(address))
            ? `Hitchet already runs at ${address}`
            : `Hitchet is being started already (process ${pid}).`,
        )
      if (server) await stopLeftover(server, 'next')
      rmSync(STATE, { force: true })
    }
  }
}

function note(state) {
  writeFileSync(STATE, JSON.stringify(state))
}

/** Seals the session cookies; kept, so that a restart does not sign anybody out. */
function secret() {
  const file = join(HOME, 'session-secret')
  if (!existsSync(file)) writeFileSync(file, randomBytes(32).toString('hex'), { mode: 0o600 })
  return readFileSync(file, 'utf8')
}
