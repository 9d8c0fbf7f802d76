'use client'

import { Box, Button, Text } from '@chakra-ui/react'
import { useState } from 'react'
import type { ToMeasure } from '@hitchet/core/match/asking/tapeList'
import { toTake } from '@hitchet/core/match/asking/takingIn'
import type { Seen, Station } from '@hitchet/core/walk/station'
import { useNotes } from '../../offline/Notes'
import { SeenRow } from './SeenRow'

interface NotingProps {
  stock: string
  station: Station
  waits: readonly Pick<ToMeasure, 'key' | 'households'>[]
}

/** What is to be noted at a station: first what open households wait for; the rest and what is known are folded. */
export function Noting({ stock, station, waits }: NotingProps) {
  const { waited, rest } = toTake(station, waits)
  const known = station.things.filter(({ reading }) => reading !== undefined)
  return (
    <>
      {waited.length > 0 && (
        <Text fontWeight="600" fontSize="16px">
          Waited for here: {waited.length}
        </Text>
      )}
      <Box as="ol" listStyleType="none" aria-label={`Waited for: ${station.name}`}>
        {waited.map((seen) => (
          <SeenRow key={seen.key} stock={stock} seen={seen} waited={seen.households} />
        ))}
      </Box>
      {waited.length + rest.length === 0 && (
        <Text fontSize="14px" color="line">
          All is noted here.
        </Text>
      )}
      {rest.length > 0 && (
        <details>
          <summary style={{ minHeight: '48px', cursor: 'pointer', padding: '12px 0', fontWeight: 600 }}>
            Not looked at yet: {rest.length}
          </summary>
          <Text fontSize="14px" color="line">
            In the order in which you come to them. What you leave is “not looked”, never “no”.
          </Text>
          <Box as="ol" listStyleType="none" aria-label={`To note: ${station.name}`}>
            {rest.map((seen) => (
              <SeenRow key={seen.key} stock={stock} seen={seen} />
            ))}
          </Box>
          <NoneOfThese stock={stock} rest={rest} />
        </details>
      )}
      {known.length > 0 && (
        <details>
          <summary style={{ minHeight: '48px', cursor: 'pointer', padding: '12px 0', fontWeight: 600 }}>
            Noted here: {known.length}
          </summary>
          <Box as="ol" listStyleType="none">
            {known.map((seen) => (
              <SeenRow key={seen.key} stock={stock} seen={seen} />
            ))}
          </Box>
        </details>
      )}
    </>
  )
}

/** Whoever has looked at all of them taps those that are there, and then once for the others. */
function NoneOfThese({ stock, rest }: { stock: string; rest: readonly Seen[] }) {
  const { note } = useNotes()
  const [busy, setBusy] = useState(false)
  const open = rest.filter(({ spec }) => spec?.kind === 'yes-no')
  if (open.length < 2) return null
  const tap = async () => {
    setBusy(true)
    await Promise.all(
      open.map(({ key, name }) =>
        note({ stock, about: name }, { kind: 'reading', key, text: 'no', source: 'measured' }),
      ),
    )
    setBusy(false)
  }
  return (
    <Button minH="48px" variant="outline" my="2" whiteSpace="normal" loading={busy} onClick={() => void tap()}>
      I looked at all: the other {open.length} are not there
    </Button>
  )
}
