'use client'

import { Box, SimpleGrid, Stack, Text } from '@chakra-ui/react'
import { STANCE_IDS, STANCES, type StanceId } from '@hitchet/core/household/stances'
import { Choice } from './Choice'
import { MoreWishes } from './MoreWishes'

/** The questions people argue about. No entry: they do not mind, and the program holds no opinion. */
export function Wishes() {
  return (
    <>
      <SimpleGrid columns={{ base: 1, '2xl': 2 }} columnGap="8" rowGap="0.5">
        {STANCE_IDS.map((id) => (
          <Wish key={id} stance={id} />
        ))}
      </SimpleGrid>
      <MoreWishes />
    </>
  )
}

function Wish({ stance }: { stance: StanceId }) {
  const { label, mustPossible } = STANCES[stance]
  const options = [
    { value: '', name: 'no matter' },
    ...(mustPossible ? [{ value: 'must', name: 'must' }] : []),
    { value: 'want', name: 'want' },
    { value: 'avoid', name: 'avoid' },
  ]
  return (
    <Stack direction="row" gap="3" align="baseline">
      <Text fontSize="14.5px" w="180px" flex="none" aria-hidden>
        {label}
      </Text>
      <Box>
        <Choice path={`stances.${stance}`} label={label} hideLabel options={options} />
      </Box>
    </Stack>
  )
}
