'use client'

import { Text } from '@chakra-ui/react'
import { useRouter } from 'next/navigation'
import { useEffect, useEffectEvent, useTransition, type ReactNode } from 'react'

/** Looked again so often, milliseconds. */
const AGAIN = 1_500

/** What is shown is not all yet: the page asks again until it is. */
export function StillReckoning({
  children,
  waits = false,
}: {
  children: ReactNode
  /** Not while somebody is in a field: nothing is taken from under their finger. */
  waits?: boolean
}) {
  const router = useRouter()
  const [asking, ask] = useTransition()
  const again = useEffectEvent(() => {
    // A busy house is not asked once more before it has answered.
    if (asking || (waits && document.activeElement instanceof HTMLInputElement)) return
    ask(() => router.refresh())
  })
  useEffect(() => {
    const timer = setInterval(() => again(), AGAIN)
    return () => clearInterval(timer)
  }, [])
  return (
    <Text role="status" fontSize="14px" color="measure" fontWeight="600">
      {children}
    </Text>
  )
}
