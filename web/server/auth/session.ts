import { getIronSession, type SessionOptions } from 'iron-session'
import { cookies } from 'next/headers'
import { redirect } from 'next/navigation'
import type { Account } from '../db/accounts'
import { accountInSession, beginSession, endSession, LASTS_SECONDS } from '../db/sessions'
import { sayingAway } from '../db/sayingAway'
import { settings } from '../settings'
import { may, type Right } from './access'

interface SessionData {
  id?: string
}

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

export async function signIn(account: Account, address: string): Promise<void> {
  const current = await session()
  current.id = await beginSession(account.id, address)
  await current.save()
}

/** The session ends where it is kept: a copy of its cookie opens nothing any more. */
export async function signOut(): Promise<void> {
  const current = await session()
  if (current.id) await endSession(current.id)
  current.destroy()
}

/** Who is signed in; asked of the database each time, so that whoever was sent out is out at once. */
export async function currentAccount(): Promise<Account | undefined> {
  const { id } = await session()
  return id ? sayingAway(() => accountInSession(id)) : undefined
}

/** For pages: strangers are sent to the sign-in page, and who may not see it is told so. */
export async function requireAccount(right: Right): Promise<Account> {
  const account = await currentAccount()
  if (!account) redirect('/sign-in')
  if (!may(account.role, right)) redirect('/not-yours')
  return account
}
