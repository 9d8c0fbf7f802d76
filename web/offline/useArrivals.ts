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
    const later = setTimeout(() => {
      seen.current = arrived
      if (navigator.onLine) router.refresh()
    }, calm)
    return () => clearTimeout(later)
  }, [arrived, where, calm, router])
  // What is kept of this page is from before.
  useEffect(() => {
    if (arrived === 0) return
    const later = setTimeout(() => keepPages([window.location.pathname], true), PAUSE)
    return () => clearTimeout(later)
  }, [arrived])
}
