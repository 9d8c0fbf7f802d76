import { readdirSync, readFileSync } from 'node:fs'
import { basename, dirname } from 'node:path'
import { QueryTypes } from 'sequelize'
import { database } from '../../web/server/db/database'

interface Seen {
  rssMB: number
  connections: number
}

/** Of one core, so much of the time was taken by the thread that answers, and by all others of the server. */
interface Cores {
  answering: number
  others: number
}

/** How much a server holds and how many connections it has, at the beginning and at the end of a time and at most. */
export interface Watched {
  first: Seen
  last: Seen
  most: Seen
  cores: Cores
}

const EVERY = 2_000

/** So much of the time counts as its beginning and its end. */
const FIFTH = 0.2

/** Watches all processes of the server by what `scripts/large/loopDelay.mjs` writes down, and the database by its own word. */
export function watchServer(): { begin(): void; end(): Promise<Watched> } {
  const seen: Seen[] = []
  let timer: NodeJS.Timeout | undefined
  let from = { at: 0, ...ticks() }
  return {
    begin() {
      from = { at: performance.now(), ...ticks() }
      timer = setInterval(() => void look().then((one) => seen.push(one)), EVERY)
    },
    async end() {
      clearInterval(timer)
      seen.push(await look())
      const part = Math.max(1, Math.floor(seen.length * FIFTH))
      return { first: mean(seen.slice(0, part)), last: mean(seen.slice(-part)), most: most(seen), cores: since(from) }
    },
  }
}

/** The numbers of the server's processes. */
function processes(): number[] {
  const file = process.env.HITCHET_LOOP_DELAY!
  return readdirSync(dirname(file))
    .filter((name) => name.startsWith(`${basename(file)}.`))
    .map((name) => Number(name.split('.').at(-1)))
}

/** What its threads have had of the processor until now, hundredths of a second. */
function ticks(): { answering: number; others: number } {
  const sums = { answering: 0, others: 0 }
  for (const pid of processes())
    for (const thread of readdirSync(`/proc/${pid}/task`)) {
      const said = readFileSync(`/proc/${pid}/task/${thread}/stat`, 'utf8')
        .replace(/^.*\) /, '')
        .split(' ')
      sums[Number(thread) === pid ? 'answering' : 'others'] += Number(said[11]) + Number(said[12])
    }
  return sums
}

function since(from: { at: number; answering: number; others: number }): Cores {
  const now = ticks()
  const all = (performance.now() - from.at) / 10
  const share = (one: keyof Cores) => Math.round((100 * (now[one] - from[one])) / all) / 100
  return { answering: share('answering'), others: share('others') }
}

async function look(): Promise<Seen> {
  const held = processes().flatMap(memoryOf)
  const [row] = await database().query<{ n: number }>('SELECT COUNT(*) AS n FROM information_schema.processlist', {
    type: QueryTypes.SELECT,
  })
  return { rssMB: held.reduce((sum, mb) => sum + mb, 0), connections: Number(row!.n) }
}

/** Resident now, MB; nothing for one that has ended. */
function memoryOf(pid: number): number[] {
  try {
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
