import type { Metadata } from 'next'
import { MatchScreen } from '../../../../screens/match/Match'
import { openHousehold } from '../../../../screens/openHousehold'
import { Screen } from '../../../../screens/shell/Screen'

export const metadata: Metadata = { title: 'Match' }

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { account, kept } = await openHousehold(params)
  return (
    <Screen account={account} kept={kept} place="match">
      <MatchScreen kept={kept} />
    </Screen>
  )
}
