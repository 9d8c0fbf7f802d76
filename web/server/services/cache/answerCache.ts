import { LRUCache } from 'lru-cache'
import { rankedCached, type Placed } from '@hitchet/core/match/cachedMatch'
import { householdsInHand, keptFor, revisionOf, standingsOf, unitsInYard, type YardStanding } from '../../db/answers'
import { noteFault } from '../../db/faults'
import { withNamedLock } from '../../db/namedLock'
import { idsByStock, yardRevision } from '../../db/trailers'
import { houseRules } from '../../houseRules'
import { inWorker } from '../../jobs/pool'
import { processSingleton } from '../../processSingleton'
import type { Reckoning } from '../../jobs/reckon'
import { cacheKey } from './cacheKey'
import { deadline, within } from './deadline'

/** A unit of the yard as it stands for a household. */
export interface RankedUnit extends Placed {
  stock: string
  /** Of the unit. */
  version: number
  /** Stock number of the unit by whose like it most likely does not do. */
  failing?: string
}

/** The yard as it stands for a household, best first, so far as it is reckoned. */
export interface RankedYard {
  units: RankedUnit[]
  /** So many units are still being worked out. */
  open: number
  /** Stock numbers of those that cannot be: they failed, and are tried again once they, the household or the program change. */
  failed: string[]
  /** What it is known by. */
  stamp: string
}

/** Yards that were ranked lately, by whom and as what they were ranked: nothing changed while the stamp is the same. */
const lately = processSingleton('ranked yards', () => new LRUCache<string, RankedYard>({ max: 60 }))

/** Pairs that one job reckons: a third of a second, so that whoever waits for something else waits no longer. */
const AT_ONCE = 250

/** Both threads share what one household waits for. */
const PARTS = 2

/** The whole yard for a household that is kept. `until`: so long whoever looks waits for it. */
export async function rankedYard(household: string, until = deadline()): Promise<RankedYard> {
  const key = cacheKey(houseRules())
  const stamp = `${household} ${await revisionOf(household)} ${key}`
  const known = lately.get(stamp)
  if (known) return known
  const rows = await onceReckoned(
    () => keptFor(household, key),
    (now) => now.filter(({ kept, failed }) => !kept && failed === undefined).length,
    () => reckonFor(household),
    until,
  )
  const units = rows.flatMap(({ kept, id, stock, version }) => (kept ? [{ ...kept, id, stock, version }] : []))
  const failed = rows.flatMap(({ failed: kind, stock }) => (kind === undefined ? [] : [stock]))
  const stocks = new Map(units.map(({ id, stock }) => [id, stock]))
  const ranked = rankedCached(units).map((one): RankedUnit => ({
    ...one,
    ...(one.likely && { failing: stocks.get(one.likely.like)! }),
  }))
  const yard = { stamp, units: ranked, failed, open: rows.length - units.length - failed.length }
  // Whoever saves while it is read changes the stamp, or finds it changed.
  if (yard.open === 0 && stamp === `${household} ${await revisionOf(household)} ${key}`) lately.set(stamp, yard)
  return yard
}

/** For some households counts and first places, so far as they are reckoned. */
export async function standingsFor(
  households: readonly { id: string; version: number }[],
  places: number,
): Promise<{ all: number; standings: YardStanding[] }> {
  const key = cacheKey(houseRules())
  const revision = await yardRevision()
  const nameOf = ({ id, version }: { id: string; version: number }) => `${id} ${version} ${revision} ${key} ${places}`
  const unknown = households.filter((one) => !stood.has(nameOf(one)))
  const [all, found] = await Promise.all([
    unitsInYard(),
    standingsOf(
      unknown.map(({ id }) => id),
      key,
      places,
    ),
  ])
  const isSame = revision === (await yardRevision())
  const standings = households.map((one) => stood.get(nameOf(one)) ?? found[unknown.indexOf(one)]!)
  // Whoever saves while it is read changes the revision, or finds it changed.
  households.forEach((one, i) => {
    const own = standings[i]!
    if (isSame && own.known === all && own.version === one.version) stood.set(nameOf(one), own)
  })
  return { all, standings }
}

/** How yards stood lately; nothing changed while household and yard are as they were. */
const stood = processSingleton('standings', () => new LRUCache<string, YardStanding>({ max: 2_000 }))

/** The same once all is reckoned, or whoever looks has waited long enough. */
export async function standingsOnceReckoned(
  households: readonly { id: string; version: number }[],
  places: number,
): Promise<{ all: number; standings: YardStanding[] }> {
  return onceReckoned(
    () => standingsFor(households, places),
    ({ all, standings }) => standings.reduce((sum, { known }) => sum + all - known, 0),
    ({ all, standings }) =>
      Promise.all(
        standings
          .filter(({ known }) => known < all)
          // One household of which something cannot be reckoned costs no other its place on the desk.
          .map(({ household }) => reckonFor(household).catch(() => {})),
      ),
  )
}

