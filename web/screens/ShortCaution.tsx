import { TriangleAlert } from 'lucide-react'
import type { ReactNode } from 'react'

/** The same caution once on a page, in a line; all of it on demand. */
export function ShortCaution({ short, children }: { short: string; children: ReactNode }) {
  return (
    <details style={{ fontSize: '13.5px', maxWidth: '820px' }}>
      <summary style={{ cursor: 'pointer', minHeight: '24px' }}>
        <TriangleAlert
          size={15}
          aria-label="Caution"
          style={{ display: 'inline', verticalAlign: '-2px', color: 'var(--h-colors-tight)' }}
        />{' '}
        {short}
      </summary>
      {children}
    </details>
  )
}
