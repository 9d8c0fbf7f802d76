'use client'

import { Box, Heading, HStack, NativeSelect, Text } from '@chakra-ui/react'
import dynamic from 'next/dynamic'
import { useMemo } from 'react'
import type { MeasuredApart } from '@hitchet/core/plan/findings/measuredApart'
import { namedThings } from '@hitchet/core/trailer/namedThings'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { useArrivals } from '../../offline/useArrivals'
import { USUAL_HEIGHT } from './Somebody'

// The list is there once it listens: a press on what is only drawn would be lost.
const ReadingsOf = dynamic(() => import('./ReadingsOf').then((it) => it.ReadingsOf), { ssr: false })

// Only a thing that is chosen has a side to be seen from.
const FromTheSide = dynamic(() => import('./FromTheSide').then((it) => it.FromTheSide), { loading: () => null })

/** What is chosen on the plan, or the unit as a whole: its readings, and from the side where that says more. */
export function ReadingsPanel({
  trailer,
  apart,
  chosen,
  tallest = USUAL_HEIGHT,
  onPick,
  short = false,
}: {
  trailer: Trailer
  /** What was measured and is drawn otherwise. */
  apart: readonly MeasuredApart[]
  chosen?: string
  /** Of the household, inches. */
  tallest?: number
  onPick(id: string): void
  /** Only the choice of a thing: nothing is chosen, and something else stands in the room. */
  short?: boolean
}) {
  useArrivals()
  const things = useMemo(() => namedThings(trailer), [trailer])
  const thing = things.find(({ id, path }) => id === chosen || path === chosen) ?? things[0]!
  return (
    <Box>
      <HStack mb="1" gap="3">
        <Heading as="h2" size="sm">
          Readings
        </Heading>
        <Text display="none" fontWeight="600" css={{ '@media print': { display: 'block' } }}>
          {thing.name}
        </Text>
        <NativeSelect.Root size="xs" w="230px" className="no-print">
          <NativeSelect.Field
            aria-label="Readings of"
            value={thing.id ?? thing.path}
            onChange={(event) => onPick(event.target.value)}
            bg="bar"
            borderColor="line"
          >
            {things.map((one) => (
              <option key={one.path} value={one.id ?? one.path}>
                {one.name}
              </option>
            ))}
          </NativeSelect.Field>
          <NativeSelect.Indicator />
        </NativeSelect.Root>
      </HStack>
      {chosen && <FromTheSide trailer={trailer} chosen={chosen} tallest={tallest} />}
      {!short && <ReadingsOf key={thing.path} trailer={trailer} path={thing.path} apart={apart} />}
    </Box>
  )
}
