import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { SignIn } from '../../screens/sign-in/SignIn'
import { currentAccount } from '../../server/auth/session'
import { DEMO_PEOPLE } from '../../server/demoPeople'
import { settings } from '../../server/settings'

export const metadata: Metadata = { title: 'Sign in' }

export default async function Page() {
  if (await currentAccount()) redirect('/')
  return <SignIn demoPeople={settings().demo ? DEMO_PEOPLE : []} />
}
