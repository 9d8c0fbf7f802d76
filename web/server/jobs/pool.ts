import { join } from 'node:path'
import { Piscina } from 'piscina'
import type * as worker from './worker'

/**
 * A ranking makes a few megabytes of answers at once, all of which live until it is done. In Node's usual
 * nursery they are copied about again and again; in this one they are not (a third less time for 500 units).
 */
const YOUNG_MB = 128

type Jobs = typeof worker

let pool: Piscina | undefined

/** Runs one of the jobs in a worker thread. The worker is bundled to .jobs/ by the build. */
export async function inWorker<Name extends keyof Jobs>(
  name: Name,
  job: Parameters<Jobs[Name]>[0],
): Promise<ReturnType<Jobs[Name]>> {
  pool ??= new Piscina({
    filename: join(process.env.HITCHET_JOBS ?? join(process.cwd(), '.jobs'), 'worker.mjs'),
    minThreads: 1,
    maxThreads: 2,
    idleTimeout: 60_000,
    resourceLimits: { maxYoungGenerationSizeMb: YOUNG_MB },
  })
  return (await pool.run(job, { name })) as ReturnType<Jobs[Name]>
}

export async function closePool(): Promise<void> {
  await pool?.destroy()
  pool = undefined
}
