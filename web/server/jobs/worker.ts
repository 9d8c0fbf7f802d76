/** What runs in worker threads, away from the thread that answers requests. Bundled to .jobs/worker.mjs. */
export { rankAll, rankOne, standings } from './rank'
export { factSheets } from './factSheets'
export { decisive, tapeLists } from './tapeLists'
export { rests } from './rests'
export { pulled } from './pulled'
export { next } from './next'
export { takeHomes } from './takeHomes'
