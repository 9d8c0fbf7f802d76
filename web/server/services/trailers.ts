import { flawText } from '@hitchet/core/flaws/flaw'
import { parseTrailer } from '@hitchet/core/formats/document'
import { tapeList, type ToMeasure } from '@hitchet/core/match/tapeList'
import { NotAFigure } from '@hitchet/core/quantity/parse'
import { SOURCES, type Source } from '@hitchet/core/readings/reading'
import { typedReading } from '@hitchet/core/readings/typed'
import { thingAt, withReading } from '@hitchet/core/trailer/things'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { refusal } from '../auth/guard'
import { houseRules } from '../houseRules'
import { inWorker } from '../jobs/pool'
import type { Account } from '../db/accounts'
import { Gone, StaleSave } from '../db/conflict'
import { yardFacts } from '../db/facts'
import { allHouseholds } from '../db/households'
import { inTransaction } from '../db/database'
import { changeTrailer, saveTrailers, stockNumbers, trailersByStock, type StockedTrailer } from '../db/trailers'

/** A unit that is new on the lot; one whose stock number hangs in another window is refused. */
export async function takeIn(source: unknown, { id }: Account): Promise<Response> {
  const { document, flaws } = parseTrailer(source)
  if (!document) return refusal(422, 'Nothing was saved: something in it is not right.', { flaws: flaws.map(flawText) })
  return inTransaction(async (transaction) => {
    const taken = (await stockNumbers()).some((stock) => stock.toLowerCase() === document.stock.toLowerCase())
    if (taken) return refusal(409, `${document.stock} is in the yard already; choose another stock number.`)
    await saveTrailers([document], id, transaction)
    return Response.json({ version: 1 })
  })
}

/** A trailer as edited, over the version that was read; a newer one is answered with, never overwritten. */
export async function renewTrailer(
  stock: string,
  version: unknown,
  source: unknown,
  { id }: Account,
): Promise<Response> {
  if (typeof version !== 'number') return refusal(400, 'Say which version was edited.')
  const { document, flaws } = parseTrailer(source)
  if (!document) return refusal(422, 'Nothing was saved: something in it is not right.', { flaws: flaws.map(flawText) })
  if (document.stock !== stock)
    return refusal(422, 'Nothing was saved: this is another unit.', {
      flaws: [`stock: found "${document.stock}"; right would be "${stock}"`],
    })
  return answered(() => changeTrailer(stock, id, () => document, version))
}

/** One more reading, beside those there are: nobody's is overwritten, so it goes onto whatever version is the latest. */
export async function takeReading(
  stock: string,
  given: unknown,
  { id, name }: Account,
  today: string,
): Promise<Response> {
  const { key, text, source } = (given ?? {}) as { key?: unknown; text?: unknown; source?: unknown }
  if (typeof key !== 'string' || typeof text !== 'string' || !SOURCES.includes(source as Source))
    return refusal(400, `A reading needs a key, a text and a source (${SOURCES.join(', ')}).`)
  const [found] = await trailersByStock([stock])
  const at = found && thingAt(found.trailer, key)
  if (!found || !at) return refusal(404, `Nothing on ${stock} is called ${key}.`)
  try {
    const value = typedReading(at.spec, text)
    const reading = { value, source: source as Source, on: today, by: name }
    // The schema once more: a figure may be typed well and still be out of all bounds.
    const { flaws } = parseTrailer(JSON.parse(JSON.stringify(withReading(found.trailer, key, reading))))
    const wrong = flaws.filter(({ severity }) => severity === 'error')
    if (wrong.length) return refusal(422, `Not taken: ${flawText(wrong[0]!)}`)
    return await answered(() => changeTrailer(stock, id, (latest) => withReading(latest, key, reading) ?? latest))
  } catch (failure) {
    if (failure instanceof NotAFigure) return refusal(422, `Not taken: ${failure.message}.`)
    throw failure
  }
}

async function answered(save: () => Promise<StockedTrailer>): Promise<Response> {
  try {
    const { version, trailer } = await save()
    return Response.json({ version, trailer })
  } catch (failure) {
    if (failure instanceof StaleSave)
      return refusal(409, failure.message, { theirs: failure.theirs, theirVersion: failure.theirVersion })
    if (failure instanceof Gone) return refusal(410, 'This unit is no longer in stock.')
    throw failure
  }
}

/** What to measure next on a unit, by how many open households' answers it could change. */
export async function tapeListFor({ id, trailer }: StockedTrailer): Promise<ToMeasure[]> {
  const rules = houseRules()
  const [facts, kept] = await Promise.all([yardFacts(rules, id), allHouseholds()])
  const households = kept.map(({ household }) => household)
  const units = [{ document: JSON.stringify(trailer), facts: facts[0]!.facts }]
  const found = await inWorker('tapeLists', { units, households, rules })
  return tapeList(
    trailer,
    households.map(({ name }, i) => ({ name, waits: found[i]!.flatMap(({ waits }) => waits) })),
  )
}
