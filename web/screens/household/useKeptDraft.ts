import { useEffect, useRef, type RefObject } from 'react'
import type { UseFormReturn } from 'react-hook-form'
import type { HouseholdDraft } from '@hitchet/core/household/draft/draft'
import { readDraft } from '@hitchet/core/household/draft/draftSchema'
import { deviceStore } from '../kept/deviceStore'
import { thisTab } from '../kept/thisTab'
import { useTrouble } from '../kept/useTrouble'

interface KeptDraft {
  /** Of the household, when the typing began. */
  version: number
  draft: HouseholdDraft
  /** In which tab it is typed. */
  tab?: string
}

const store = deviceStore<KeptDraft>({
  kind: 'household',
  version: 1,
  read: (value) => {
    const { version, draft, tab } = (value ?? {}) as Partial<Record<keyof KeptDraft, unknown>>
    const read = readDraft(draft)
    return read && typeof version === 'number'
      ? { version, draft: read, ...(typeof tab === 'string' && { tab }) }
      : undefined
  },
})

const valueAt = (key: string): KeptDraft | undefined => {
  const found = store.find(key)
  return found && 'value' in found ? found.value : undefined
}

/**
 * What is typed is kept on this device until it is saved: a reload, a closed tab or a lost connection costs nothing. Two tabs
 * on one household keep each its own: neither writes over, saves as its own, or forgets what is typed in the other.
 * `overRef`: the version that this tab's typing began with; `says`: what the person should know of what is kept.
 */
export function useKeptDraft(form: UseFormReturn<HouseholdDraft>, key: string, overRef: RefObject<number>) {
  /** What an earlier visit left under the household's own key, while nobody has typed on there. */
  const adopted = useRef<string>(undefined)
  useEffect(() => {
    const own = valueAt(ownKey(key)) ?? valueAt(key)
    if (!own) return
    overRef.current = own.version
    adopted.current = JSON.stringify(own)
    // What is kept as saved stays the default, so that the form knows itself unsaved.
    form.reset(own.draft, { keepDefaultValues: true })
  }, [form, key, overRef])
  useEffect(() => {
    const { unsubscribe } = form.watch((draft, { name: changed }) => {
      // A reset names no field: what it put there is saved already.
      if (!changed) return
      const held = valueAt(key)
      // What another tab wrote stays its own, also where this one began with it.
      const isFree = !held || held.tab === undefined || held.tab === thisTab()
      const kept = { version: overRef.current, draft: draft as HouseholdDraft, tab: thisTab() }
      store.keep(isFree ? key : ownKey(key), kept)
    })
    return unsubscribe
  }, [form, key, overRef])
  const forget = () => {
    const held = valueAt(key)
    if (held && (held.tab === thisTab() || JSON.stringify(held) === adopted.current)) store.forget(key)
    store.forget(ownKey(key))
    adopted.current = undefined
  }
  return { forget, says: useTrouble(store, key) }
}

const ownKey = (key: string): string => `${key}@${thisTab()}`
