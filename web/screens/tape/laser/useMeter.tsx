'use client'

import { createContext, useContext, useEffect, useMemo, useRef, useState, type ReactNode } from 'react'
import { formatQuantity } from '@hitchet/core/quantity/format'
import { inches } from '@hitchet/core/quantity/quantity'
import { hearLine, type DistanceMeter } from '@hitchet/core/readings/meter'

interface Asking {
  label: string
  take(text: string): void
}

interface MeterState {
  /** What the next reading goes to. */
  asked?: string
  says?: string
  ask(asking: Asking): void
}

const Meter = createContext<MeterState>({ ask: () => {} })

/** Which field asks, and what the meter said last. */
export const useMeter = (): MeterState => useContext(Meter)

/** Hands each reading of a meter to the field that asked last; what cannot be taken is refused with its reason. */
export function MeterProvider({ meter, children }: { meter: DistanceMeter; children: ReactNode }) {
  const asking = useRef<Asking>(undefined)
  const [asked, setAsked] = useState<string>()
  const [says, setSays] = useState<string>()
  useEffect(
    () =>
      meter.listen((line) => {
        const heard = hearLine(line)
        if ('refused' in heard) return setSays(heard.refused)
        if (!asking.current) return setSays('Nothing asks for a length: choose a field or a row first.')
        asking.current.take(String(heard.inches))
        setSays(`${formatQuantity(inches(heard.inches))} went to: ${asking.current.label}.`)
      }),
    [meter],
  )
  const state = useMemo(
    () => ({ asked, says, ask: (next: Asking) => ((asking.current = next), setAsked(next.label)) }),
    [asked, says],
  )
  return <Meter.Provider value={state}>{children}</Meter.Provider>
}
