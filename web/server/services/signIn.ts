import { RateLimiterRes, type RateLimiterMySQL } from 'rate-limiter-flexible'
import { passwordMatches } from '../auth/password'
import { accountByEmail, normalEmail, type Account } from '../db/accounts'
import { attemptsCounted } from '../db/attempts'
import { hasComeFrom } from '../db/sessions'
import { Refused } from '../refused'

/** Wrong passwords in a quarter of an hour, then a pause; whichever process is asked. */
const SECONDS = 15 * 60
const MOST = {
  /** For one email from one address. */
  here: 10,
  /** From one address, for whomever: a house of fifty people who all mistype twice. */
  from: 100,
  /** For one email, from addresses that its owner never came from: a stranger elsewhere locks nobody out. */
  strange: 50,
}

let counted: Record<keyof typeof MOST, RateLimiterMySQL> | undefined

/** Checks email and password. @throws Refused; its words do not tell which of the two was wrong. */
export async function checkSignIn(email: string, password: string, address: string): Promise<Account> {
  const own = normalEmail(email)
  const tries = await triesOf(own, address)
  for (const { count, key } of tries) await count.consume(key).catch(tooMany)
  const found = await accountByEmail(own)
  if (!(await passwordMatches(found?.passwordHash, password)) || !found)
    throw new Refused('Email and password do not go together.', [], 422)
  // Who comes in mistyped; the others' tries still count against the address.
  for (const { count, key, whose } of tries) await (whose === 'theirs' ? count.delete(key) : count.reward(key))
  return found.account
}

async function triesOf(email: string, address: string) {
  const of = (points: number) => attemptsCounted({ points, seconds: SECONDS })
  counted ??= { here: of(MOST.here), from: of(MOST.from), strange: of(MOST.strange) }
  return [
    { count: counted.from, key: `from ${address}`, whose: 'all' },
    { count: counted.here, key: `${email} ${address}`, whose: 'theirs' },
    ...((await hasComeFrom(email, address)) ? [] : [{ count: counted.strange, key: `to ${email}`, whose: 'theirs' }]),
  ] as const
}

function tooMany(failure: unknown): never {
  if (!(failure instanceof RateLimiterRes)) throw failure
  throw new Refused('Too many attempts. Wait a quarter of an hour, or ask your manager.', [], 429)
}
