import type { Metadata } from 'next'
import { Office } from '../../screens/office/Office'
import { Screen } from '../../screens/shell/Screen'
import { requireAccount } from '../../server/auth/session'

export const metadata: Metadata = { title: 'Office' }

export default async function Page() {
  const account = await requireAccount('run the office')
  return (
    <Screen account={account} place="office">
      <Office own={account.id} />
    </Screen>
  )
}
