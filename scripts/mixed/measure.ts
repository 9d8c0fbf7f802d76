import { QueryTypes } from 'sequelize'
import { database, disconnect } from '../../web/server/db/database'
import { kept, until } from '../large/kept'
import type { Person } from './actions'
import { besideGreed } from './greedy'
import { signedIn } from './people'
import { peopleWork } from './working'
import { watchServer } from './watch'

/** Measures a served lot at which many work at once, as JSON. HITCHET_ADDRESS: where it is served. `measure.ts PEOPLE SECONDS`. */
const address = process.env.HITCHET_ADDRESS!
const [many, seconds] = process.argv.slice(2).map(Number) as [number, number]

/** How often each thing is done, of a hundred. */
const SHARES = { desk: 16, match: 18, unit: 16, compare: 8, interview: 12, save: 10, note: 12, handOut: 4, paper: 4 }

/** So long somebody looks at what they opened, seconds. */
const LOOKING = 5

/** So long four work beside a greedy one, for each kind of greed, seconds; at 0 there is none. */
const GREEDY_SECONDS = Number(process.env.HITCHET_BENCH_GREEDY ?? 25)

const households = await database().query<{ id: string; version: number; document: string | object }>(
  'SELECT id, version, document FROM households ORDER BY id LIMIT :many',
  { type: QueryTypes.SELECT, replacements: { many } },
)
const stocks = (
  await database().query<{ stock: string }>('SELECT stock FROM trailers', { type: QueryTypes.SELECT })
).map(({ stock }) => stock)
const people: Person[] = []
for (const [number, { id, version, document }] of households.entries())
  people.push({
    number,
    headers: await signedIn(address, number),
    household: { id, version, document: (typeof document === 'string' ? JSON.parse(document) : document) as never },
    stocks,
    pages: [],
  })

// A house that works has been open for a while.
await until(async () => (await kept()) === stocks.length * households.length, 2_000)
const watched = watchServer()
// What a first visit alone makes is made.
await peopleWork({ address, people, looking: LOOKING, seconds: 20, shares: SHARES })
watched.begin()
const worked = await peopleWork({ address, people, looking: LOOKING, seconds, shares: SHARES })
const server = await watched.end()
const greedy = GREEDY_SECONDS > 0 ? await besideGreed(address, people, GREEDY_SECONDS) : undefined
console.log(JSON.stringify({ people: many, units: stocks.length, seconds, worked, server, greedy }, null, 2))
await disconnect()
