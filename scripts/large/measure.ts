import { readdirSync, readFileSync } from 'node:fs'
import { basename, dirname, join } from 'node:path'
import { gzipSync } from 'node:zlib'
import autocannon from 'autocannon'
import { QueryTypes } from 'sequelize'
import { database, disconnect } from '../../web/server/db/database'
import { spread } from '../bench/median'
import { count, kept, until } from './kept'
import { peopleLook } from './people'

/**
 * Measures a served lot, as JSON: every page alone and with 50 people at once, bytes and elements, how long saving takes to be
 * kept, and how long all takes anew. HITCHET_ADDRESS: where it is served.
 */
const address = process.env.HITCHET_ADDRESS!
const PEOPLE = 50
/** So many households and units are changed. */
const CHANGED = 7
const SECONDS = Number(process.env.HITCHET_BENCH_SECONDS ?? 8)

interface Changed {
  limits: { budget?: number }
}
interface Read {
  readings: { uvw?: { value: number }[] }
}

const rows = <T extends object>(sql: string) => database().query<T>(sql, { type: QueryTypes.SELECT })
const sleep = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms))

async function signedIn(): Promise<string> {
  const response = await fetch(`${address}/api/sign-in/demo`, {
    method: 'POST',
    headers: { origin: address, 'content-type': 'application/json' },
    body: JSON.stringify({ email: 'maren@pinewater-trailers.example' }),
  })
  return response.headers
    .getSetCookie()
    .map((one) => one.split(';')[0])
    .join('; ')
}

const units = await count('SELECT COUNT(*) AS n FROM trailers')
const households = await rows<{ id: string; version: number }>(
  'SELECT id, version FROM households ORDER BY updated_at DESC, id LIMIT 20',
)
const all = units * (await count('SELECT COUNT(*) AS n FROM households'))
// Counted seldom: counting all takes the database a tenth of a second.
const allAnewMs = await until(async () => (await kept()) === all, 3_000)
const cookie = await signedIn()
const headers = { cookie, origin: address, 'content-type': 'application/json' }
const [stock] = await rows<{ stock: string }>('SELECT stock FROM trailers ORDER BY stock LIMIT 1')

const pages: Record<string, string[]> = {
  desk: ['/'],
  yard: ['/yard', ...households.slice(0, 3).map(({ id }) => `/households/${id}/yard`)],
  interview: households.map(({ id }) => `/households/${id}`),
  match: households.map(({ id }) => `/households/${id}/match`),
  compare: households.map(({ id }) => `/households/${id}/compare`),
  unit: households.map(({ id }) => `/households/${id}/units/${stock!.stock}`),
}

const delays = (): { p99Ms: number; maxMs: number; rssMB: number } => {
  const file = process.env.HITCHET_LOOP_DELAY!
  const all = readdirSync(dirname(file))
    .filter((name) => name.startsWith(`${basename(file)}.`))
    .map((name) => JSON.parse(readFileSync(join(dirname(file), name), 'utf8')) as ReturnType<typeof delays>)
  return all.sort((a, b) => b.rssMB - a.rssMB)[0]!
}
const beginDelay = () => {
  const file = process.env.HITCHET_LOOP_DELAY!
  for (const name of readdirSync(dirname(file)))
    if (name.startsWith(`${basename(file)}.`)) process.kill(Number(name.split('.').at(-1)), 'SIGUSR2')
}

const measured: Record<string, object> = {}
for (const [name, paths] of Object.entries(pages)) {
  const alone: number[] = []
  let html = ''
  for (let i = 0; i < 8; i++) {
    const from = performance.now()
    const response = await fetch(address + paths[i % paths.length]!, { headers })
    html = await response.text()
    if (response.status !== 200) throw new Error(`${name} answered ${response.status}`)
    alone.push(performance.now() - from)
  }
  alone.sort((a, b) => a - b)
  const scripts = [...html.matchAll(/<script[^>]+src="([^"]+)"/g)].map(([, src]) => src!)
  const texts = await Promise.all(scripts.map(async (src) => (await fetch(address + src)).arrayBuffer()))
  // What the page before left behind is no part of this one.
  await sleep(1_000)
  beginDelay()
  // Fifty people who each open a page every five seconds or so, and fifty who do nothing else.
  const paced = await peopleLook({ people: PEOPLE, looking: 5, seconds: 2 * SECONDS, paths, address, headers })
  await sleep(600)
  const loopDelay = delays()
  const load = await autocannon({
    url: address,
    connections: PEOPLE,
    duration: SECONDS,
    headers,
    requests: paths.map((path) => ({ method: 'GET' as const, path })),
  })
  measured[name] = {
    aloneMs: Math.round(alone[4]!),
    fiftyMs: paced,
    fiftyWithoutPauseMs: { median: load.latency.p50, p97: load.latency.p97_5 },
    perSecond: Math.round(load.requests.average),
    failed: load.non2xx + load.errors + paced.failed,
    bytes: Buffer.byteLength(html),
    elements: (html.match(/<[a-z]/g) ?? []).length,
    scriptKB: Math.round(texts.reduce((sum, text) => sum + gzipSync(new Uint8Array(text)).length, 0) / 1024),
    loopDelay,
  }
}

// What the load before left in the queue is answered first.
await sleep(8_000)
const read = <T>(document: string | T): T => (typeof document === 'string' ? (JSON.parse(document) as T) : document)

/** From saving a household to its answers on all units; of some households, the first of them asked for lately. */
const rowsKept: number[] = []
const saved: number[] = []
for (const { id } of households.slice(0, CHANGED)) {
  const [{ version, document }] = (await database().query<{ version: number; document: string | Changed }>(
    'SELECT version, document FROM households WHERE id = :id',
    { type: QueryTypes.SELECT, replacements: { id } },
  )) as [{ version: number; document: string | Changed }]
  const household = read(document)
  household.limits.budget = 33_333
  const from = performance.now()
  const body = JSON.stringify({ version, household })
  const response = await fetch(`${address}/api/households/${id}`, { method: 'PUT', headers, body })
  if (!response.ok) throw new Error(`A household was not saved: ${response.status}`)
  saved.push(Math.round(performance.now() - from))
  rowsKept.push(await until(async () => (await kept('WHERE h.id = :id', { id })) === units))
}

/** From a reading to what it changes for all households; on some units. */
const columnsKept: number[] = []
for (const { stock, document } of await rows<{ stock: string; document: string | Read }>(
  `SELECT stock, document FROM trailers ORDER BY stock LIMIT ${CHANGED}`,
)) {
  const weighed = read(document).readings.uvw!.at(-1)!.value + 1
  const body = JSON.stringify({ key: 'readings.uvw', text: String(weighed), source: 'measured' })
  const response = await fetch(`${address}/api/trailers/${stock}/readings`, { method: 'POST', headers, body })
  if (!response.ok) throw new Error(`A reading was not taken: ${response.status}`)
  columnsKept.push(await until(async () => (await kept('WHERE t.stock = :stock', { stock })) === all / units))
}
console.log(
  JSON.stringify(
    {
      units,
      households: all / units,
      allAnewMs,
      pages: measured,
      savedMs: spread(saved),
      rowKeptMs: spread(rowsKept),
      columnKeptMs: spread(columnsKept),
    },
    null,
    2,
  ),
)
await disconnect()
