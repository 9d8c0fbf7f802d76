import type { Metadata } from 'next'
import { Screen } from '../../../screens/shell/Screen'
import { Unit } from '../../../screens/unit/Unit'
import { requireAccount } from '../../../server/auth/session'

type Props = { params: Promise<{ stock: string }> }

export const generateMetadata = async ({ params }: Props): Promise<Metadata> => ({ title: (await params).stock })

export default async function Page({ params }: Props) {
  return (
    <Screen account={await requireAccount('work on the lot')} place="yard">
      <Unit stock={(await params).stock} />
    </Screen>
  )
}
