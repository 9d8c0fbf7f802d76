import { readdirSync, readFileSync } from 'node:fs'
import { basename, dirname, join } from 'node:path'
import { QueryTypes } from 'sequelize'
import { database } from '../../web/server/db/database'

interface Seen {
  rssMB: number
  connections: number
}

/** How much a server holds and how many connections it has, at the beginning and at the end of a time and at most. */
export interface Watched {
  first: Seen
  last: Seen
  most: Seen
}

const EVERY = 2_000

/** So much of the time counts as its beginning and its end. */
const FIFTH = 0.2

/** Watches all processes of the server by what `scripts/large/loopDelay.mjs` writes down, and the database by its own word. */
export function watchServer(): { begin(): void; end(): Promise<Watched> } {
  const seen: Seen[] = []
  let timer: NodeJS.Timeout | undefined
  return {
    begin() {
      timer = setInterval(() => void look().then((one) => seen.push(one)), EVERY)
    },
    async end() {
      clearInterval(timer)
      seen.push(await look())
      const part = Math.max(1, Math.floor(seen.length * FIFTH))
      return { first: mean(seen.slice(0, part)), last: mean(seen.slice(-part)), most: most(seen) }
    },
  }
}

async function look(): Promise<Seen> {
  const file = process.env.HITCHET_LOOP_DELAY!
  const processes = readdirSync(dirname(file))
    .filter((name) => name.startsWith(`${basename(file)}.`))
    .flatMap((name) => memoryOf(Number(name.split('.').at(-1)), join(dirname(file), name)))
  const [row] = await database().query<{ n: number }>('SELECT COUNT(*) AS n FROM information_schema.processlist', {
    type: QueryTypes.SELECT,
  })
  return { rssMB: processes.reduce((sum, mb) => sum + mb, 0), connections: Number(row!.n) }
}

/** Resident now, MB; nothing for one that has ended. */
function memoryOf(pid: number, note: string): number[] {
  try {
    readFileSync(note)
    const pages = Number(readFileSync(`/proc/${pid}/statm`, 'utf8').split(' ')[1])
    return [Math.round((pages * 4096) / 2 ** 20)]
  } catch {
    return []
  }
}

const mean = (seen: readonly Seen[]): Seen => ({
  rssMB: Math.round(seen.reduce((sum, { rssMB }) => sum + rssMB, 0) / seen.length),
  connections: Math.round(seen.reduce((sum, { connections }) => sum + connections, 0) / seen.length),
})

const most = (seen: readonly Seen[]): Seen => ({
  rssMB: Math.max(...seen.map(({ rssMB }) => rssMB)),
  connections: Math.max(...seen.map(({ connections }) => connections)),
})
