'use client'

import { Box, Button, Flex, Text } from '@chakra-ui/react'
import { useState } from 'react'
import type { Household } from '@hitchet/core/household/household'
import { Said } from '../../look/measures'
import type { Frame } from '../../drawing/frame'
import type { Silhouette, YardBeside } from '../../server/services/yardBeside'
import { StripPicture } from '../StripPicture'
import { StandingWord } from '../Verdict'
import { AskNext } from './AskNext'
import { useReckoned } from './useReckoned'

/** After a pause in typing. */
const PAUSE_MS = 250

/** The yard beside the interview, shrinking as they talk. */
export function YardLeft({
  household,
  yard,
  frame,
  first,
  onAsk,
}: {
  household: Household | undefined
  /** While too little is known of them. */
  yard: Silhouette[]
  frame: Frame
  first?: YardBeside
  /** Goes to the field that takes the answer, by its path. */
  onAsk(field: string): void
}) {
  const [most, setMost] = useState<number>()
  const address = most === undefined ? '/api/yard-left' : `/api/yard-left?most=${most}`
  const left = useReckoned<YardBeside>(household, address, PAUSE_MS, first)
  const shown = left?.units ?? yard
  return (
    <Box
      as="aside"
      aria-label="The yard for them"
      position="sticky"
      top="76px"
      maxH="calc(100vh - 90px)"
      overflowY="auto"
      tabIndex={0}
      bg="bar"
      borderWidth="1px"
      borderColor="hair"
      borderRadius="7px"
      p="4"
    >
      <Box aria-live="polite" minH="150px">
        {left ? (
          <>
            <Text fontSize="24px" fontWeight="700" lineHeight="1.2">
              {left.left} of {left.all} left
            </Text>
            <Text fontSize="14px" color="line">
              {left.out.length === 0
                ? 'Nothing on the lot is ruled out yet.'
                : left.out.map(({ units, against }) => `${units} ${against}`).join(', ')}
            </Text>
            {left.open > 0 && (
              <Text fontSize="14px" color="measure" fontWeight="600">
                {left.open === 1 ? 'One unit is' : `${left.open} units are`} still being worked out.
              </Text>
            )}
            {left.failed > 0 && (
              <Text fontSize="14px" color="no" fontWeight="600">
                {left.failed === 1 ? 'One unit' : `${left.failed} units`} can’t be figured; the office shows which.
              </Text>
            )}
            <AskNext household={household} onAsk={onAsk} />
            {left.way && (
              <Text fontSize="14px" mt="1">
                <b>{left.way.units} more</b> if <Said phrase={left.way.says} />.
              </Text>
            )}
          </>
        ) : (
          <Text>Say who they are, how old, and what pulls it; the yard sorts itself as you type.</Text>
        )}
      </Box>
      {shown.map((unit) => {
        const { id, stock, name, standing: now } = unit
        return (
          <Flex key={id} align="center" gap="2" py="1" borderTopWidth="1px" borderColor="hair">
            <Box flex="none" opacity={now === 'out' || now === 'nearly' ? 0.35 : 1} transition="opacity 200ms">
              <StripPicture unit={unit} look="thumb" frame={frame} text={`${name} from above`} />
            </Box>
            <Box ml="auto" textAlign="right">
              <Text className="figure" fontSize="13.5px" fontWeight="600">
                {stock}
              </Text>
              {now && <StandingWord standing={now} />}
            </Box>
          </Flex>
        )
      })}
      {left && left.all > shown.length && (
        <Button size="sm" variant="outline" mt="2" onClick={() => setMost(2 * shown.length)}>
          Show more of {left.all}
        </Button>
      )}
    </Box>
  )
}
