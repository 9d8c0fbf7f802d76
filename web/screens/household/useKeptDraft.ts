import { useEffect } from 'react'
import type { UseFormReturn } from 'react-hook-form'
import type { HouseholdDraft } from '@hitchet/core/household/draft'

interface Kept {
  version: number
  draft: HouseholdDraft
}

/**
 * What is typed is kept on this device until it is saved: a reload, a closed tab or a lost connection
 * costs nothing. `version` is the one that the typing began with.
 */
export function useKeptDraft(form: UseFormReturn<HouseholdDraft>, key: string, version: number) {
  const name = `hitchet:household:${key}`
  useEffect(() => {
    const kept = read(name)
    // What is kept as saved stays the default, so that the form knows itself unsaved.
    if (kept) form.reset(kept.draft, { keepDefaultValues: true })
  }, [form, name])
  useEffect(() => {
    const { unsubscribe } = form.watch((draft, { name: changed }) => {
      // A reset names no field: what it put there is saved already.
      if (changed) localStorage.setItem(name, JSON.stringify({ version, draft }))
    })
    return unsubscribe
  }, [form, name, version])
  return { forget: () => localStorage.removeItem(name), keptVersion: () => read(name)?.version }
}

function read(name: string): Kept | undefined {
  try {
    return (JSON.parse(localStorage.getItem(name) ?? 'null') as Kept | null) ?? undefined
  } catch {
    return undefined
  }
}
