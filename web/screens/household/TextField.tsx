'use client'

import { Field, Input } from '@chakra-ui/react'
import { get, useFormContext, type FieldPath } from 'react-hook-form'
import type { HouseholdDraft } from '@hitchet/core/household/draft'
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
  return (
    <Field.Root invalid={says !== undefined} w={width} flex={width ? 'none' : undefined}>
      <Field.Label className={hideLabel ? 'sr-only' : undefined} fontSize="13.5px" mb="0">
        {label}
      </Field.Label>
      <Input
        size="sm"
        placeholder={placeholder}
        autoComplete="off"
        defaultValue={get(formState.defaultValues, path) as string | undefined}
        {...register(path)}
      />
    </Field.Root>
  )
}
