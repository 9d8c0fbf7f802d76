'use client'

import { Box, Button, Text } from '@chakra-ui/react'
import type { Shown } from '@hitchet/core/match/showing'
import type { Station } from '@hitchet/core/walk/station'
import { Said } from '../../look/measures'

/** Before one sits down to talk: what decides for them and was not shown yet, each with the way back to it. */
export function NotShown({
  stations,
  shown,
  done,
  onGo,
}: {
  stations: readonly Station[]
  shown: Record<string, Shown[]>
  done: ReadonlySet<string>
  onGo(station: string): void
}) {
  const left = stations.flatMap(({ id, name }) =>
    (shown[id] ?? []).filter(({ key }) => !done.has(key)).map((point) => ({ id, name, point })),
  )
  if (left.length === 0) return <Text mb="2">All that decides for them was shown.</Text>
  return (
    <Box as="section" aria-label="Not shown yet" mb="4">
      <Text as="h3" fontWeight="700">
        You have not shown {left.length === 1 ? 'this' : `these ${left.length}`}
      </Text>
      <Box as="ul" listStyleType="none">
        {left.map(({ id, name, point: { key, says, verdict, toRead } }) => (
          <Box as="li" key={key} borderTopWidth="1px" borderColor="hair">
            <Button
              variant="ghost"
              minH="48px"
              w="100%"
              justifyContent="flex-start"
              whiteSpace="normal"
              textAlign="left"
              onClick={() => onGo(id)}
            >
              <Text as="span">
                <b>{name}</b>: <Said phrase={says} />
                {verdict === 'measure' && toRead.length > 0 && ` Still to be read: ${toRead.join('; ')}.`}
              </Text>
            </Button>
          </Box>
        ))}
      </Box>
    </Box>
  )
}
