'use client'

import { useId, type ReactNode } from 'react'
import type { FieldPath } from 'react-hook-form'
import type { HouseholdDraft } from '@hitchet/core/household/draft/draft'
import type { Phrase } from '@hitchet/core/quantity/phrase'
import { Said } from '../../../look/measures'
import { useVisibleErrors } from './useVisibleErrors'

interface FieldLineProps {
  /** Between two fields, pixels. */
  gap?: number
  /** Where there is room for all of them they stay side by side, however narrow. */
  oneLine?: boolean
  /** The fields in it that can be wrong, by the name that they are told by. */
  fields: readonly { path: FieldPath<HouseholdDraft>; label: string }[]
  label?: string
  /** What stands in that room while nothing is wrong. */
  hint?: string
  /** What is odd about a figure in it, and what one press on Yes does. */
  doubt?: { says: Phrase; onSure(): void }
  children: ReactNode
}

/**
 * Fields side by side, and below them the room for one line that says what would be right in the first of them
 * that is not. It is always there, so that nothing moves under the finger when it fills or empties.
 */
export function FieldLine({ fields, label, hint, doubt, gap = 8, oneLine, children }: FieldLineProps) {
  const id = useId()
  const says = useVisibleErrors(fields.map(({ path }) => path))
  const first = says.findIndex((one) => one !== undefined)
  return (
    <div
      className={oneLine ? 'field-line one-line' : 'field-line'}
      role={label ? 'group' : undefined}
      aria-label={label}
      aria-describedby={first < 0 ? undefined : id}
    >
      <div className="fields" style={{ gap }}>
        {children}
      </div>
      <p id={id} aria-live="polite" className={first >= 0 ? 'is-no' : doubt ? 'is-doubt' : undefined}>
        {first >= 0 ? (
          `${fields[first]!.label}: right would be ${says[first]}`
        ) : doubt ? (
          <>
            <Said phrase={doubt.says} />{' '}
            <button type="button" onClick={doubt.onSure}>
              Yes, it is so
            </button>
          </>
        ) : (
          hint
        )}
      </p>
    </div>
  )
}
