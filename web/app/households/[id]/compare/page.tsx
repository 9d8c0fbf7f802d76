import type { Metadata } from 'next'
import { CompareScreen } from '../../../../screens/compare/Compare'
import { openHousehold } from '../../../../screens/openHousehold'
import { Screen } from '../../../../screens/shell/Screen'

export const metadata: Metadata = { title: 'Compare' }

export default async function Page({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>
  searchParams: Promise<{ units?: string | string[] }>
}) {
  const { account, kept } = await openHousehold(params)
  const { units } = await searchParams
  return (
    <Screen account={account} kept={kept} place="compare">
      <CompareScreen kept={kept} units={Array.isArray(units) ? units.join(',') : units} />
    </Screen>
  )
}
