import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { measureSystem } from '../../../screens/measureCookie'
import { AtHome } from '../../../screens/at-home/AtHome'
import { CountVisit } from '../../../screens/at-home/CountVisit'
import { sayingAway } from '../../../server/http/sayingAway'
import { behindLink } from '../../../server/services/takeHomes'

/** Found by nobody but who was given the link, and telling no other site of it. */
export const metadata: Metadata = {
  title: 'What you looked at',
  robots: { index: false, follow: false, nocache: true },
  referrer: 'no-referrer',
}

/** The page a household takes home, open to whoever holds its link. */
export default async function Page({ params }: { params: Promise<{ token: string }> }) {
  const { token } = await params
  const behind = await sayingAway(() => behindLink(token))
  if (!behind) notFound()
  return (
    <>
      <CountVisit token={token} />
      <AtHome taken={behind.taken} token={token} system={await measureSystem()} />
    </>
  )
}
