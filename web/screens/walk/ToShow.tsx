'use client'

import { Box, HStack, Text } from '@chakra-ui/react'
import type { Shown } from '@hitchet/core/match/showing'
import { CAUTIONS } from '@hitchet/core/questions/cautions'
import { Said } from '../../look/measures'
import { Caution } from '../Caution'
import { VERDICT_WORDS } from '../../drawing/patterns'
import { PatternSwatch } from '../Verdict'

/** What this household should see and hear at a station, what speaks against the unit first. */
export function ToShow({ shown }: { shown: Shown[] }) {
  return (
    <Box as="section" aria-label="To show and to say" borderTopWidth="1px" borderColor="line" pt="2" mb="3">
      {shown.map(({ question, short, verdict, says, tryIt, cautions, toRead }, i) => (
        <Box key={`${question} ${i}`} mb="2">
          <HStack gap="1.5" color={verdict} fontWeight="700" fontSize="14px">
            <PatternSwatch verdict={verdict} />
            {VERDICT_WORDS[verdict]}: {short}
          </HStack>
          <Text fontSize="17px" lineHeight="1.35">
            <Said phrase={says} />
          </Text>
          {tryIt && (
            <Text fontSize="15px" color="green" fontWeight="600">
              {tryIt}
            </Text>
          )}
          {toRead.length > 0 && <Text fontSize="15px">Still to be read: {toRead.join('; ')}.</Text>}
          {cautions.map((id) => (
            <Caution key={id}>{CAUTIONS[id]}</Caution>
          ))}
        </Box>
      ))}
    </Box>
  )
}
