import type { Metadata } from 'next'
import { openHousehold } from '../../../../../../screens/openHousehold'
import { Screen } from '../../../../../../screens/shell/Screen'
import { Walk } from '../../../../../../screens/walk/Walk'

type Props = { params: Promise<{ id: string; stock: string }> }

export const generateMetadata = async ({ params }: Props): Promise<Metadata> => ({
  title: `${(await params).stock}, walk`,
})

export default async function Page({ params }: Props) {
  const { account, kept } = await openHousehold(params)
  return (
    <Screen account={account} kept={kept} place="yard">
      <Walk stock={(await params).stock} open={kept} named />
    </Screen>
  )
}
