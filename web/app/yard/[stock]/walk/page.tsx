import type { Metadata } from 'next'
import { Screen } from '../../../../screens/shell/Screen'
import { Walk } from '../../../../screens/walk/Walk'
import { requireAccount } from '../../../../server/auth/session'

type Props = { params: Promise<{ stock: string }> }

export const generateMetadata = async ({ params }: Props): Promise<Metadata> => ({
  title: `${(await params).stock}, walk`,
})

export default async function Page({ params }: Props) {
  return (
    <Screen account={await requireAccount()} place="yard">
      <Walk stock={(await params).stock} />
    </Screen>
  )
}
