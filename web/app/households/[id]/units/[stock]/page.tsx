import type { Metadata } from 'next'
import { openHousehold } from '../../../../../screens/openHousehold'
import { Screen } from '../../../../../screens/shell/Screen'
import { Unit } from '../../../../../screens/unit/Unit'

type Props = { params: Promise<{ id: string; stock: string }> }

export const generateMetadata = async ({ params }: Props): Promise<Metadata> => ({ title: (await params).stock })

export default async function Page({ params }: Props) {
  const { account, kept } = await openHousehold(params)
  return (
    <Screen account={account} kept={kept} place="yard">
      <Unit stock={(await params).stock} open={kept} />
    </Screen>
  )
}
