import type { Metadata } from 'next'
import { HandOver } from '../../../../../../screens/handover/HandOver'
import { openHousehold } from '../../../../../../screens/openHousehold'
import { Screen } from '../../../../../../screens/shell/Screen'

type Props = { params: Promise<{ id: string; stock: string }> }

export const generateMetadata = async ({ params }: Props): Promise<Metadata> => ({
  title: `${(await params).stock}, hand-over`,
})

export default async function Page({ params }: Props) {
  const { account, kept } = await openHousehold(params)
  return (
    <Screen account={account} kept={kept} place="yard">
      <HandOver
        stock={(await params).stock}
        household={{ id: kept.id, name: kept.household.name }}
        consultant={account.name}
      />
    </Screen>
  )
}
