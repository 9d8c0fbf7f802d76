'use client'

import { Box, Button, Flex, HStack, Text } from '@chakra-ui/react'
import { useState } from 'react'
import type { Seen } from '@hitchet/core/walk/station'
import { request } from '../request'
import { NoteThing } from '../tape/NoteThing'
import { ReadingSource, ReadingValue } from '../unit/ReadingValue'
import { TakeReading } from '../unit/TakeReading'
import { useSaving } from '../useSaving'

/** One thing at a station: what it is, why it matters, and a tap for what is so; a figure is typed or sent by the meter. */
export function SeenRow({ stock, seen, onNoted }: { stock: string; seen: Seen; onNoted(): void }) {
  const { key, name, spec, unnoted, reading, why } = seen
  const [open, setOpen] = useState(false)
  const [tapped, setTapped] = useState<string>()
  const { busy, says, send } = useSaving()
  const options = spec?.kind === 'yes-no' ? ['yes', 'no'] : spec?.kind === 'choice' ? spec.choices! : undefined
  const tap = async (text: string) => {
    setTapped(text)
    const saved = await send(() =>
      request('POST', `/api/trailers/${stock}/readings`, { key, text, source: 'measured' }),
    )
    if (saved) onNoted()
    else setTapped(undefined)
  }
  const known = tapped ?? (typeof reading?.value === 'boolean' ? (reading.value ? 'yes' : 'no') : reading?.value)
  return (
    <Box as="li" borderTopWidth="1px" borderColor="hair" py="1">
      <Flex gap="3" align="center" minH="48px" flexWrap="wrap">
        <Box flex="1 1 240px" minW="0">
          <Text fontWeight="600" fontSize="16px" lineHeight="1.25">
            {name}
          </Text>
          {(why ?? spec?.how) && (
            <Text fontSize="14px" color="line" lineHeight="1.3">
              {why ?? spec?.how}
            </Text>
          )}
          {reading && !options && spec && (
            <Text fontSize="14px">
              <b className="figure">
                <ReadingValue spec={spec} reading={reading} />
              </b>{' '}
              <ReadingSource reading={reading} />
            </Text>
          )}
        </Box>
        {options && (
          <HStack gap="2" flexWrap="wrap" role="group" aria-label={name}>
            {options.map((option) => (
              <Button
                key={option}
                minH="48px"
                minW="56px"
                variant={known === option ? 'solid' : 'outline'}
                aria-pressed={known === option}
                disabled={busy}
                onClick={() => void tap(option)}
              >
                {option}
              </Button>
            ))}
          </HStack>
        )}
        {!options && spec && (
          <Button minH="48px" variant="outline" aria-expanded={open} onClick={() => setOpen(!open)}>
            {reading ? 'Again' : 'Write it down'}
          </Button>
        )}
      </Flex>
      {unnoted && <NoteThing stock={stock} kind={unnoted} onNoted={onNoted} />}
      {open && spec && <TakeReading stock={stock} path={key} spec={spec} onTaken={() => (setOpen(false), onNoted())} />}
      {says && says !== 'Saved.' && (
        <Text role="alert" color="no" fontSize="14px">
          {says}
        </Text>
      )}
    </Box>
  )
}
