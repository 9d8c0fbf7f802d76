'use client'

import type { HouseholdDraft } from '@hitchet/core/household/draft/draft'
import { LIMIT_FIELDS } from '@hitchet/core/household/told/limitFields'
import { FieldLine } from './fields/FieldLine'
import { ToldField } from './fields/ToldField'
import { useOtherDoubt } from './fields/useOtherDoubt'

/** What it may cost, and how long it may be. */
export function Limits() {
  return (
    <FieldLine gap={16} doubt={useOtherDoubt('limits')} fields={LIMITS}>
      {LIMITS.map(({ path, field }) => (
        <ToldField key={path} path={path} field={field} />
      ))}
    </FieldLine>
  )
}

const LIMITS = Object.entries(LIMIT_FIELDS).map(([key, field]) => ({
  path: `limits.${key as keyof HouseholdDraft['limits']}` as const,
  label: field.label,
  field,
}))
