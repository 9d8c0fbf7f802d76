'use client'

import { Box, Text } from '@chakra-ui/react'
import type { Asked } from '@hitchet/core/match/asked'
import { listed } from '@hitchet/core/quantity/phrase'
import { isTheirs } from '@hitchet/core/questions/margin'
import { readingName } from '@hitchet/core/trailer/readingName'
import { thingAt } from '@hitchet/core/trailer/things'
import type { Trailer } from '@hitchet/core/trailer/trailer'

/** What their answers on this unit still wait for: what is asked of them, and what is measured or looked at here. */
export function ToFindOut({
  trailer,
  asked,
  household,
  onPick,
}: {
  trailer: Trailer
  asked: readonly Asked[]
  household: string
  onPick(id: string): void
}) {
  const waits = new Map<string, string[]>()
  for (const { short, answer } of asked)
    for (const key of answer.missing) waits.set(key, [...(waits.get(key) ?? []), short])
  const here = [...waits].filter(([key]) => !isTheirs(key))
  const theirs = [...new Set([...waits].filter(([key]) => isTheirs(key)).flatMap(([, shorts]) => shorts))]
  return (
    <Box as="section" aria-label="To find out">
      <Text as="h2" fontWeight="700" mb="1">
        To find out
      </Text>
      {waits.size === 0 && <Text fontSize="14.5px">Nothing: every answer on this unit is in.</Text>}
      {theirs.length > 0 && (
        <Text fontSize="14.5px" borderTopWidth="1px" borderColor="hair" py="1">
          <b>Ask them</b>, for {listed(theirs.map((one) => one.toLowerCase()))}:{' '}
          <a href={`/households/${household}`} style={{ color: 'var(--h-colors-green)', fontWeight: 600 }}>
            the interview
          </a>
        </Text>
      )}
      {here.map(([key, shorts]) => {
        const thing = thingAt(trailer, key)?.thing
        const id = thing && (thing.id ?? thing.path)
        const name = readingName(trailer, key)
        return (
          <Text key={key} fontSize="14.5px" borderTopWidth="1px" borderColor="hair" py="1">
            {id ? (
              <button
                type="button"
                onClick={() => onPick(id)}
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
              for {listed(shorts.map((one) => one.toLowerCase()))}
            </Text>
          </Text>
        )
      })}
    </Box>
  )
}
