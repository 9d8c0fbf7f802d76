import { RateLimiterMemory } from 'rate-limiter-flexible'
import { passwordMatches } from '../auth/password'
import { accountByEmail, type Account } from '../db/accounts'

/** Ten wrong passwords for one email in a quarter of an hour, then a pause. */
const attempts = new RateLimiterMemory({ points: 10, duration: 15 * 60 })

export type SignInResult = { account: Account } | { account?: undefined; says: string }

/** Checks email and password. The answer does not tell which of the two was wrong. */
export async function checkSignIn(email: string, password: string): Promise<SignInResult> {
  const key = email.trim().toLowerCase()
  try {
    await attempts.consume(key)
  } catch {
    return { says: 'Too many attempts. Wait a quarter of an hour, or ask your manager.' }
  }
  const found = await accountByEmail(key)
  if (!(await passwordMatches(found?.passwordHash, password)) || !found)
    return { says: 'Email and password do not go together.' }
  await attempts.delete(key)
  return { account: found.account }
}
