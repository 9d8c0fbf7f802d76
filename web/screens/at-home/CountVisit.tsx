'use client'

import { useEffect } from 'react'

/** Counts once somebody sees the page: what fetches it ahead, or to show a corner of it in a mail, is no visit. */
export function CountVisit({ token }: { token: string }) {
  useEffect(() => {
    const seen = () => {
      if (document.visibilityState !== 'visible') return
      document.removeEventListener('visibilitychange', seen)
      void fetch(`/at-home/${token}/visit`, { method: 'POST', keepalive: true }).catch(() => undefined)
    }
    document.addEventListener('visibilitychange', seen)
    seen()
    return () => document.removeEventListener('visibilitychange', seen)
  }, [token])
  return null
}
