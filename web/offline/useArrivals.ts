import { useRouter } from 'next/navigation'
import { useEffect } from 'react'
import { keepPages } from './KeepHere'
import { useNotes } from './Notes'

/** Milliseconds. */
const PAUSE = 4_000

/** The page is asked for anew when something that was noted arrived. */
export function useArrivals(): void {
  const router = useRouter()
  const { arrived } = useNotes()
  useEffect(() => {
    if (arrived === 0 || !navigator.onLine) return
    router.refresh()
    // What is kept of this page is from before: it is kept anew once they pause.
    const later = setTimeout(() => keepPages([window.location.pathname], true), PAUSE)
    return () => clearTimeout(later)
  }, [arrived, router])
}
