import type { Metadata } from 'next'
import { Desk } from '../screens/desk/Desk'
import { Screen } from '../screens/shell/Screen'
import { redirect } from 'next/navigation'
import { may } from '../server/auth/access'
import { requireAccount } from '../server/auth/session'
import { latestHouseholds, softDeletedBy } from '../server/services/households'
import { ON_DESK } from '../server/services/desk'

export const metadata: Metadata = { title: 'Desk' }

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<{ households?: string; show?: string }>
}) {
  const account = await requireAccount('be here')
  // Whose work is on the lot starts there.
  if (!may(account.role, 'see families')) redirect('/yard')
  const { households: more, show } = await searchParams
  const ended = show === 'ended'
  const asked = Number(more)
  const most = Number.isInteger(asked) && asked > ON_DESK ? Math.min(asked, 60) : ON_DESK
  const [{ households, all }, takenOut] = await Promise.all([
    latestHouseholds(most, ended ? 'ended' : 'in hand'),
    softDeletedBy(account.id),
  ])
  return (
    <Screen account={account} place="desk">
      <Desk name={account.name} households={households} all={all} takenOut={takenOut} ended={ended} />
    </Screen>
  )
}
