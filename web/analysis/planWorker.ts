import { wrap, type Remote } from 'comlink'
import type { PlanWorker } from './plan.worker'

let shared: Remote<PlanWorker> | undefined

/** The worker that reads plans, started on first use: the screen's own thread never computes one. */
export function planWorker(): Remote<PlanWorker> {
  shared ??= wrap<PlanWorker>(new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' }))
  return shared
}
