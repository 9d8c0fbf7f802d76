import { RateLimiterMemory } from 'rate-limiter-flexible'
import { passwordMatches } from '../auth/password'
import { accountByEmail, normalEmail, type Account } from '../db/accounts'
import { Refused } from '../refused'

/** Ten wrong passwords for one email in a quarter of an hour, then a pause. */
const attempts = new RateLimiterMemory({ points: 10, duration: 15 * 60 })

/** Checks email and password. @throws Refused; its words do not tell which of the two was wrong. */
export async function checkSignIn(email: string, password: string): Promise<Account> {
  const key = normalEmail(email)
  await attempts.consume(key).catch(() => {
    throw new Refused('Too many attempts. Wait a quarter of an hour, or ask your manager.', [], 429)
  })
  const found = await accountByEmail(key)
  if (!(await passwordMatches(found?.passwordHash, password)) || !found)
    throw new Refused('Email and password do not go together.', [], 422)
  await attempts.delete(key)
  return found.account
}
