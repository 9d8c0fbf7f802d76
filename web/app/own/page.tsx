import type { Metadata } from 'next'
import { OwnSignIn } from '../../screens/own/OwnSignIn'
import { Screen } from '../../screens/shell/Screen'
import { requireAccount } from '../../server/auth/session'
import { keysOfAccount } from '../../server/services/people/people'

export const metadata: Metadata = { title: 'Password and sign-in' }

export default async function Page() {
  const account = await requireAccount('look after oneself')
  const keys = await keysOfAccount(account.id)
  return (
    <Screen account={account} place="own">
      <OwnSignIn hasSecondFactor={keys?.secondFactor !== undefined} must={account.mustSetUp ?? false} />
    </Screen>
  )
}