/** So often in a row nothing came of it: then it is not waited for any longer. The first may have begun before a save. */
const IN_VAIN = 2

/** What is read once nothing of it is open any more, or whoever looks has waited long enough. */
async function onceReckoned<Found>(
  read: () => Promise<Found>,
  openIn: (found: Found) => number,
  reckonOpen: (found: Found) => Promise<unknown>,
  until = deadline(),
): Promise<Found> {
  let found = await read()
  for (let inVain = 0; openIn(found) > 0 && inVain < IN_VAIN && Date.now() < until;) {
    const before = openIn(found)
    await within(until, reckonOpen(found))
    found = await read()
    inVain = openIn(found) < before ? 0 : inVain + 1
  }
  return found
}

const reckoning = processSingleton('reckoning', () => new Map<string, Promise<void>>())

/** Reckons what is not kept of a household, ahead of all that nobody waits for. Who asks meanwhile waits for the same. */
function reckonFor(household: string): Promise<void> {
  const running = reckoning.get(household)
  if (running) return running
  const job = { rules: houseRules(), key: cacheKey(houseRules()), households: [household], most: AT_ONCE }
  const done = inParts((part) => untilNone({ ...job, part })).finally(() => reckoning.delete(household))
  reckoning.set(household, done)
  return done
}

/** What changed: the row of a household, the columns of some units by their stock numbers, or nobody knows what. */
export type Changed = { household: string } | { stocks: readonly string[] } | 'anything'

/**
 * Reckons in the background what a change has left open, for all in hand. Nobody waits for it, and nothing is wrong while it
 * has not run: what is not kept is reckoned when somebody asks.
 */
export function refreshInBackground(changed: Changed): void {
  // The database is away, or something cannot be reckoned: it is tried again when somebody asks.
  const work = reckonChanged(changed).catch((failure: unknown) =>
    ending.stopped ? undefined : noteFault('keeping answers', failure),
  )
  running.add(work)
  void work.finally(() => running.delete(work))
}

const running = processSingleton('keeping up', () => new Set<Promise<void>>())

/** When all that was begun in the background has ended. */
export async function refreshed(): Promise<void> {
  while (running.size) await Promise.all(running)
}

/** Before the process lets go of its threads and of the database: no more is begun, and what runs has ended. */
export async function stopRefreshing(): Promise<void> {
  ending.stopped = true
  await refreshed()
  ending.stopped = false
}

const ending = processSingleton('ending', () => ({ stopped: false }))

/** Batch after batch until nothing is left. */
async function untilNone(job: Reckoning, asked?: { whenIdle: boolean }): Promise<void> {
  while (!ending.stopped && (await inWorker('reckon', job, asked)) > 0);
}

async function reckonChanged(changed: Changed): Promise<void> {
  if (changed === 'anything') return reckonAll()
  if ('household' in changed) return reckonFor(changed.household)
  const units = await idsByStock(changed.stocks)
  if (units.length === 0) return
  const job = { rules: houseRules(), key: cacheKey(houseRules()), units, most: AT_ONCE }
  await inParts((part) => untilNone({ ...job, part }, { whenIdle: true }))
}

/** All that is open, household by household; where another process does so already it is left to that one. */
function reckonAll(): Promise<void> {
  return withNamedLock('reckon all', async () => {
    // Once more when the house has set another rule meanwhile: whoever else saw that was turned away here.
    for (let key = ''; key !== cacheKey(houseRules()) && !ending.stopped;) {
      key = cacheKey(houseRules())
      await reckonAllBy({ rules: houseRules(), key, most: AT_ONCE })
    }
  })
}

async function reckonAllBy(job: Pick<Reckoning, 'rules' | 'key' | 'most'>): Promise<void> {
  const households = await householdsInHand()
  await inParts(async () => {
    for (let next = households.shift(); next && !ending.stopped; next = households.shift())
      // One of which something cannot be reckoned costs no other its answers.
      await untilNone({ ...job, households: [next] }, { whenIdle: true }).catch((failure: unknown) =>
        ending.stopped ? undefined : noteFault(`answers of household ${next}`, failure),
      )
  })
}

/** Ended once every part has, also where one of them failed. */
async function inParts(work: (part: { of: number; number: number }) => Promise<void>): Promise<void> {
  const ends = await Promise.allSettled(Array.from({ length: PARTS }, (_, number) => work({ of: PARTS, number })))
  for (const end of ends) if (end.status === 'rejected') throw end.reason
}
