import { useRouter } from 'next/navigation'
import { useEffect, useRef } from 'react'
import { keepPages } from './KeepHere'
import { useNotes } from './Notes'

/** So long nobody notes anything before the page is kept anew; ms. */
const PAUSE = 4_000

/**
 * The page is asked for anew once something that was noted arrived, and whoever notes it has neither noted more nor gone on for
 * so long: where they see at once what they noted, a page that comes meanwhile would only be in their way.
 */
export function useArrivals({ where = '', calm = 0 }: { where?: string; calm?: number } = {}): void {
  const router = useRouter()
  const { arrived } = useNotes()
  const seen = useRef(0)
  useEffect(() => {
    if (arrived === seen.current) return
    const timers = [
      setTimeout(() => {
        seen.current = arrived
        if (navigator.onLine) router.refresh()
      }, calm),
      setTimeout(() => keepPages([window.location.pathname], true), PAUSE),
    ]
    return () => timers.forEach(clearTimeout)
  }, [arrived, where, calm, router])
}
