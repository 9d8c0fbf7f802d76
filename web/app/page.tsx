import type { Metadata } from 'next'
import { Desk } from '../screens/desk/Desk'
import { Screen } from '../screens/shell/Screen'
import { requireAccount } from '../server/auth/session'
import { latestHouseholds } from '../server/db/households'
import { ON_DESK } from '../server/services/desk'

export const metadata: Metadata = { title: 'Desk' }

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<{ households?: string; show?: string }>
}) {
  const account = await requireAccount()
  const { households: more, show } = await searchParams
  const ended = show === 'ended'
  const asked = Number(more)
  const most = Number.isInteger(asked) && asked > ON_DESK ? Math.min(asked, 60) : ON_DESK
  const { households, all } = await latestHouseholds(most, ended ? 'ended' : 'in hand')
  return (
    <Screen account={account} place="desk">
      <Desk name={account.name} households={households} all={all} ended={ended} />
    </Screen>
  )
}
