/** What was done and can be undone, without limit; what was undone and can be done again. */
export interface History<T> {
  past: readonly T[]
  now: T
  future: readonly T[]
}

export const begin = <T>(now: T): History<T> => ({ past: [], now, future: [] })

/** One step on. What was undone before is forgotten: it belongs to another course. */
export const done = <T>({ past, now }: History<T>, next: T): History<T> =>
  next === now ? { past, now, future: [] } : { past: [...past, now], now: next, future: [] }

/** The same step still going on, as when dragging: one undo takes all of it back. */
export const going = <T>(history: History<T>, next: T): History<T> => ({ ...history, now: next })

export function undone<T>({ past, now, future }: History<T>): History<T> {
  return past.length ? { past: past.slice(0, -1), now: past.at(-1)!, future: [now, ...future] } : { past, now, future }
}

export function redone<T>({ past, now, future }: History<T>): History<T> {
  return future.length ? { past: [...past, now], now: future[0]!, future: future.slice(1) } : { past, now, future }
}
