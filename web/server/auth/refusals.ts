import { LRUCache } from 'lru-cache'
import type { Account } from '../db/people/accounts'
import { noteEvent } from '../db/people/houseEvents'
import { processSingleton } from '../processSingleton'
import type { Right } from './access'

/** Who asks for the same again and again is written down once in so long, milliseconds. */
const ONCE_IN = 10 * 60_000

const lately = processSingleton('refused lately', () => new LRUCache<string, true>({ max: 1_000, ttl: ONCE_IN }))

/** Somebody asked for what is not theirs. */
export async function noteRefused({ id, name, role }: Account, right: Right): Promise<void> {
  const key = `${id} ${right}`
  if (lately.has(key)) return
  lately.set(key, true)
  await noteEvent({ kind: 'not allowed', about: name, detail: `${role}: ${right}` })
}
