import { DATABASE_AWAY } from '../../wire/refusal'
import { isAway } from './away'

/** The first question of a page to the database. A page hears of a fault only its `digest`: here, that nobody answers. */
export async function sayingAway<T>(ask: () => Promise<T>): Promise<T> {
  try {
    return await ask()
  } catch (failure) {
    throw isAway(failure) ? Object.assign(failure as Error, { digest: DATABASE_AWAY }) : failure
  }
}
