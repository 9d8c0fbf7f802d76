import type { Metadata } from 'next'
import { Screen } from '../../../../screens/shell/Screen'
import { Tape } from '../../../../screens/tape/Tape'
import { requireAccount } from '../../../../server/auth/session'

type Props = { params: Promise<{ stock: string }> }

export const generateMetadata = async ({ params }: Props): Promise<Metadata> => ({
  title: `${(await params).stock}, tape`,
})

export default async function Page({ params }: Props) {
  return (
    <Screen account={await requireAccount()} place="yard">
      <Tape stock={(await params).stock} />
    </Screen>
  )
}
