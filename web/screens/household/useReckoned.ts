import { useEffect, useState } from 'react'
import type { Household } from '@hitchet/core/household/household'
import { request } from '../request'

/**
 * What the server reckons for a household that is being typed: asked for after a pause in typing, and not waited for once more
 * was typed. Undefined while too little is known of them; `first`: as it came with the page.
 */
export function useReckoned<T>(
  household: Household | undefined,
  address: string,
  pauseMs: number,
  first?: T,
): T | undefined {
  const [reckoned, setReckoned] = useState(first)
  const asked = household && JSON.stringify(household)
  useEffect(() => {
    if (!asked) return
    const stop = new AbortController()
    const ask = async () => {
      const outcome = await request<T>('POST', address, JSON.parse(asked), stop.signal)
      if (outcome.ok) setReckoned(() => outcome.value)
    }
    const later = setTimeout(() => void ask(), pauseMs)
    return () => {
      clearTimeout(later)
      stop.abort()
    }
  }, [asked, address, pauseMs])
  return household ? reckoned : undefined
}
