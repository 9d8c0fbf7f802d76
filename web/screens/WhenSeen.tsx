'use client'

import { Box } from '@chakra-ui/react'
import { useEffect, useRef, useState, type ReactNode } from 'react'

/** So far before it is seen it is fetched, pixels. */
const AHEAD = '500px'

/** What lies far down and weighs much: it comes when one scrolls towards it. Until then its height is kept free. */
export function WhenSeen({ height, children }: { height: string; children: ReactNode }) {
  const place = useRef<HTMLDivElement>(null)
  const [isNear, setNear] = useState(false)
  useEffect(() => {
    const watch = new IntersectionObserver(([entry]) => entry?.isIntersecting && setNear(true), { rootMargin: AHEAD })
    watch.observe(place.current!)
    return () => watch.disconnect()
  }, [])
  return (
    <Box ref={place} minH={height} className={isNear ? undefined : 'no-print'}>
      {isNear && children}
    </Box>
  )
}
