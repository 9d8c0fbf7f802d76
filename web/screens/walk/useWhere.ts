import { parseAsString, parseAsStringLiteral, useQueryState } from 'nuqs'
import { useSyncExternalStore } from 'react'

export const FIRST = ['outside', 'inside'] as const
export const MINUTES = ['all', '15', '30'] as const
export const THROUGH = ['front to rear', 'clockwise'] as const

const never = () => () => undefined

/**
 * Where on the walk one stands, and which way one goes, kept in the address. A page that comes from the device was written
 * for its plain address: what the address says counts once it is there.
 */
export function useWhere() {
  const there = useSyncExternalStore(
    never,
    () => true,
    () => false,
  )
  const [first, setFirst] = useQueryState('first', parseAsStringLiteral(FIRST).withDefault('outside'))
  const [through, setThrough] = useQueryState('through', parseAsStringLiteral(THROUGH).withDefault('front to rear'))
  const [minutes, setMinutes] = useQueryState('minutes', parseAsStringLiteral(MINUTES).withDefault('all'))
  const [at, setAt] = useQueryState('at', parseAsString)
  const [from, setFrom] = useQueryState('from', parseAsString)
  return {
    first: there ? first : 'outside',
    through: there ? through : 'front to rear',
    minutes: there ? minutes : 'all',
    at: there ? at : null,
    from: there ? (from ?? undefined) : undefined,
    // Whoever chooses what comes first does not go on from where they stood.
    setFirst: (value: typeof first) => void Promise.all([setFirst(value), setFrom(null)]),
    setFrom: (value: string) => void setFrom(value),
    setThrough: (value: typeof through) => void setThrough(value),
    setMinutes: (value: typeof minutes) => void setMinutes(value),
    setAt: (value: string) => void setAt(value),
  }
}
