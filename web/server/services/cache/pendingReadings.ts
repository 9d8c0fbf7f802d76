import { waitsOf, type PendingReadings } from '../../db/answers'
import { houseRules } from '../../houseRules'
import { inWorker } from '../../jobs/pool'
import { processSingleton } from '../../processSingleton'
import { cacheKey } from './cacheKey'
import { deadline, within } from './deadline'

/** A household and a unit, by their ids. */
export interface Looked {
  household: string
  unit: string
}

/** So many households are looked at by one job: they try the same readings on the unit. */
const AT_ONCE = 10

/**
 * For each of some households on some unit the readings that could change one of its answers there. While that is still being
 * looked at, what was so before stands, marked as old; absent: there is nothing yet.
 */
export async function pendingReadingsFor(pairs: readonly Looked[]): Promise<(PendingReadings | undefined)[]> {
  const until = deadline()
  const key = cacheKey(houseRules())
  const read = async () => {
    const rows = await waitsOf(
      [...new Set(pairs.map(({ household }) => household))],
      [...new Set(pairs.map(({ unit }) => unit))],
      key,
    )
    const known = new Map(rows.map(({ household, trailer, kept }) => [`${household} ${trailer}`, kept]))
    return pairs.map(({ household, unit }) => known.get(`${household} ${unit}`))
  }
  let found = await read()
  const open = pairs.filter((_, i) => found[i]?.old ?? true)
  if (open.length === 0) return found
  await within(until, reckonWaits(open))
  found = await read()
  return found
}

async function reckonWaits(pairs: readonly Looked[]): Promise<void> {
  const [rules, key] = [houseRules(), cacheKey(houseRules())]
  const units = [...new Set(pairs.map(({ unit }) => unit))]
  await Promise.all(
    units.flatMap((unit) => {
      const households = pairs.filter((one) => one.unit === unit).map(({ household }) => household)
      const jobs: Promise<void>[] = []
      for (let from = 0; from < households.length; from += AT_ONCE)
        jobs.push(
          once(`${unit} ${households.slice(from, from + AT_ONCE).join()}`, () =>
            inWorker('reckonWaits', { rules, key, unit, households: households.slice(from, from + AT_ONCE) }),
          ),
        )
      return jobs
    }),
  )
}

const running = processSingleton('waits', () => new Map<string, Promise<void>>())

/** Who asks for the same meanwhile waits for the same. */
function once(name: string, work: () => Promise<void>): Promise<void> {
  const own = running.get(name) ?? work().finally(() => running.delete(name))
  running.set(name, own)
  return own
}
