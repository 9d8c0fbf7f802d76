'use client'

import { Box, Button, HStack, Input, Text, Textarea } from '@chakra-ui/react'
import { Crosshair } from 'lucide-react'
import { useState } from 'react'
import { parseLength, NotAFigure } from '@hitchet/core/quantity/parse'
import { meterLine } from '@hitchet/core/readings/meter'
import type { PlayedMeter } from './playedMeter'
import { useMeter } from './useMeter'

/**
 * Plays a connected distance meter: a length one would have measured, a recorded session, or a line garbled on
 * its way.
 */
export function LaserPanel({ meter }: { meter: PlayedMeter }) {
  const { asked, says } = useMeter()
  const [text, setText] = useState('')
  const [wrong, setWrong] = useState<string>()
  const [session, setSession] = useState('')
  const [at, setAt] = useState(0)
  const lines = session.split('\n').filter((line) => line.trim())
  const measure = () => {
    try {
      meter.send(meterLine(parseLength(text)))
      setWrong(undefined)
    } catch (failure) {
      if (!(failure instanceof NotAFigure)) throw failure
      setWrong(`Right would be ${failure.expected}`)
    }
  }
  return (
    <Box asChild borderWidth="1px" borderColor="line" borderRadius="7px" bg="bar" px="3" py="2">
      <section aria-label="Distance meter">
        <HStack gap="2" mb="1">
          <Crosshair size={16} aria-hidden />
          <Text fontWeight="600" fontSize="14px">
            Distance meter, played
          </Text>
        </HStack>
        <Text fontSize="13.5px" mb="1">
          Next reading goes to: <b>{asked ?? 'nothing yet'}</b>
        </Text>
        <HStack gap="2" flexWrap="wrap">
          <Input
            size="sm"
            w="96px"
            aria-label="What it would measure"
            placeholder={`6'2 1/2`}
            value={text}
            onChange={(event) => setText(event.target.value)}
            onKeyDown={(event) => event.key === 'Enter' && (event.preventDefault(), measure())}
          />
          <Button size="sm" px="2.5" onClick={measure}>
            Measure
          </Button>
          <Button size="sm" px="2.5" variant="outline" onClick={() => meter.send('DIST 1.2?45 m *00')}>
            Garbled
          </Button>
        </HStack>
        <details>
          <summary style={{ cursor: 'pointer', fontSize: '13.5px', padding: '4px 0' }}>
            Replay a recorded session
          </summary>
          <Textarea
            size="sm"
            rows={3}
            className="figure"
            aria-label="Recorded lines"
            placeholder="DIST 1.8796 m *4B"
            value={session}
            onChange={(event) => (setSession(event.target.value), setAt(0))}
          />
          <Button
            size="sm"
            variant="outline"
            mt="1"
            disabled={at >= lines.length}
            onClick={() => (meter.send(lines[at]!), setAt(at + 1))}
          >
            Next line ({Math.min(at + 1, lines.length)} of {lines.length})
          </Button>
        </details>
        <Text role="status" fontSize="13.5px" color={wrong ? 'no' : undefined} minH="20px">
          {wrong ?? says}
        </Text>
      </section>
    </Box>
  )
}
