import { flawWords } from '@hitchet/core/formats/placeWords'
import { parseTrailer } from '@hitchet/core/formats/document'
import { tapeList, type ToMeasure, type Waited } from '@hitchet/core/match/asking/tapeList'
import { NotAFigure } from '@hitchet/core/quantity/parse'
import { best, type ReadingSpec, type ReadingValue, type Source } from '@hitchet/core/readings/reading'
import { typedReading } from '@hitchet/core/readings/typed'
import { thingAt, withReading } from '@hitchet/core/trailer/things'
import { isSold, type Trailer } from '@hitchet/core/trailer/trailer'
import { flawed, Refused } from '../refused'
import type { Account } from '../db/people/accounts'
import type { PendingReadings } from '../db/answers'
import { householdNames } from '../db/households'
import { addTrailer, changeTrailer, isAsTakenIn, trailersByStock, type StockedTrailer } from '../db/trailers'
import { refreshInBackground } from './cache/answerCache'
import { pendingReadingsFor } from './cache/pendingReadings'

/** Read as they are stored. */
export { trailersById, trailersByStock } from '../db/trailers'

export interface SavedTrailer {
  version: number
  trailer: Trailer
}

/**
 * A unit that is new on the lot. @throws Refused when something in it is not right, or its stock number hangs
 * in another window.
 */
export async function takeIn(source: unknown, { id }: Account): Promise<SavedTrailer> {
  const trailer = read(source)
  if (await addTrailer(trailer, id)) {
    refreshInBackground({ stocks: [trailer.stock] })
    return { version: 1, trailer }
  }
  // Whoever got no answer sends it once more.
  if (await isAsTakenIn(trailer, id)) return { version: 1, trailer }
  throw new Refused(`${trailer.stock} is in the yard already; choose another stock number.`, [], 409)
}

/** A trailer as edited, over the version that was read. @throws Refused, StaleSave, Gone. */
export async function renewTrailer(
  stock: string,
  version: number,
  source: unknown,
  { id }: Account,
): Promise<SavedTrailer> {
  const trailer = read(source)
  if (trailer.stock !== stock) {
    const flaw = `stock: found "${trailer.stock}"; right would be "${stock}"`
    throw new Refused('Nothing was saved: this is another unit.', [flaw])
  }
  const saved = await changeTrailer(stock, id, () => trailer, version)
  refreshInBackground({ stocks: [stock] })
  return saved
}

/** A reading as someone typed it. */
export interface TypedReading {
  key: string
  text: string
  source: Source
  /** It is odd, was questioned, and is so. */
  confirmed?: boolean
}

/**
 * One more reading, beside those there are: nobody's is overwritten, so it goes onto whatever version is the
 * latest. @throws Refused, Gone.
 */
export async function takeReading(
  stock: string,
  { key, text, source, confirmed }: TypedReading,
  { id, name }: Account,
  today: string,
): Promise<SavedTrailer> {
  const saved = await changeTrailer(stock, id, (latest) =>
    withTyped(latest, { key, text, source, ...(confirmed && { confirmed }) }, { on: today, by: name }),
  )
  refreshInBackground({ stocks: [stock] })
  return saved
}

/** The unit with a typed reading beside those there are. @throws Refused. */
export function withTyped(
  trailer: Trailer,
  { key, text, source, confirmed }: TypedReading,
  who: { on: string; by: string },
): Trailer {
  const at = thingAt(trailer, key)
  if (!at) throw new Refused(`Nothing on ${trailer.stock} is called ${key}.`, [], 404)
  const reading = { value: typed(at.spec, text), source, ...who, ...(confirmed && { confirmed }) }
  const next = withReading(trailer, key, reading)!
  // The schema once more: a figure may be typed well and still be out of all bounds.
  const { flaws } = parseTrailer(JSON.parse(JSON.stringify(next)))
  const wrong = flaws.filter(({ severity }) => severity === 'error')
  if (wrong.length) throw new Refused(`Not taken: ${flawWords(wrong[0]!, next)}`)
  return next
}

function typed(spec: ReadingSpec, text: string): ReadingValue {
  try {
    return typedReading(spec, text)
  } catch (failure) {
    if (failure instanceof NotAFigure) throw new Refused(`Not taken: ${failure.message}.`)
    throw failure
  }
}

function read(source: unknown): Trailer {
  const { document, flaws } = parseTrailer(source)
  if (!document) throw flawed(flaws.map((flaw) => flawWords(flaw, source)))
  return document
}

/** A unit by its stock number. @throws Refused when there is none. */
export async function trailerOf(stock: string): Promise<Trailer> {
  const [found] = await trailersByStock([stock])
  if (!found) throw new Refused('No unit of that stock number.', [], 404)
  return found.trailer
}

/**
 * What to measure next on a unit, by how many open households' answers it could change. Whoever sees no families hears how many
 * they are, not who.
 */
export async function tapeListFor(
  { id, trailer }: StockedTrailer,
  { named }: { named: boolean },
): Promise<{ list: ToMeasure[]; open: number }> {
  // It is nobody's to wait for any more.
  if (isSold(trailer)) return { list: tapeList(trailer, []), open: 0 }
  const households = await householdNames()
  const found = await pendingReadingsFor(households.map((one) => ({ household: one.id, unit: id })))
  const all = households.map(({ name }, i) => ({
    name: named ? name : `household ${i + 1}`,
    waits: stillOpen(found[i], trailer),
  }))
  const list = tapeList(trailer, all)
  return {
    list: named ? list : list.map((one) => ({ ...one, households: counted(one.households.length) })),
    open: found.filter((one) => one?.old ?? true).length,
  }
}

/** Of what was waited for before, without what was read since. */
const stillOpen = (kept: PendingReadings | undefined, trailer: Trailer): readonly Waited[] =>
  kept?.old
    ? kept.waits.filter(({ key }) => {
        const found = thingAt(trailer, key)
        return !found || best(found.thing.readings?.[found.reading]) === undefined
      })
    : (kept?.waits ?? [])

const counted = (households: number): string[] =>
  households === 0 ? [] : [households === 1 ? 'one household' : `${households} households`]
