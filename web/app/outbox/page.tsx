import type { Metadata } from 'next'
import { OutboxScreen } from '../../screens/outbox/Outbox'
import { Screen } from '../../screens/shell/Screen'
import { may } from '../../server/auth/access'
import { requireAccount } from '../../server/auth/session'

export const metadata: Metadata = { title: 'Outbox' }

export default async function Page() {
  const account = await requireAccount('see families')
  return (
    <Screen account={account} place="desk">
      <OutboxScreen ofHouse={may(account.role, 'run the office')} />
    </Screen>
  )
}
