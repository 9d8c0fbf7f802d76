import { RateLimiterRes, type RateLimiterMySQL } from 'rate-limiter-flexible'
import { passwordMatches } from '../../auth/password'
import { accountByEmail, normalEmail, type Account } from '../../db/people/accounts'
import { attemptsCounted } from '../../db/people/attempts'
import { noteEvent } from '../../db/people/houseEvents'
import { hasComeFrom } from '../../db/people/sessions'
import { Refused } from '../../refused'
import { isRightCode } from './people'

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

/** What somebody shows at the door; the code of their second factor where they have been asked for it. */
export interface Shown {
  email: string
  password: string
  code?: string
}

/** Who may come in, or that a code is asked for besides. @throws Refused; its words do not tell what was wrong of email and password. */
export async function checkSignIn({ email, password, code }: Shown, address: string): Promise<Account | 'code'> {
  const own = normalEmail(email)
  const tries = await triesOf(own, address)
  const found = await accountByEmail(own)
  const about = found && { about: found.account.name }
  for (const { count, key } of tries)
    await count.consume(key).catch(async (failure: unknown) => {
      // The first alone: who goes on fills no book.
      if (failure instanceof RateLimiterRes && failure.consumedPoints === count.points + 1)
        await noteEvent({ kind: 'too many tries', ...about })
      tooMany(failure)
    })
  if (!(await passwordMatches(found?.passwordHash, password)) || !found) {
    await noteEvent({ kind: 'wrong password', ...about })
    throw new Refused('Email and password do not go together.', [], 422)
  }
  if (found.secondFactor) {
    if (!code) return 'code'
    if (!(await isRightCode(found.account.id, found.secondFactor, code))) {
      await noteEvent({ kind: 'wrong code', ...about })
      throw new Refused('That code is not right, or was used already. Wait for the next one.', [], 422)
    }
  }
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
