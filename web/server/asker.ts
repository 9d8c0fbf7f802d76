import { AsyncLocalStorage } from 'node:async_hooks'
import { processSingleton } from './processSingleton'

/** For whom something is being made. */
export interface Asker {
  /** One of a house's people, as far as turns go. */
  person: string
  /** Once they do not wait for it any more. */
  left: AbortSignal
  /** The database did not answer while it was made. */
  isAway?: boolean
}

/** Set by the server around each request (`answering.mjs`); nobody where it was begun by the program itself. */
export const asker = (): Asker | undefined =>
  processSingleton('who asks', () => new AsyncLocalStorage<Asker>()).getStore()
