/** What runs in worker threads, away from the thread that answers requests. Bundled to .jobs/worker.mjs. */
export { rankAll, standings } from './rank'
export { factSheets } from './factSheets'
export { tapeLists } from './tapeLists'
