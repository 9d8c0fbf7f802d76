'use client'

import { Box, Button, Flex, HStack, Text } from '@chakra-ui/react'
import { useState } from 'react'
import { sawText } from '@hitchet/core/walk/event'
import { listed } from '@hitchet/core/quantity/phrase'
import type { Seen } from '@hitchet/core/walk/station'
import { NoteThing } from '../tape/NoteThing'
import { ReadingSource, ReadingValue } from '../unit/ReadingValue'
import { TakeReading } from '../unit/TakeReading'
import { useNotes } from '../../offline/Notes'

/** One thing at a station: what it is, why it matters, and a tap for what is so; a figure is typed or sent by the meter. */
export function SeenRow({
  stock,
  seen,
  waited = [],
}: {
  stock: string
  seen: Seen
  /** Open households that wait for it: then its figure is typed without a tap before. */
  waited?: string[]
}) {
  const { key, name, spec, unnoted, reading } = seen
  const [open, setOpen] = useState(false)
  const inline = waited.length > 0 && reading === undefined
  const { known, busy, says, tap } = useTap(stock, seen)
  const options = spec?.kind === 'yes-no' ? ['yes', 'no'] : spec?.kind === 'choice' ? spec.choices! : undefined
  return (
    <Box as="li" borderTopWidth="1px" borderColor="hair" py="1">
      <Flex gap="3" align="center" minH="48px" flexWrap="wrap">
        <SeenWords seen={seen} waited={waited} withFigure={!options} />
        {options && (
          <HStack gap="2" flexWrap="wrap" role="group" aria-label={name}>
            {options.map((option) => (
              <Button
                key={option}
                minH="48px"
                minW="56px"
                variant={known === option ? 'solid' : 'outline'}
                aria-pressed={known === option}
                title={known === option ? 'Tap again to take it back' : undefined}
                disabled={busy}
                onClick={() => void tap(option)}
              >
                {option}
              </Button>
            ))}
          </HStack>
        )}
        {!options && spec && !inline && (
          <Button minH="48px" variant="outline" aria-expanded={open} onClick={() => setOpen(!open)}>
            {reading ? 'Again' : 'Write it down'}
          </Button>
        )}
      </Flex>
      {unnoted && <NoteThing stock={stock} kind={unnoted} about={name} onNoted={() => undefined} />}
      {(open || inline) && spec && !options && (
        <TakeReading
          stock={stock}
          path={key}
          spec={spec}
          about={name}
          stood={reading}
          waits={inline}
          onTaken={() => setOpen(false)}
        />
      )}
      {says && (
        <Text role="alert" color="no" fontSize="14px">
          {says}
        </Text>
      )}
    </Box>
  )
}

/** What it is, who waits for it, why it matters, and the figure that stands. */
function SeenWords({
  seen: { name, spec, reading, why },
  waited,
  withFigure,
}: {
  seen: Seen
  waited: string[]
  withFigure: boolean
}) {
  return (
    <Box flex="1 1 240px" minW="0">
      <Text fontWeight="600" fontSize="16px" lineHeight="1.25">
        {name}
      </Text>
      {waited.length > 0 && (
        <Text fontSize="13.5px" color="measure" fontWeight="600">
          {waited.length > 2 ? `${waited.length} households wait for it` : `${listed(waited)} wait for it`}
        </Text>
      )}
      {(why ?? spec?.how) && (
        <Text fontSize="14px" color="line" lineHeight="1.3">
          {why ?? spec?.how}
        </Text>
      )}
      {reading && withFigure && spec && (
        <Text fontSize="14px">
          <b className="figure">
            <ReadingValue spec={spec} reading={reading} />
          </b>{' '}
          <ReadingSource reading={reading} />
        </Text>
      )}
    </Box>
  )
}

/** What is so with one tap; a second tap takes the first one back: it is not looked at again. */
function useTap(stock: string, { key, name, reading }: Seen) {
  const { note } = useNotes()
  const [tapped, setTapped] = useState<string>()
  const [busy, setBusy] = useState(false)
  const [says, setSays] = useState<string>()
  const known = tapped ?? (typeof reading?.value === 'boolean' ? (reading.value ? 'yes' : 'no') : reading?.value)
  const tap = async (text: string) => {
    setTapped(text === known ? '' : text)
    setBusy(true)
    setSays(undefined)
    const saw = sawText(reading)
    const heard = await note(
      { stock, about: name },
      text === known
        ? { kind: 'taken back', key }
        : { kind: 'reading', key, text, source: 'measured', ...(saw && { saw }) },
    )
    setBusy(false)
    setTapped(undefined)
    if ('says' in heard) setSays(heard.says)
  }
  return { known, busy, says, tap }
}
