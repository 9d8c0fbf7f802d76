'use client'

import { Field, Input, NativeSelect, Wrap } from '@chakra-ui/react'
import type { ReactNode } from 'react'

/** Fields side by side, as many as there is room for. */
export const Row = ({ children }: { children: ReactNode }) => (
  <Wrap gap="2" align="end">
    {children}
  </Wrap>
)

/** One of a few, by name. */
export function Choice({
  label,
  value,
  options,
  onChoose,
}: {
  label: string
  value: string
  options: [string, string][]
  onChoose(value: string): void
}) {
  return (
    <Field.Root w="auto">
      <Field.Label fontSize="13px" mb="0">
        {label}
      </Field.Label>
      <NativeSelect.Root size="sm" w="150px">
        <NativeSelect.Field
          value={value}
          onChange={(event) => onChoose(event.target.value)}
          bg="bar"
          borderColor="line"
        >
          {options.map(([key, name]) => (
            <option key={key} value={key}>
              {name}
            </option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
    </Field.Root>
  )
}

/** A few words, taken when one leaves the field. */
export function Named({ label, value, onSet }: { label: string; value: string; onSet(value: string): void }) {
  return (
    <Field.Root w="auto">
      <Field.Label fontSize="13px" mb="0">
        {label}
      </Field.Label>
      <Input
        key={value}
        size="sm"
        w="150px"
        defaultValue={value}
        maxLength={80}
        onBlur={(event) =>
          event.target.value.trim() && event.target.value !== value && onSet(event.target.value.trim())
        }
      />
    </Field.Root>
  )
}
