import { RateLimiterRes } from 'rate-limiter-flexible'
import { passwordMatches } from '../auth/password'
import { accountByEmail, normalEmail, type Account } from '../db/accounts'
import { attemptsCounted } from '../db/attempts'
import { Refused } from '../refused'

/** Ten wrong passwords for one email in a quarter of an hour, then a pause; whichever process is asked. */
const LIMIT = { points: 10, seconds: 15 * 60 }
let attempts: ReturnType<typeof attemptsCounted> | undefined

/** Checks email and password. @throws Refused; its words do not tell which of the two was wrong. */
export async function checkSignIn(email: string, password: string): Promise<Account> {
  const key = normalEmail(email)
  attempts ??= attemptsCounted(LIMIT)
  await attempts.consume(key).catch((failure: unknown) => {
    if (!(failure instanceof RateLimiterRes)) throw failure
    throw new Refused('Too many attempts. Wait a quarter of an hour, or ask your manager.', [], 429)
  })
  const found = await accountByEmail(key)
  if (!(await passwordMatches(found?.passwordHash, password)) || !found)
    throw new Refused('Email and password do not go together.', [], 422)
  await attempts.delete(key)
  return found.account
}
