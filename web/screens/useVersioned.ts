import { useRouter } from 'next/navigation'
import { useEffect, useRef } from 'react'
import type { Outcome } from './request'
import { useSaving } from './useSaving'

/**
 * What is edited with a version, in one way. It is saved over the version that the editing began with, and then over the one
 * that its own last save was answered with, so that one can save again before the page has come anew. Somebody else's save is
 * shown beside it (`theirs`): it is neither lost nor written over unseen.
 *
 * `version`: of what the fields were filled with; `put`: sends it; `startsWith`: what is said before anything was saved.
 */
export function useVersioned<Document, Sent, Saved extends { version: number }>({
  version,
  put,
  startsWith,
}: {
  version: number
  put(sent: Sent, over: number): Promise<Outcome<Saved>>
  startsWith?: string
}) {
  const router = useRouter()
  const { busy, says, theirs, send, say } = useSaving<Document>(startsWith)
  const overRef = useRef(version)
  /** What was saved, undefined when it was not. `chosen`: over somebody else's, in full sight of both. */
  const save = async (sent: Sent, chosen = overRef.current): Promise<Saved | undefined> => {
    const saved = await send(() => put(sent, chosen))
    if (!saved) return undefined
    overRef.current = saved.version
    router.refresh()
    return saved
  }
  /** Begins anew with what is saved as that version. */
  const beginWith = (saved: number) => {
    overRef.current = saved
    say(undefined)
    router.refresh()
  }
  return { busy, says, theirs, overRef, save, beginWith, say }
}

/** Asks before the page is left with what neither the server nor this device has. */
export function useAskBeforeLeaving(unsaved: boolean): void {
  useEffect(() => {
    const ask = (event: BeforeUnloadEvent) => unsaved && event.preventDefault()
    window.addEventListener('beforeunload', ask)
    return () => window.removeEventListener('beforeunload', ask)
  }, [unsaved])
}
