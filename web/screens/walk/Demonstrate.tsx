'use client'

import { Box, Button, Flex, Text } from '@chakra-ui/react'
import type { Demonstration } from '@hitchet/core/handover/demonstrations'
import { listed } from '@hitchet/core/quantity/phrase'
import { Said } from '../../look/measures'

/** What is done before their eyes at a station: a tap shows it on the plan, with its steps beside; another ends it. */
export function Demonstrate({
  all,
  running,
  onRun,
}: {
  all: readonly Demonstration[]
  running?: string
  onRun(one: Demonstration | undefined): void
}) {
  if (all.length === 0) return null
  const now = all.find(({ id }) => id === running)
  return (
    <Box as="section" aria-label="To demonstrate" borderTopWidth="1px" borderColor="line" py="2">
      <Flex gap="2" flexWrap="wrap" align="center">
        <Text fontWeight="600" mr="1">
          Do it before their eyes:
        </Text>
        {all.map((one) => (
          <Button
            key={one.id}
            minH="48px"
            variant={one.id === running ? 'solid' : 'outline'}
            aria-pressed={one.id === running}
            onClick={() => onRun(one.id === running ? undefined : one)}
          >
            {one.title}
            {one.minutes !== undefined && `, ${one.minutes} min`}
          </Button>
        ))}
      </Flex>
      {now && (
        <>
          <Box as="ol" pl="6" listStyleType="decimal" mt="2" fontSize="17px" lineHeight="1.4">
            {now.steps.map((step, i) => (
              <li key={i}>
                <Said phrase={step} />
              </li>
            ))}
          </Box>
          {now.steps.length === 0 && (
            <Text mt="2">Nobody wrote down how: find it out together, and write it under Draw.</Text>
          )}
          {now.takes.length > 0 && (
            <Text fontSize="15px" mt="1">
              Meanwhile gone: {listed(now.takes)}.
            </Text>
          )}
        </>
      )}
    </Box>
  )
}
