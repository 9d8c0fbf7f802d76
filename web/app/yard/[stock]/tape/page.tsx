import type { Metadata } from 'next'
import { Screen } from '../../../../screens/shell/Screen'
import { Tape } from '../../../../screens/tape/Tape'
import { may } from '../../../../server/auth/access'
import { requireAccount } from '../../../../server/auth/session'

type Props = { params: Promise<{ stock: string }> }

export const generateMetadata = async ({ params }: Props): Promise<Metadata> => ({
  title: `${(await params).stock}, tape`,
})

export default async function Page({ params }: Props) {
  const account = await requireAccount('work on the lot')
  return (
    <Screen account={account} place="yard">
      <Tape stock={(await params).stock} named={may(account.role, 'see families')} />
    </Screen>
  )
}
