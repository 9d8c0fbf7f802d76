'use client'

import { useId } from 'react'
import { get, useFormContext, type FieldPath } from 'react-hook-form'
import type { HouseholdDraft } from '@hitchet/core/household/draft/draft'
import { useVisibleErrors } from './useVisibleErrors'

interface TextFieldProps {
  path: FieldPath<HouseholdDraft>
  label: string
  placeholder?: string
  width?: string
  /** In a table the column's heading says the label. */
  hideLabel?: boolean
}

/** One figure or name of the interview. What would be right in it stands below the line it is in (`FieldLine`). */
export function TextField({ path, label, placeholder, width, hideLabel }: TextFieldProps) {
  const { register, formState } = useFormContext<HouseholdDraft>()
  const [says] = useVisibleErrors([path])
  const id = useId()
  return (
    <div className="field" style={width ? { width, flex: 'none' } : undefined}>
      <label htmlFor={id} className={hideLabel ? 'under-head' : undefined}>
        {label}
      </label>
      <input
        id={id}
        className="field-box"
        placeholder={placeholder}
        autoComplete="off"
        aria-invalid={says === undefined ? undefined : true}
        defaultValue={get(formState.defaultValues, path) as string | undefined}
        {...register(path)}
      />
    </div>
  )
}
