import type { Metadata } from 'next'
import { openHousehold } from '../../../../../../screens/openHousehold'
import { Screen } from '../../../../../../screens/shell/Screen'
import { Tape } from '../../../../../../screens/tape/Tape'

type Props = { params: Promise<{ id: string; stock: string }> }

export const generateMetadata = async ({ params }: Props): Promise<Metadata> => ({
  title: `${(await params).stock}, tape`,
})

/** The tape with the household still open: what is measured for them leads back to them. */
export default async function Page({ params }: Props) {
  const { account, kept } = await openHousehold(params)
  return (
    <Screen account={account} kept={kept} place="yard">
      <Tape stock={(await params).stock} household={kept.id} named />
    </Screen>
  )
}
