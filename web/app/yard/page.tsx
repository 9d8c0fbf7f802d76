import type { Metadata } from 'next'
import { Screen } from '../../screens/shell/Screen'
import { Yard, type Looked } from '../../screens/yard/Yard'
import { requireAccount } from '../../server/auth/session'

export const metadata: Metadata = { title: 'Yard' }

export default async function Page({ searchParams }: { searchParams: Promise<Looked> }) {
  return (
    <Screen account={await requireAccount('work on the lot')} place="yard">
      <Yard looked={await searchParams} />
    </Screen>
  )
}
