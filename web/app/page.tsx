import type { Metadata } from 'next'
import { Desk } from '../screens/desk/Desk'
import { Screen } from '../screens/shell/Screen'
import { requireAccount } from '../server/auth/session'
import { allHouseholds } from '../server/db/households'
import { deskFor } from '../server/services/desk'

export const metadata: Metadata = { title: 'Desk' }

export default async function Page() {
  const account = await requireAccount()
  return (
    <Screen account={account} place="desk">
      <Desk name={account.name} {...await deskFor(await allHouseholds())} />
    </Screen>
  )
}
