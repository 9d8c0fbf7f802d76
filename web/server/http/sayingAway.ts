import { asker } from '../asker'
import { DATABASE_AWAY } from '../../contracts/refusal'
import { isAway } from '../db/away'

/**
 * The first question of a page to the database. A page hears of a fault only its `digest`: here, that nobody answers; the server
 * answers 503 then (`answering.mjs`).
 */
export async function sayingAway<T>(ask: () => Promise<T>): Promise<T> {
  try {
    return await ask()
  } catch (failure) {
    if (!isAway(failure)) throw failure
    const by = asker()
    if (by) by.isAway = true
    throw Object.assign(failure as Error, { digest: DATABASE_AWAY })
  }
}
