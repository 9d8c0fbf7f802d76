import { useState } from 'react'
import { refusalText, type Outcome } from './request'

/** A document as somebody else, or the same person somewhere else (`byYou`), saved it meanwhile. */
export interface Theirs<Document> {
  document: Document
  version: number
  byYou: boolean
}

interface Saving<Document> {
  busy: boolean
  /** What came of it, for the person. */
  says?: string
  theirs?: Theirs<Document>
}

/**
 * One save at a time and what came of it: words, or somebody else's version that is in the way. `send` gives
 * the saved value, or undefined when it was not saved.
 */
export function useSaving<Document>(startsWith?: string) {
  const [state, setState] = useState<Saving<Document>>({ busy: false, says: startsWith })
  const send = async <T>(asking: () => Promise<Outcome<T>>): Promise<T | undefined> => {
    setState((last) => ({ ...last, busy: true }))
    const outcome = await asking()
    if (outcome.ok) setState({ busy: false, says: 'Saved.' })
    else if (outcome.kind === 'stale') {
      const { theirs, theirVersion, byYou } = outcome
      setState({ busy: false, theirs: { document: theirs as Document, version: theirVersion, byYou } })
    } else setState({ busy: false, says: refusalText(outcome) })
    return outcome.ok ? outcome.value : undefined
  }
  return {
    ...state,
    send,
    say: (says: string | undefined) => setState((last) => ({ ...last, says, theirs: undefined })),
  }
}
