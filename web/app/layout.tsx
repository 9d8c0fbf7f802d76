import '@fontsource-variable/figtree/wght.css'
import '@fontsource/barlow-semi-condensed/500.css'
import '@fontsource/barlow-semi-condensed/600.css'
import '../look/look.css'
import '../look/print.css'
import type { Metadata } from 'next'
import type { ReactNode } from 'react'
import { PatternDefinitions } from '../drawing/patterns'
import { Look } from '../look/Look'

export const metadata: Metadata = {
  title: { default: 'Hitchet', template: '%s · Hitchet' },
  description: 'Match a household to a trailer in stock',
}

export default function Layout({ children }: { children: ReactNode }) {
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <Look>
          <PatternDefinitions />
          {children}
        </Look>
      </body>
    </html>
  )
}
