import type { Metadata } from 'next'
import { HouseholdScreen } from '../../../screens/household/Household'
import { Screen } from '../../../screens/shell/Screen'
import { requireAccount } from '../../../server/auth/session'

export const metadata: Metadata = { title: 'A new household' }

export default async function Page() {
  const account = await requireAccount('see families')
  return (
    <Screen account={account} place="household">
      <HouseholdScreen account={account} />
    </Screen>
  )
}
