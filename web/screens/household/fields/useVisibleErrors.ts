import { useState } from 'react'
import { get, useFormContext, type FieldPath } from 'react-hook-form'
import type { HouseholdDraft } from '@hitchet/core/household/draft/draft'

/**
 * What would be right in each of some fields, where something is not and it is time to say so: once someone has
 * left the field, or has tried to save since it came. A line that was just added is not wrong yet, only empty.
 */
export function useVisibleErrors(paths: readonly FieldPath<HouseholdDraft>[]): (string | undefined)[] {
  const { formState } = useFormContext<HouseholdDraft>()
  const { errors, touchedFields, submitCount } = formState
  const [triesBefore] = useState(submitCount)
  return paths.map((path) =>
    submitCount > triesBefore || get(touchedFields, path)
      ? (get(errors, path) as { message?: string } | undefined)?.message
      : undefined,
  )
}
