import { notFound } from 'next/navigation'
import { requireAccount } from '../server/auth/session'
import type { Account } from '../server/db/people/accounts'
import { householdById } from '../server/services/households'
import type { KeptHousehold } from '../server/db/households'

/** For pages under a household: who is signed in, and the household, or a page that says there is none. */
export async function openHousehold(
  params: Promise<{ id: string }>,
): Promise<{ account: Account; kept: KeptHousehold }> {
  const account = await requireAccount('see families')
  const kept = await householdById((await params).id)
  if (!kept) notFound()
  return { account, kept }
}
