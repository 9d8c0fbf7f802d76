import { useSyncExternalStore } from 'react'

interface Troubled {
  trouble(key: string): string | undefined
  subscribe(listener: () => void): () => void
}

/** What the person should know of what this device keeps under a key, in words; undefined while all is well. */
export const useTrouble = (store: Troubled, key: string): string | undefined =>
  useSyncExternalStore(
    store.subscribe,
    () => store.trouble(key),
    () => undefined,
  )
