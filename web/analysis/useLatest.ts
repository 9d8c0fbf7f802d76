import { useEffect, useRef, useState } from 'react'

/** `failed`: the newest question could not be answered; the answer is an older one's. */
interface Latest<Question, Answer> {
  answer?: Answer
  of?: Question
  failed?: boolean
}

/**
 * The answer to the newest question, from a worker that takes its time: while one is being answered the next
 * ones wait, and of those that wait only the last is asked. So the answer is never more than one question behind.
 */
export function useLatest<Question, Answer>(
  question: Question,
  ask: (question: Question) => Promise<Answer>,
): Latest<Question, Answer> {
  const [state, setState] = useState<Latest<Question, Answer>>({})
  const busy = useRef(false)
  const waiting = useRef<Question>(undefined)
  const asking = useRef(ask)
  useEffect(() => {
    asking.current = ask
  })
  useEffect(() => {
    waiting.current = question
    const next = async () => {
      if (busy.current || waiting.current === undefined) return
      busy.current = true
      const current = waiting.current
      waiting.current = undefined
      try {
        const answer = await asking.current(current)
        setState({ answer, of: current })
      } catch {
        setState((last) => ({ ...last, failed: true }))
      } finally {
        busy.current = false
      }
      void next()
    }
    void next()
  }, [question])
  return state
}
