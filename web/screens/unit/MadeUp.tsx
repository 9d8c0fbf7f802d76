'use client'

import { Box, HStack, Text } from '@chakra-ui/react'
import type { Conversion } from '@hitchet/core/plan/plan'

/** Which beds are made up for the night, and for each how it is done, step by step: to be shown, not told. */
export function MadeUp({
  conversions,
  made,
  onMade,
}: {
  conversions: readonly Conversion[]
  made: readonly string[]
  onMade(made: string[]): void
}) {
  const making = conversions.filter(({ id, steps }) => made.includes(id) && steps.length > 0)
  return (
    <Box pb="1">
      <HStack gap="4" flexWrap="wrap" role="group" aria-label="Made up for the night" className="no-print">
        {conversions.map(({ id, name, minutes, excludes }) => (
          <label key={id} className="choice">
            <input
              type="checkbox"
              checked={made.includes(id)}
              onChange={(event) =>
                onMade(
                  event.target.checked
                    ? [...made.filter((one) => !excludes.includes(one)), id]
                    : made.filter((one) => one !== id),
                )
              }
            />
            {name}, {minutes} min
          </label>
        ))}
      </HStack>
      {making.map(({ id, name, steps }) => (
        <Text key={id} fontSize="14.5px">
          <b>{name}:</b> {steps.map((step, i) => `${i + 1}. ${step}`).join('; ')}.
        </Text>
      ))}
    </Box>
  )
}
