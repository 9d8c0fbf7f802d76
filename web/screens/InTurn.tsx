import { setImmediate } from 'node:timers/promises'
import { Children, Suspense, type ReactNode } from 'react'

/**
 * Parts of a long page, each made after the one before it. Whoever asks for another page meanwhile is answered in between,
 * and the first of it is on the screen while the last is made.
 */
export const InTurn = ({ children }: { children: ReactNode }) =>
  Children.toArray(children).map((part, i) => (
    <Suspense key={i}>
      <After turns={i + 1}>{part}</After>
    </Suspense>
  ))

async function After({ turns, children }: { turns: number; children: ReactNode }) {
  for (let i = 0; i < turns; i++) await setImmediate()
  return children
}
