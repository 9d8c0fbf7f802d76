import { closePool } from '../../web/server/jobs/pool'
import { stopRefreshing } from '../../web/server/services/cache/answerCache'
import { disconnect } from '../../web/server/db/database'
import { benchCamping } from './camping'
import { benchFacts } from './facts'
import { benchRanking } from './ranking'
import { benchSleeping } from './sleeping'
import { benchStowing } from './stowing'
import { benchWalk } from './walk'

const results = {
  machine: { node: process.version, cores: (await import('node:os')).availableParallelism() },
  // First: once the memory of HiGHS has grown, V8 asks of every list at every access whether it is still there (an eighth slower).
  facts: await benchFacts(),
  sleeping: await benchSleeping(),
  stowing: await benchStowing(),
  camping: await benchCamping(),
  walk: await benchWalk(),
  ranking: await benchRanking(),
}
console.log(JSON.stringify(results, null, 2))
await stopRefreshing()
await closePool()
await disconnect()
