'use client'

import { Text } from '@chakra-ui/react'
import { useRouter } from 'next/navigation'
import { useEffect, type ReactNode } from 'react'

/** Looked again so often, milliseconds. */
const AGAIN = 1_500

/** What is shown is not all yet: the page asks again until it is. */
export function StillReckoning({ children }: { children: ReactNode }) {
  const router = useRouter()
  useEffect(() => {
    const again = setInterval(() => router.refresh(), AGAIN)
    return () => clearInterval(again)
  }, [router])
  return (
    <Text role="status" fontSize="14px" color="measure" fontWeight="600">
      {children}
    </Text>
  )
}
