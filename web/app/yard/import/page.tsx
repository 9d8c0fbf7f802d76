import type { Metadata } from 'next'
import { Import } from '../../../screens/import/Import'
import { Screen } from '../../../screens/shell/Screen'
import { requireAccount } from '../../../server/auth/session'

export const metadata: Metadata = { title: 'Bring in files' }

export default async function Page() {
  return (
    <Screen account={await requireAccount('bring in files')} place="yard">
      <Import />
    </Screen>
  )
}
