import { availableParallelism } from 'node:os'
import { join } from 'node:path'
import { Piscina, queueOptionsSymbol } from 'piscina'
import type { PaperJob } from '../../contracts/paper'
import { asker } from '../asker'
import { AsyncCache } from '../asyncCache'
import { processSingleton } from '../processSingleton'
import { inFairTurns, type Queued } from './fairQueue'

const mine = processSingleton('thread for paper', (): { pool?: Piscina } => ({}))

/** More than two do not pay where rankings and pages want the same cores. */
const MOST_THREADS = 2

/** Documents that were asked for lately: a page that was handed out never changes. */
const lately = processSingleton('papers', () => new AsyncCache<Uint8Array>(40))

/**
 * A page as a PDF, made in threads of its own, turn by turn between people: whoever waits for one holds up no ranking. `of`: what the page
 * is known by.
 */
export const madeOnPaper = (of: string, job: PaperJob): Promise<Uint8Array> =>
  lately.of(`${of} ${job.size} ${job.system}`, () => inPaperWorker(job))

/** Starts the first thread, which takes some seconds to be ready: who asks for the first page on paper does not wait for that. */
export function openPaperPool(): Piscina {
  mine.pool ??= new Piscina({
    filename: join(process.env.HITCHET_JOBS ?? join(process.cwd(), '.jobs'), 'paper.mjs'),
    minThreads: 1,
    maxThreads: Math.min(MOST_THREADS, availableParallelism()),
    idleTimeout: 60_000,
    ...inFairTurns(),
  })
  return mine.pool
}

async function inPaperWorker(job: PaperJob): Promise<Uint8Array> {
  const person = asker()?.person
  const queued: Queued = { whenIdle: false, ...(person && { person }) }
  return (await openPaperPool().run({ ...job, [queueOptionsSymbol]: queued }, { name: 'takeHomePdf' })) as Uint8Array
}

export async function closePaperPool(): Promise<void> {
  await mine.pool?.destroy()
  mine.pool = undefined
  lately.clear()
}
