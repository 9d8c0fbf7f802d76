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

/**
 * Asks before the page is left with what is not saved. `asks`: where this device keeps nothing of it either, a link inside the
 * program asks so too.
 */
export function useAskBeforeLeaving(unsaved: boolean, asks?: string): void {
  useEffect(() => {
    if (!unsaved) return
    const ask = (event: BeforeUnloadEvent) => event.preventDefault()
    const askAtLink = (event: MouseEvent) => {
      const link = (event.target as Element).closest('a[href]')
      if (!asks || !link || link.getAttribute('target') || event.ctrlKey || event.metaKey || confirm(asks)) return
      event.preventDefault()
      event.stopPropagation()
    }
    window.addEventListener('beforeunload', ask)
    document.addEventListener('click', askAtLink, true)
    return () => {
      window.removeEventListener('beforeunload', ask)
      document.removeEventListener('click', askAtLink, true)
    }
  }, [unsaved, asks])
}
