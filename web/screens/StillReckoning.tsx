'use client'

import { Button, Text } from '@chakra-ui/react'
import { useRouter } from 'next/navigation'
import { Children, useEffect, useEffectEvent, useState, useTransition, type ReactNode } from 'react'

/** Looked again after so long, milliseconds, and each time in which nothing came of it after so much longer, up to a bound. */
const AGAIN = { first: 1_500, times: 1.3, most: 15_000 }

/** So often in a row nothing came of it: then whoever wants to know asks. Two minutes. */
const IN_VAIN = 15

/** What is shown is not all yet: the page asks again until it is, ever more seldom while nothing comes of it. */
export function StillReckoning({
  children,
  waits = false,
}: {
  children: ReactNode
  /** Not while somebody is in a field: nothing is taken from under their finger. */
  waits?: boolean
}) {
  const says = Children.toArray(children).join('')
  return (
    <Text role="status" fontSize="14px" color="measure" fontWeight="600">
      {children} <AskAgain key={says} waits={waits} />
    </Text>
  )
}

/** Begins anew with every other sentence: something came of it. */
function AskAgain({ waits }: { waits: boolean }) {
  const router = useRouter()
  const [asking, ask] = useTransition()
  const [asked, setAsked] = useState(0)
  const again = useEffectEvent(() => {
    // A busy house is not asked once more before it has answered.
    if (!asking && !(waits && document.activeElement instanceof HTMLInputElement)) {
      setAsked(asked + 1)
      ask(() => router.refresh())
    }
  })
  const isOver = asked >= IN_VAIN
  useEffect(() => {
    if (isOver) return
    const timer = setInterval(() => again(), Math.min(AGAIN.most, AGAIN.first * AGAIN.times ** asked))
    return () => clearInterval(timer)
  }, [asked, isOver])
  if (!isOver) return null
  return (
    <Button size="xs" variant="outline" onClick={() => setAsked(0)}>
      Look again
    </Button>
  )
}
