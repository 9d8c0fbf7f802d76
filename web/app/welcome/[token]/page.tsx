import type { Metadata } from 'next'
import { Welcome } from '../../../screens/welcome/Welcome'
import { behindPasswordLink } from '../../../server/services/people/people'

export const metadata: Metadata = { title: 'Choose a password', robots: { index: false, follow: false } }

/** Where a link for a password leads: whoever holds it chooses one. */
export default async function Page({ params }: { params: Promise<{ token: string }> }) {
  const { token } = await params
  const account = await behindPasswordLink(token)
  return <Welcome token={token} who={account && { name: account.name, email: account.email }} />
}
