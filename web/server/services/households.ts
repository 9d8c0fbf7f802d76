import { flawText } from '@hitchet/core/flaws/flaw'
import { parseHousehold } from '@hitchet/core/formats/document'
import { refusal } from '../auth/guard'
import { Gone, StaleSave } from '../db/conflict'
import { inTransaction } from '../db/database'
import { addHouseholds, saveHousehold } from '../db/households'

/** Saves a household that is not kept yet; answers with its id, or with every flaw in words. */
export async function startHousehold(source: unknown, by: string): Promise<Response> {
  const { document, flaws } = parseHousehold(source)
  if (!document) return flawed(flaws.map(flawText))
  const [id] = await inTransaction((transaction) => addHouseholds([document], by, transaction))
  return Response.json({ id, version: 1 })
}

/** Saves over the version that was read; a newer one is answered with, never overwritten. */
export async function renewHousehold(id: string, version: unknown, source: unknown, by: string): Promise<Response> {
  if (typeof version !== 'number') return refusal(400, 'Say which version was edited.')
  const { document, flaws } = parseHousehold(source)
  if (!document) return flawed(flaws.map(flawText))
  try {
    const kept = await saveHousehold(id, version, document, by)
    return Response.json({ id, version: kept.version })
  } catch (failure) {
    if (failure instanceof StaleSave)
      return refusal(409, failure.message, { theirs: failure.theirs, theirVersion: failure.theirVersion })
    if (failure instanceof Gone) return refusal(410, failure.message)
    throw failure
  }
}

const flawed = (lines: string[]): Response =>
  refusal(422, 'Nothing was saved: something in it is not right.', { flaws: lines })
