import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { healthy } from './application.mjs'
import { HOME, Stop } from './places.mjs'
import { isAlive, stopLeftover } from './processes.mjs'

const STATE = join(HOME, 'demo.json')

/** One that uses the demo's database at a time in one folder: the second says where the first is. */
export async function claim(atEnd) {
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

export function note(state) {
  writeFileSync(STATE, JSON.stringify(state))
}
