'use client'

import { useEffect } from 'react'
import { WORKER } from './kept'

/** Starts what keeps pages on the device; browsers allow it where the connection is safe. */
export function Worker() {
  useEffect(() => {
    if ('serviceWorker' in navigator) void navigator.serviceWorker.register(WORKER).catch(() => undefined)
  }, [])
  return null
}
