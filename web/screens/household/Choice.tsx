'use client'

import { Field, NativeSelect, RadioGroup, HStack, Text } from '@chakra-ui/react'
import { Controller, useFormContext, type FieldPath } from 'react-hook-form'
import type { HouseholdDraft } from '@hitchet/core/household/draft'

interface ChoiceProps {
  path: FieldPath<HouseholdDraft>
  label: string
  options: readonly { value: string; name: string }[]
  hideLabel?: boolean
}

/** A few answers, all in sight. */
export function Choice({ path, label, options, hideLabel }: ChoiceProps) {
  const { control } = useFormContext<HouseholdDraft>()
  return (
    <Controller
      control={control}
      name={path}
      render={({ field }) => (
        <RadioGroup.Root value={String(field.value ?? '')} onValueChange={({ value }) => field.onChange(value)} size="sm">
          <RadioGroup.Label className={hideLabel ? 'sr-only' : undefined} fontSize="13.5px">
            {label}
          </RadioGroup.Label>
          <HStack gap="4" mt="1" flexWrap="wrap">
            {options.map(({ value, name }) => (
              <RadioGroup.Item key={value} value={value}>
                <RadioGroup.ItemHiddenInput />
                <RadioGroup.ItemIndicator borderColor="line" />
                <RadioGroup.ItemText>{name}</RadioGroup.ItemText>
              </RadioGroup.Item>
            ))}
          </HStack>
        </RadioGroup.Root>
      )}
    />
  )
}

/** Many answers, one at a time. */
export function SelectField({ path, label, options, hideLabel, width }: ChoiceProps & { width?: string }) {
  const { register } = useFormContext<HouseholdDraft>()
  return (
    <Field.Root w={width} flex={width ? 'none' : undefined}>
      <Field.Label className={hideLabel ? 'sr-only' : undefined} fontSize="13.5px" mb="0">
        {label}
      </Field.Label>
      <NativeSelect.Root size="sm">
        <NativeSelect.Field bg="bar" borderColor="line" {...register(path)}>
          {options.map(({ value, name }) => (
            <option key={value} value={value}>
              {name}
            </option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
    </Field.Root>
  )
}

export const ColumnHead = ({ children, width }: { children?: string; width: string }) => (
  <Text w={width} flex="none" fontSize="13px" color="line">
    {children}
  </Text>
)
