'use client'

import { useEffect } from 'react'
import { FORGET, KEEP, PAGES } from './kept'

/** Whoever stands before a unit may lose the line: these pages are kept on the device, with all that they need. */
export function KeepHere({ paths }: { paths: string[] }) {
  const joined = paths.join(' ')
  useEffect(() => keepPages(joined.split(' ')), [joined])
  return null
}

/** Has pages kept on this device; those that came a moment ago only if they changed since. */
export function keepPages(paths: string[], anew = false): void {
  if (!('serviceWorker' in navigator)) return
  void navigator.serviceWorker.ready.then(({ active }) => active?.postMessage({ kind: KEEP, paths, anew }))
}

/** So long the service worker is waited for, ms; a browser that has none answers at once. */
const PATIENCE = 2_000

/** Nothing of what was seen stays on the device; notes do, also those of others, until they are sent. */
export async function forgetPages(): Promise<void> {
  const worker = 'serviceWorker' in navigator ? navigator.serviceWorker.controller : null
  if (worker)
    await new Promise<void>((resolve) => {
      const { port1, port2 } = new MessageChannel()
      port1.onmessage = () => resolve()
      worker.postMessage({ kind: FORGET }, [port2])
      setTimeout(resolve, PATIENCE)
    })
  else if ('caches' in window) await caches.delete(PAGES)
}
