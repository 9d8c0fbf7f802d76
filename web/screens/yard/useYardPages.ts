import { useCallback, useEffect, useRef, useState } from 'react'
import type { YardPage, YardSearch } from '../../server/services/yardList'
import { request } from '../request'

type Looked = Omit<YardSearch, 'from'>

/** After a pause in typing, milliseconds. */
const PAUSE = 120

/**
 * The yard as it is looked for, page by page: what was typed is asked for once typing pauses, and an answer to what was typed
 * before is not waited for. Until the next answer is there the last one stands.
 */
export function useYardPages(
  { text, order, household }: Looked,
  first: Omit<Looked, 'household'> & { page: YardPage },
) {
  const [found, setFound] = useState<{ of: string; from?: YardPage; page: YardPage; wrong?: string }>(() => ({
    of: addressOf({ text: first.text, order: first.order, household }),
    from: first.page,
    page: first.page,
  }))
  const wanted = addressOf({ text, order, household })
  // The page was made anew, with what has changed since: it stands for what it was made for.
  const madeAnew =
    found.from !== first.page && wanted === addressOf({ text: first.text, order: first.order, household })
  const known = madeAnew ? { of: wanted, from: first.page, page: first.page } : found
  if (madeAnew) setFound(known)
  const isKnown = known.of === wanted
  useEffect(() => {
    if (isKnown) return
    const stop = new AbortController()
    const ask = async () => {
      const outcome = await request<YardPage>('GET', wanted, undefined, stop.signal)
      if (stop.signal.aborted) return
      setFound((last) =>
        outcome.ok
          ? { of: wanted, from: last.from, page: outcome.value }
          : { ...last, of: wanted, wrong: outcome.says },
      )
    }
    const later = setTimeout(() => void ask(), PAUSE)
    return () => {
      clearTimeout(later)
      stop.abort()
    }
  }, [wanted, isKnown])
  const asking = useRef(false)
  const { rows } = known.page
  const more = useCallback(() => {
    if (asking.current) return
    asking.current = true
    const ask = async () => {
      const outcome = await request<YardPage>('GET', `${wanted}&from=${rows.length}`)
      asking.current = false
      setFound((last) => {
        if (last.of !== wanted || last.page.rows.length !== rows.length) return last
        if (!outcome.ok) return { ...last, wrong: outcome.says }
        const there = new Set(last.page.rows.map(({ unit }) => unit.stock))
        const next = outcome.value.rows.filter(({ unit }) => !there.has(unit.stock))
        return { of: wanted, from: last.from, page: { ...outcome.value, rows: [...last.page.rows, ...next] } }
      })
    }
    void ask()
  }, [wanted, rows.length])
  return { page: known.page, more, wrong: known.wrong }
}

function addressOf({ text, order, household }: Looked): string {
  const query = new URLSearchParams({ q: text, order, ...(household !== undefined && { household }) })
  return `/api/yard?${query.toString()}`
}
