import { useEffect } from 'react'
import type { UseFormReturn } from 'react-hook-form'
import type { HouseholdDraft } from '@hitchet/core/household/draft'
import { readDraft } from '@hitchet/core/household/draftSchema'
import { deviceStore } from '../kept/deviceStore'
import { useTrouble } from '../kept/useTrouble'

interface KeptDraft {
  /** Of the household, when the typing began. */
  version: number
  draft: HouseholdDraft
}

const store = deviceStore<KeptDraft>({
  kind: 'household',
  version: 1,
  read: (value) => {
    const { version, draft } = (value ?? {}) as Partial<Record<keyof KeptDraft, unknown>>
    const read = readDraft(draft)
    return read && typeof version === 'number' ? { version, draft: read } : undefined
  },
})

/**
 * What is typed is kept on this device until it is saved: a reload, a closed tab or a lost connection
 * costs nothing. `version` is the one that the typing began with; `says`: what the person should know of it.
 */
export function useKeptDraft(form: UseFormReturn<HouseholdDraft>, key: string, version: number) {
  useEffect(() => {
    const found = store.find(key)
    // What is kept as saved stays the default, so that the form knows itself unsaved.
    if (found && 'value' in found) form.reset(found.value.draft, { keepDefaultValues: true })
  }, [form, key])
  useEffect(() => {
    const { unsubscribe } = form.watch((draft, { name: changed }) => {
      // A reset names no field: what it put there is saved already.
      if (changed) store.keep(key, { version, draft: draft as HouseholdDraft })
    })
    return unsubscribe
  }, [form, key, version])
  const keptVersion = () => {
    const found = store.find(key)
    return found && 'value' in found ? found.value.version : undefined
  }
  return { forget: () => store.forget(key), keptVersion, says: useTrouble(store, key) }
}
