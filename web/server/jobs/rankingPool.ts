import { join } from 'node:path'
import { Piscina } from 'piscina'
import type { Match } from '@hitchet/core/match/match'
import type { RankJob } from './rank.worker'

/**
 * A ranking makes a few megabytes of answers at once, all of which live until it is done. In Node's usual
 * nursery they are copied about again and again; in this one they are not (a third less time for 500 units).
 */
const YOUNG_MB = 128

let pool: Piscina | undefined

/** Ranks for each of some households in a worker thread. The worker is bundled to .jobs/ by scripts/build.mjs. */
export async function rankInWorker(job: RankJob): Promise<Match[][]> {
  pool ??= new Piscina({
    filename: join(process.env.HITCHET_JOBS ?? join(process.cwd(), '.jobs'), 'rank.worker.mjs'),
    minThreads: 1,
    maxThreads: 2,
    idleTimeout: 60_000,
    resourceLimits: { maxYoungGenerationSizeMb: YOUNG_MB },
  })
  return (await pool.run(job)) as Match[][]
}

export async function closeRankingPool(): Promise<void> {
  await pool?.destroy()
  pool = undefined
}
