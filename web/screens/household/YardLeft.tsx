'use client'

import { Box, Flex, Text } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import type { Household } from '@hitchet/core/household/household'
import type { YardLeft as Left } from '../../server/services/matching'
import { Said } from '../../look/measures'
import { StandingWord } from '../Verdict'
import { AskNext } from './AskNext'
import { useReckoned } from './useReckoned'

export interface Silhouette {
  id: string
  stock: string
  drawing: ReactNode
}

/** After a pause in typing. */
const PAUSE_MS = 250

/** The yard beside the interview, shrinking as they talk. */
export function YardLeft({
  household,
  yard,
  first,
  onAsk,
}: {
  household: Household | undefined
  yard: Silhouette[]
  first?: Left
  /** Goes to the field that takes the answer, by its path. */
  onAsk(field: string): void
}) {
  const left = useReckoned<Left>(household, '/api/yard-left', PAUSE_MS, first)
  const standing = new Map(left?.units.map((unit) => [unit.id, unit.standing]))
  const order = left ? [...yard].sort((a, b) => rankOf(left, a.id) - rankOf(left, b.id)) : yard
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
            <AskNext household={household} onAsk={onAsk} />
            {left.ways[0] && (
              <Text fontSize="14px" mt="1">
                <b>{left.ways[0].units.length} more</b> if <Said phrase={left.ways[0].says} />.
              </Text>
            )}
          </>
        ) : (
          <Text>Say who they are, how old, and what pulls it; the yard sorts itself as you type.</Text>
        )}
      </Box>
      {order.map(({ id, stock, drawing }) => {
        const now = standing.get(id)
        return (
          <Flex key={id} align="center" gap="2" py="1" borderTopWidth="1px" borderColor="hair">
            <Box flex="none" opacity={now === 'out' || now === 'nearly' ? 0.35 : 1} transition="opacity 200ms">
              {drawing}
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
    </Box>
  )
}

const rankOf = (left: Left, id: string): number => left.units.findIndex((unit) => unit.id === id)
