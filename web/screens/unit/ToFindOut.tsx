'use client'

import { Box, Text } from '@chakra-ui/react'
import type { ToFindOut as Waiting } from '@hitchet/core/match/asking/toFindOut'
import { listed } from '@hitchet/core/quantity/phrase'

/** What their answers on this unit still wait for: what is asked of them, and what is measured or looked at here. */
export function ToFindOut({
  waiting: { theirs, here },
  household,
  onPick,
}: {
  waiting: Waiting
  household: string
  onPick(id: string): void
}) {
  return (
    <Box as="section" aria-label="To find out">
      <Text as="h2" fontWeight="700" mb="1">
        To find out
      </Text>
      {theirs.length + here.length === 0 && <Text fontSize="14.5px">Nothing: every answer on this unit is in.</Text>}
      {theirs.length > 0 && (
        <Text fontSize="14.5px" borderTopWidth="1px" borderColor="hair" py="1">
          <b>Ask them</b>, for {listed(theirs.map((one) => one.toLowerCase()))}:{' '}
          <a href={`/households/${household}`} style={{ color: 'var(--h-colors-green)', fontWeight: 600 }}>
            the interview
          </a>
        </Text>
      )}
      {here.map(({ key, name, thing, waiting }) => (
        <Text key={key} fontSize="14.5px" borderTopWidth="1px" borderColor="hair" py="1">
          {thing !== undefined ? (
            <button
              type="button"
              onClick={() => onPick(thing)}
              style={{
                color: 'var(--h-colors-green)',
                fontWeight: 600,
                textAlign: 'left',
                minHeight: '24px',
                cursor: 'pointer',
              }}
            >
              {name}
            </button>
          ) : (
            <b>{name}</b>
          )}{' '}
          <Text as="span" color="line" fontSize="13.5px">
            for {listed(waiting.map((one) => one.toLowerCase()))}
          </Text>
        </Text>
      ))}
    </Box>
  )
}
