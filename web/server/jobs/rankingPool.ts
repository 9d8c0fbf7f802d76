import { join } from 'node:path'
import { Piscina } from 'piscina'
import type { Match } from '@hitchet/core/match/match'
import type { RankJob } from './rank.worker'

let pool: Piscina | undefined

/** Ranks in a worker thread. The worker is bundled to .jobs/ by scripts/build.mjs. */
export async function rankInWorker(job: RankJob): Promise<Match[]> {
  pool ??= new Piscina({ filename: join(process.env.HITCHET_JOBS ?? join(process.cwd(), '.jobs'), 'rank.worker.mjs'), minThreads: 1, maxThreads: 2, idleTimeout: 60_000 })
  return (await pool.run(job)) as Match[]
}

export async function closeRankingPool(): Promise<void> {
  await pool?.destroy()
  pool = undefined
}
