import type { Metadata } from 'next'
import { After } from '../../../../screens/after/After'
import { openHousehold } from '../../../../screens/openHousehold'
import { Screen } from '../../../../screens/shell/Screen'

export const metadata: Metadata = { title: 'After the meeting' }

export default async function Page({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>
  searchParams: Promise<{ units?: string | string[] }>
}) {
  const { account, kept } = await openHousehold(params)
  const { units } = await searchParams
  const stocks = (Array.isArray(units) ? units.join(',') : (units ?? '')).split(',').filter(Boolean)
  return (
    <Screen account={account} kept={kept} place="after">
      <After kept={kept} stocks={stocks} />
    </Screen>
  )
}
