import type { Metadata } from 'next'
import { openHousehold } from '../../../../screens/openHousehold'
import { Screen } from '../../../../screens/shell/Screen'
import { Yard, type Looked } from '../../../../screens/yard/Yard'

export const metadata: Metadata = { title: 'Yard' }

export default async function Page({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>
  searchParams: Promise<Looked>
}) {
  const { account, kept } = await openHousehold(params)
  return (
    <Screen account={account} kept={kept} place="yard">
      <Yard household={kept.id} looked={await searchParams} />
    </Screen>
  )
}
