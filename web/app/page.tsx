import type { Metadata } from 'next'
import { Desk } from '../screens/desk/Desk'
import { Screen } from '../screens/shell/Screen'
import { requireAccount } from '../server/auth/session'
import { allHouseholds } from '../server/db/households'
import { unitsToMeasure } from '../server/services/toMeasure'

export const metadata: Metadata = { title: 'Desk' }

export default async function Page() {
  const account = await requireAccount()
  const households = await allHouseholds()
  return (
    <Screen account={account} place="desk">
      <Desk name={account.name} households={households} toMeasure={await unitsToMeasure(households)} />
    </Screen>
  )
}
