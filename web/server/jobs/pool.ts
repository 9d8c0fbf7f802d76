import { join } from 'node:path'
import { Piscina, queueOptionsSymbol } from 'piscina'
import { asker } from '../asker'
import { processSingleton } from '../processSingleton'
import { inFairTurns, type Queued } from './fairQueue'
import type * as worker from './worker'

/** A ranking makes a few megabytes of answers at once, all of which live until they are kept. Twice as much saves nothing any more. */
const YOUNG_MB = 32

const THREADS = 2

type Jobs = typeof worker

/** The threads, once they were needed. */
const mine = processSingleton('threads that reckon', (): { pool?: Piscina } => ({}))

/** Where the workers' bundles lie. */
export const JOBS_FOLDER = (): string => process.env.HITCHET_JOBS ?? join(process.cwd(), '.jobs')

interface Asked {
  /** Nobody waits for it: whatever somebody waits for goes first. */
  whenIdle?: boolean
  /** Nobody but who asks waits for it: once they have gone it is not begun. */
  theirsAlone?: boolean
}

/** Runs one of the jobs in a worker thread. The worker is bundled to .jobs/ by the build. */
export async function inWorker<Name extends keyof Jobs>(
  name: Name,
  job: Parameters<Jobs[Name]>[0],
  { whenIdle = false, theirsAlone = false }: Asked = {},
): Promise<Awaited<ReturnType<Jobs[Name]>>> {
  mine.pool ??= new Piscina({
    filename: join(JOBS_FOLDER(), 'worker.mjs'),
    // A thread that is made anew takes a second before it has read and judged a yard as fast as one that has done so.
    minThreads: THREADS,
    maxThreads: THREADS,
    resourceLimits: { maxYoungGenerationSizeMb: YOUNG_MB },
    ...inFairTurns(),
  })
  const by = asker()
  const queued: Queued = { whenIdle, ...(by && { person: by.person }) }
  const asked = { ...job, [queueOptionsSymbol]: queued }
  const dropping = new AbortController()
  // A thread that is at it already finishes: to begin one anew costs more.
  const drop = () => {
    if (queued.waits) dropping.abort()
  }
  if (theirsAlone) by?.left.addEventListener('abort', drop, { once: true })
  try {
    return (await mine.pool.run(asked, { name, ...(theirsAlone && { signal: dropping.signal }) })) as Awaited<
      ReturnType<Jobs[Name]>
    >
  } finally {
    by?.left.removeEventListener('abort', drop)
  }
}

/** So many jobs wait until a thread is free. */
export const waitingJobs = (): number => mine.pool?.queueSize ?? 0

export async function closePool(): Promise<void> {
  await mine.pool?.destroy()
  mine.pool = undefined
}
