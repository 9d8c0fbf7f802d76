'use client'

import { Button } from '@chakra-ui/react'
import { Children, useState, type ReactNode } from 'react'

/** The first of a long list, and the others once they are asked for: a yard of hundreds is not drawn at once. */
export function Paged({ first, children }: { first: number; children: ReactNode[] }) {
  const [shown, setShown] = useState(first)
  const left = children.length - shown
  return (
    <>
      {Children.toArray(children).slice(0, shown)}
      {left > 0 && (
        <Button variant="outline" size="sm" mt="3" onClick={() => setShown(shown + 3 * first)}>
          Show {Math.min(left, 3 * first)} more
        </Button>
      )}
    </>
  )
}
