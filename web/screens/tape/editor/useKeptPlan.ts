import { useCallback, useState, useSyncExternalStore } from 'react'
import type { Plan } from '@hitchet/core/plan/plan'

/** A plan that is not saved yet, the version of the unit it began with, and how that one was drawn. */
export interface KeptPlan {
  version: number
  base: Plan
  plan: Plan
}

const nameOf = (stock: string): string => `hitchet:plan:${stock}`

/**
 * What is drawn is kept on this device with every step, until it is saved: a reload, a crash or a lost
 * connection costs nothing. `found`: what an earlier visit left, as it was when the page opened.
 */
export function useKeptPlan(stock: string) {
  const ready = useSyncExternalStore(
    () => () => {},
    () => true,
    () => false,
  )
  const [found, setFound] = useState<KeptPlan>()
  const [looked, setLooked] = useState(false)
  if (ready && !looked) {
    setLooked(true)
    setFound(read(stock))
  }
  const keep = useCallback((kept: KeptPlan) => write(stock, kept), [stock])
  const forget = useCallback(() => localStorage.removeItem(nameOf(stock)), [stock])
  return { ready: looked, found, keep, forget }
}

function read(stock: string): KeptPlan | undefined {
  try {
    const kept = JSON.parse(localStorage.getItem(nameOf(stock)) ?? 'null') as Partial<KeptPlan> | null
    return kept?.plan && kept.base && typeof kept.version === 'number' ? (kept as KeptPlan) : undefined
  } catch {
    return undefined
  }
}

function write(stock: string, kept: KeptPlan): void {
  try {
    localStorage.setItem(nameOf(stock), JSON.stringify(kept))
  } catch {
    // A full or forbidden store keeps nothing; drawing goes on, and the page asks before it is left.
  }
}
