import { spawn, type ChildProcess } from 'node:child_process'
import { join } from 'node:path'
import { createInterface } from 'node:readline'

/** What a writing process has said so far. */
export interface Said {
  /** Ids of the households that were acknowledged. */
  acknowledged: string[]
  /** Tries without an answer, or refused. */
  again: number
}

/** A process that saves and says what was acknowledged (`writer.ts`); it counts on from `first`. */
export function startWriter(first: number, url: string, said: Said): ChildProcess {
  const child = spawn(process.execPath, ['--import', 'tsx', join(import.meta.dirname, 'writer.ts'), String(first)], {
    env: { ...process.env, DATABASE_URL: url, SESSION_SECRET: 'x'.repeat(40), HITCHET_DEMO: '1' },
    stdio: ['ignore', 'pipe', 'ignore'],
  })
  createInterface({ input: child.stdout }).on('line', (line) => {
    if (line === 'again') said.again += 1
    else said.acknowledged.push(line)
  })
  return child
}
