import { getIronSession, type SessionOptions } from 'iron-session'
import { cookies } from 'next/headers'
import { redirect } from 'next/navigation'
import type { Account } from '../db/people/accounts'
import { noteEvent } from '../db/people/houseEvents'
import { accountInSession, beginSession, endSession, hasComeFrom, LASTS_SECONDS } from '../db/people/sessions'
import { sayingAway } from '../http/sayingAway'
import { settings } from '../settings'
import { may, type Right } from './access'
import { noteRefused } from './refusals'

interface SessionData {
  id?: string
}

function options(): SessionOptions {
  const { sessionSecret, secureCookies } = settings()
  return {
    // With the prefix a browser takes it only over HTTPS, from this very host, for all of it.
    cookieName: secureCookies ? '__Host-hitchet' : 'hitchet',
    password: sessionSecret,
    ttl: LASTS_SECONDS,
    cookieOptions: { httpOnly: true, sameSite: 'lax', secure: secureCookies, path: '/' },
  }
}

const session = async () => getIronSession<SessionData>(await cookies(), options())

export async function signIn(account: Account, address: string): Promise<void> {
  const isNew = !(await hasComeFrom(account.email, address))
  const current = await session()
  current.id = await beginSession(account.id, address)
  await current.save()
  await noteEvent({ kind: 'signed in', about: account.name, ...(isNew && { detail: 'from somewhere new' }) })
}

/** The session ends where it is kept: a copy of its cookie opens nothing any more. */
export async function signOut({ name }: Account): Promise<void> {
  const current = await session()
  if (current.id) await endSession(current.id)
  current.destroy()
  await noteEvent({ kind: 'signed out', about: name })
}

/** Who is signed in; asked of the database each time, so that whoever was sent out is out at once. */
export async function currentAccount(): Promise<Account | undefined> {
  const { id } = await session()
  return id ? sayingAway(() => accountInSession(id)) : undefined
}

/** The number of the session that one is in. */
export const currentSession = async (): Promise<string> => (await session()).id ?? ''

/** For pages: strangers are sent to the sign-in page, who has something to set up there first, and who may not see it is told so. */
export async function requireAccount(right: Right): Promise<Account> {
  const account = await currentAccount()
  if (!account) redirect('/sign-in')
  if (account.mustSetUp && right !== 'look after oneself') redirect('/own')
  if (!may(account.role, right)) {
    await noteRefused(account, right)
    redirect('/not-yours')
  }
  return account
}
