import type { Metadata } from 'next'
import { Screen } from '../../../screens/shell/Screen'
import { TakeIn } from '../../../screens/tape/TakeIn'
import { requireAccount } from '../../../server/auth/session'

export const metadata: Metadata = { title: 'Take a unit in' }

export default async function Page() {
  return (
    <Screen account={await requireAccount('work on the lot')} place="yard">
      <TakeIn />
    </Screen>
  )
}
