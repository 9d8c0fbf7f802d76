import type { Metadata } from 'next'
import { Screen } from '../../../../screens/shell/Screen'
import { Walk } from '../../../../screens/walk/Walk'
import { may } from '../../../../server/auth/access'
import { requireAccount } from '../../../../server/auth/session'

type Props = { params: Promise<{ stock: string }> }

export const generateMetadata = async ({ params }: Props): Promise<Metadata> => ({
  title: `${(await params).stock}, walk`,
})

export default async function Page({ params }: Props) {
  const account = await requireAccount('work on the lot')
  return (
    <Screen account={account} place="yard">
      <Walk stock={(await params).stock} named={may(account.role, 'see families')} />
    </Screen>
  )
}
