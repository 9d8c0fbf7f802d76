import type { Metadata } from 'next'
import { openHousehold } from '../../../../screens/openHousehold'
import { Screen } from '../../../../screens/shell/Screen'
import { Yard } from '../../../../screens/yard/Yard'

export const metadata: Metadata = { title: 'Yard' }

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { account, kept } = await openHousehold(params)
  return (
    <Screen account={account} kept={kept} place="yard">
      <Yard open={{ id: kept.id, household: kept.household }} />
    </Screen>
  )
}
