import { join } from 'node:path'
import { LRUCache } from 'lru-cache'
import { Piscina } from 'piscina'
import type { PaperJob } from '../../wire/paper'
import { ofProcess } from '../ofProcess'

const mine = ofProcess('thread for paper', (): { pool?: Piscina } => ({}))

/** Documents that were asked for lately: a page that was handed out never changes. */
const lately = ofProcess('papers', () => new LRUCache<string, Promise<Uint8Array>>({ max: 40 }))

/**
 * A page as a PDF, made in a thread of its own, one at a time: whoever waits for one holds up no ranking. `of`: what the page
 * is known by.
 */
export function madeOnPaper(of: string, job: PaperJob): Promise<Uint8Array> {
  const key = `${of} ${job.size} ${job.system}`
  const known = lately.get(key)
  if (known) return known
  const making = inPaperWorker(job)
  lately.set(key, making)
  making.catch(() => lately.delete(key))
  return making
}

async function inPaperWorker(job: PaperJob): Promise<Uint8Array> {
  mine.pool ??= new Piscina({
    filename: join(process.env.HITCHET_JOBS ?? join(process.cwd(), '.jobs'), 'paper.mjs'),
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: 60_000,
  })
  return (await mine.pool.run(job, { name: 'takeHomePdf' })) as Uint8Array
}

export async function closePaperPool(): Promise<void> {
  await mine.pool?.destroy()
  mine.pool = undefined
  lately.clear()
}
