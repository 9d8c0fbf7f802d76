import type { RateLimiterMySQL } from 'rate-limiter-flexible'
import { attemptsCounted } from '../../db/people/attempts'
import { Refused } from '../../refused'

/** Who is signed in guesses their password, or a code, so often in a quarter of an hour: it may be somebody at an open tablet. */
const MOST = 10
const SECONDS = 15 * 60

let counted: RateLimiterMySQL | undefined

/** @throws Refused once there were too many. */
export async function countedTry(account: string): Promise<void> {
  counted ??= attemptsCounted({ points: MOST, seconds: SECONDS })
  await counted.consume(`own ${account}`).catch((failure: unknown) => {
    if (failure instanceof Error) throw failure
    throw new Refused('Too many attempts. Wait a quarter of an hour.', [], 429)
  })
}
