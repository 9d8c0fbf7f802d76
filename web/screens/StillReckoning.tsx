'use client'

import { Text } from '@chakra-ui/react'
import { useRouter } from 'next/navigation'
import { useEffect, type ReactNode } from 'react'

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
  useEffect(() => {
    const again = setInterval(() => {
      if (!waits || !(document.activeElement instanceof HTMLInputElement)) router.refresh()
    }, AGAIN)
    return () => clearInterval(again)
  }, [router, waits])
  return (
    <Text role="status" fontSize="14px" color="measure" fontWeight="600">
      {children}
    </Text>
  )
}
