'use client'

import { createContext, useCallback, useContext, useEffect, useMemo, useRef, useState, type ReactNode } from 'react'
import { v7 as uuid } from 'uuid'
import type { WalkEvent, WalkNote } from '@hitchet/core/walk/event'
import { request } from '../screens/request'
import type { TakenEvents } from '../contracts/walkEvents'
import { queueOn, type Queue, type Told } from './queue'
import { sendWaiting, type Sent } from './sending'
import { showsPagesOf } from './whose'

/** What one hears at once: it is there; it waits on this device; it was not taken, or kept, and why. */
export type Heard = { taken: true } | { waits: true } | { says: string }

interface State {
  /** What did not arrive yet, of this person. */
  waiting: WalkEvent[]
  /** What was noted here since the page was loaded or waits from before, but for what was not taken: in order. */
  noted: WalkEvent[]
  /** How many of somebody else wait on this device. */
  others: number
  told: Told[]
  /** How it went when it was last tried. */
  went: Sent
  /** Goes up whenever something arrived. */
  arrived: number
}

interface Notes extends State {
  /** Notes something: kept on this device first, then sent; without a line as soon as there is one. */
  note(on: { stock: string; household?: string; about: string }, what: WalkNote): Promise<Heard>
  /** It was read: it is not told any more. */
  read(id: string): void
  /** Tries to send what waits; how many of theirs wait then. */
  deliver(): Promise<number>
}

const NOTES = createContext<Notes | undefined>(undefined)
/** By itself: whoever only sends is not drawn anew whenever something is noted. */
const DELIVER = createContext<Notes['deliver']>(() => Promise.resolve(0))
export const useDeliver = () => useContext(DELIVER)

/** As often as this it is tried again while something waits, and so long one waits for an answer, ms. */
const AGAIN = 10_000
const PATIENCE = 15_000
/** So long a tap waits to hear that it arrived, ms: longer, and it hears that it waits. */
const HEARD = 3_000

const NOT_KEPT = 'This device keeps nothing at the moment: its storage is full or shut. Write it on paper.'

const send = (events: WalkEvent[]) =>
  request<TakenEvents>('POST', '/api/walk-events', { events }, AbortSignal.timeout(PATIENCE))

/** What is noted on this device, and how it gets to the server. */
export function NotesProvider({ account, children }: { account: string; children: ReactNode }) {
  const shelf = useRef<Queue>(undefined)
  const queue = useCallback(() => (shelf.current ??= queueOn()), [])
  const [state, setState] = useState<State>({ waiting: [], noted: [], others: 0, told: [], went: 'sent', arrived: 0 })
  const look = useCallback(async () => {
    const [all, told] = await Promise.all([queue().waiting(), queue().told()])
    const own = all.filter((one) => one.account === account)
    const waiting = own.map(({ event }) => event)
    const refused = new Set(told.filter(({ taken }) => !taken).map(({ id }) => id))
    const nothing = all.length + told.length === 0
    setState((last) =>
      nothing && last.waiting.length + last.others + last.told.length === 0
        ? last
        : {
            ...last,
            waiting,
            noted: [...new Map([...last.noted, ...waiting].map((one) => [one.id, one])).values()].filter(
              ({ id }) => !refused.has(id),
            ),
            others: all.length - own.length,
            told: told.filter((one) => one.account === account),
          },
    )
    return own.length
  }, [account, queue])
  const deliver = useCallback(async () => {
    const before = await look()
    if (before === 0) return 0
    // Two windows of one browser do not send the same thing at once.
    const went = await locked(() => sendWaiting(queue(), account, send))
    const after = await look()
    setState((last) => ({ ...last, went, arrived: after < before ? last.arrived + 1 : last.arrived }))
    return after
  }, [account, look, queue])
  useEffect(() => showsPagesOf(account), [account])
  useEffect(() => {
    const tried = () => void deliver().catch(() => undefined)
    tried()
    const timer = setInterval(tried, AGAIN)
    window.addEventListener('online', tried)
    return () => {
      clearInterval(timer)
      window.removeEventListener('online', tried)
    }
  }, [deliver])
  const notes = useMemo(
    (): Notes => ({
      ...state,
      deliver,
      read: (id) => void queue().read(id).then(look),
      note: async ({ stock, household, about }, what) => {
        const at = new Date().toISOString()
        const event = { id: uuid(), stock, ...(household && { household }), about: about.slice(0, 160), at, what }
        try {
          await queue().add(event, account)
        } catch {
          return { says: NOT_KEPT }
        }
        await Promise.race([deliver(), new Promise((resolve) => setTimeout(resolve, HEARD))])
        const told = (await queue().told()).find(({ id }) => id === event.id)
        if (told && !told.taken) {
          await queue().read(event.id)
          await look()
          return { says: told.says }
        }
        const waits = (await queue().waiting()).some((one) => one.event.id === event.id)
        return waits ? { waits } : { taken: true }
      },
    }),
    [state, account, look, deliver, queue],
  )
  return (
    <DELIVER.Provider value={deliver}>
      <NOTES.Provider value={notes}>{children}</NOTES.Provider>
    </DELIVER.Provider>
  )
}

export function useNotes(): Notes {
  const notes = useContext(NOTES)
  if (!notes) throw new Error('useNotes belongs within a NotesProvider')
  return notes
}

const locked = async <T,>(work: () => Promise<T>): Promise<T> => {
  if (!('locks' in navigator)) return work()
  return (await navigator.locks.request('hitchet-notes', work)) as T
}
