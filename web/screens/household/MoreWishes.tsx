'use client'

import { Box, HStack, NativeSelect, Text } from '@chakra-ui/react'
import { PLACES, type Place } from '@hitchet/core/features/feature'
import { WISHABLE, type Wishable } from '@hitchet/core/household/featureWishes'
import type { HouseholdDraft } from '@hitchet/core/household/draft'
import { useFieldArray, useFormContext } from 'react-hook-form'
import { Choice } from './Choice'
import { TakeOut } from './TakeOut'

const keyOf = ({ feature, is = '' }: { feature: string; is?: string }): string => `${feature}=${is}`
const BY_KEY = new Map<string, Wishable>(WISHABLE.map((one) => [keyOf(one), one]))
const STANCES = [
  { value: 'want', name: 'want' },
  { value: 'avoid', name: 'avoid' },
]

/** Whatever else they speak of, out of all that is told on a lot: chosen from the list, one row each. */
export function MoreWishes() {
  const { control } = useFormContext<HouseholdDraft>()
  const { fields, append, remove } = useFieldArray({ control, name: 'wishes' })
  const held = new Set(fields.map(keyOf))
  return (
    <Box mt="3">
      {fields.map((field, i) => {
        const label = BY_KEY.get(keyOf(field))?.label ?? field.feature
        return (
          <HStack key={field.id} gap="3" rowGap="0" align="center" minH="32px" flexWrap="wrap">
            <Text fontSize="14.5px" w={{ base: '200px', md: '260px' }} flex="none" aria-hidden>
              {label}
            </Text>
            <Choice path={`wishes.${i}.stance`} label={label} hideLabel options={STANCES} />
            <TakeOut label={`Take the wish out: ${label}`} onClick={() => remove(i)} mt="0" />
          </HStack>
        )
      })}
      <NativeSelect.Root size="sm" w="340px" maxW="100%" mt="1">
        <NativeSelect.Field
          aria-label="Another wish"
          value=""
          bg="bar"
          borderColor="line"
          onChange={(event) => {
            const chosen = BY_KEY.get(event.target.value)
            if (chosen) append({ feature: chosen.feature, is: chosen.is ?? '', stance: 'want' })
          }}
        >
          <option value="">Another wish …</option>
          {(Object.keys(PLACES) as Place[]).map((place) => (
            <optgroup key={place} label={PLACES[place]}>
              {WISHABLE.filter((one) => one.place === place && !held.has(keyOf(one))).map((one) => (
                <option key={keyOf(one)} value={keyOf(one)}>
                  {one.label}
                </option>
              ))}
            </optgroup>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
    </Box>
  )
}
