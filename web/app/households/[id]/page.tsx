import type { Metadata } from 'next'
import { HouseholdScreen } from '../../../screens/household/Household'
import { openHousehold } from '../../../screens/openHousehold'
import { Screen } from '../../../screens/shell/Screen'

export const metadata: Metadata = { title: 'Household' }

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { account, kept } = await openHousehold(params)
  return (
    <Screen account={account} kept={kept} place="household">
      <HouseholdScreen account={account} kept={kept} />
    </Screen>
  )
}
