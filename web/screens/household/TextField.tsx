'use client'

import { Field, Input } from '@chakra-ui/react'
import { get, useFormContext, type FieldPath } from 'react-hook-form'
import type { HouseholdDraft } from '@hitchet/core/household/draft'

interface TextFieldProps {
  path: FieldPath<HouseholdDraft>
  label: string
  placeholder?: string
  width?: string
  /** In a table the column's heading says the label. */
  hideLabel?: boolean
}

/** One figure or name of the interview; says below itself what would be right once someone has left it. */
export function TextField({ path, label, placeholder, width, hideLabel }: TextFieldProps) {
  const { register, formState } = useFormContext<HouseholdDraft>()
  const says = (get(formState.errors, path) as { message?: string } | undefined)?.message
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
      <Field.ErrorText color="no" fontSize="13px">
        {says && `Right would be ${says}`}
      </Field.ErrorText>
    </Field.Root>
  )
}
