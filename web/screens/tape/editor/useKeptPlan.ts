import { useCallback, useState, useSyncExternalStore } from 'react'
import { planFlaws } from '@hitchet/core/trailer/consistency'
import type { Plan } from '@hitchet/core/plan/plan'
import { planSchema } from '@hitchet/core/plan/planSchema'
import { deviceStore, type Found } from '../../kept/deviceStore'
import { useTrouble } from '../../kept/useTrouble'

/** A plan that is not saved yet, the version of the unit it began with, and how that one was drawn. */
export interface KeptPlan {
  version: number
  base: Plan
  plan: Plan
}

const store = deviceStore<KeptPlan>({
  kind: 'plan',
  version: 1,
  read: (value) => {
    const { version, base, plan } = (value ?? {}) as Partial<Record<keyof KeptPlan, unknown>>
    return typeof version === 'number' && isPlan(base) && isPlan(plan) ? { version, base, plan } : undefined
  },
})

/** One that can be drawn: of the form of a plan, and without names that lead nowhere. */
const isPlan = (plan: unknown): plan is Plan =>
  planSchema.isValidSync(plan, { strict: true }) && planFlaws(plan as unknown as Plan).length === 0

/**
 * What is drawn is kept on this device with every step, until it is saved: a reload, a crash or a lost
 * connection costs nothing. `found`: what an earlier visit left, as it was when the page opened;
 * `says`: what the person should know of it.
 */
export function useKeptPlan(stock: string) {
  const ready = useSyncExternalStore(
    () => () => {},
    () => true,
    () => false,
  )
  const [found, setFound] = useState<Found<KeptPlan>>()
  const [looked, setLooked] = useState(false)
  if (ready && !looked) {
    setLooked(true)
    setFound(store.find(stock))
  }
  const keep = useCallback((kept: KeptPlan) => store.keep(stock, kept), [stock])
  const forget = useCallback(() => store.forget(stock), [stock])
  const says = useTrouble(store, stock)
  return { ready: looked, found: found && 'value' in found ? found.value : undefined, keep, forget, says }
}
