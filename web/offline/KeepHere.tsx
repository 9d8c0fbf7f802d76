'use client'

import { useEffect } from 'react'
import { KEEP, NEVER_OPENED, PAGES } from './kept'

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

/** Nothing of what was seen stays on the device; notes do, also those of others, until they are sent. */
export async function forgetPages(): Promise<void> {
  if ('caches' in window) await caches.delete(PAGES)
  keepPages([NEVER_OPENED], true)
}
