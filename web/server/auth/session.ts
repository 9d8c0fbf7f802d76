import { getIronSession, type SessionOptions } from 'iron-session'
import { cookies } from 'next/headers'
import { redirect } from 'next/navigation'
import { accountById, type Account } from '../db/accounts'
import { settings } from '../settings'

interface SessionData {
  accountId?: string
}

/** Twelve hours: a working day on the lot. */
const LASTS_SECONDS = 12 * 60 * 60

function options(): SessionOptions {
  const { sessionSecret, secureCookies } = settings()
  return {
    cookieName: 'hitchet',
    password: sessionSecret,
    ttl: LASTS_SECONDS,
    cookieOptions: { httpOnly: true, sameSite: 'lax', secure: secureCookies, path: '/' },
  }
}

const session = async () => getIronSession<SessionData>(await cookies(), options())

export async function signIn(account: Account): Promise<void> {
  const current = await session()
  current.accountId = account.id
  await current.save()
}

export async function signOut(): Promise<void> {
  ;(await session()).destroy()
}

/** Who is signed in; asked of the database each time, so that a removed account is out at once. */
export async function currentAccount(): Promise<Account | undefined> {
  const { accountId } = await session()
  return accountId ? accountById(accountId) : undefined
}

/** For pages and actions: strangers are sent to the sign-in page. */
export async function requireAccount(): Promise<Account> {
  const account = await currentAccount()
  if (!account) redirect('/sign-in')
  return account
}
