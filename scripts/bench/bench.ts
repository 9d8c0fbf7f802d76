import { disconnect } from '../../web/server/db/database'
import { benchFacts } from './facts'
import { benchRanking } from './ranking'
import { benchSleeping } from './sleeping'

const results = { machine: { node: process.version, cores: (await import('node:os')).availableParallelism() }, sleeping: await benchSleeping(), facts: await benchFacts(), ranking: await benchRanking() }
console.log(JSON.stringify(results, null, 2))
await disconnect()
