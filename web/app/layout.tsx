import '@fontsource-variable/figtree/wght.css'
import '@fontsource/barlow-semi-condensed/500.css'
import '@fontsource/barlow-semi-condensed/600.css'
import '../look/look.css'
import '../look/print.css'
import type { Metadata } from 'next'
import { headers } from 'next/headers'
import type { ReactNode } from 'react'
import { PatternDefinitions } from '../drawing/patterns'
import { Look } from '../look/Look'

export const metadata: Metadata = {
  title: { default: 'Hitchet', template: '%s · Hitchet' },
  description: 'Match a household to a trailer in stock',
}

export default async function Layout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? undefined
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <Look nonce={nonce}>
          <PatternDefinitions />
          {children}
        </Look>
      </body>
    </html>
  )
}
