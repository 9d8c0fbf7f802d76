import { hash, verify } from '@node-rs/argon2'
import pLimit from 'p-limit'
import { Refused } from '../refused'

/**
 * Each takes a core for a good while, and that is meant: one at a time, so that a crowd at the door keeps nobody waiting who
 * is inside. More than so many at once are no crowd.
 */
const oneAtATime = pLimit(1)
const MOST_WAITING = 60

/** Argon2id at the library's defaults (19 MiB, two passes), as OWASP asks for (from memory). */
export const hashPassword = (password: string): Promise<string> => oneAtATime(() => hash(password))

/** A hash of nothing anyone knows: an unknown email takes as long as a wrong password. */
let decoy: Promise<string> | undefined

/** @throws Refused when more wait at the door than there are people. */
export async function passwordMatches(stored: string | undefined, password: string): Promise<boolean> {
  if (oneAtATime.pendingCount > MOST_WAITING)
    throw new Refused('Very many are signing in at once. Try again in a moment.', [], 429)
  decoy ??= hashPassword(crypto.randomUUID())
  const known = stored ?? (await decoy)
  const right = await oneAtATime(() => verify(known, password))
  return stored !== undefined && right
}
