import type { Metadata } from 'next'
import { OutboxScreen } from '../../screens/outbox/Outbox'
import { Screen } from '../../screens/shell/Screen'
import { requireAccount } from '../../server/auth/session'

export const metadata: Metadata = { title: 'Outbox' }

export default async function Page() {
  return (
    <Screen account={await requireAccount('see families')} place="desk">
      <OutboxScreen />
    </Screen>
  )
}
