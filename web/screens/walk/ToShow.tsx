'use client'

import { Box, Button, Flex, HStack, Text } from '@chakra-ui/react'
import { Check } from 'lucide-react'
import type { Shown } from '@hitchet/core/match/showing'
import { CAUTIONS } from '@hitchet/core/questions/cautions'
import { Said } from '../../look/measures'
import { useNotes } from '../../offline/Notes'
import { Caution } from '../Caution'
import { VERDICT_WORDS } from '../../drawing/patterns'
import { PatternSwatch } from '../Verdict'

interface ToShowProps {
  stock: string
  household: string
  shown: Shown[]
  done: ReadonlySet<string>
  /** Keys of what comes when there is time. */
  later: ReadonlySet<string>
}

/** What this household should see and hear at a station, what speaks against the unit first; each ticked when it was shown. */
export function ToShow({ stock, household, shown, done, later }: ToShowProps) {
  const [first, rest] = [shown.filter(({ key }) => !later.has(key)), shown.filter(({ key }) => later.has(key))]
  return (
    <Box as="section" aria-label="To show and to say" borderTopWidth="1px" borderColor="line" pt="2" mb="3">
      {first.map((one) => (
        <Point key={one.key} stock={stock} household={household} point={one} done={done.has(one.key)} />
      ))}
      {rest.length > 0 && (
        <Text fontWeight="600" color="line" mt="1">
          If there is time
        </Text>
      )}
      {rest.map((one) => (
        <Point key={one.key} stock={stock} household={household} point={one} done={done.has(one.key)} />
      ))}
    </Box>
  )
}

function Point({
  stock,
  household,
  point: { key, short, verdict, says, tryIt, cautions, toRead },
  done,
}: {
  stock: string
  household: string
  point: Shown
  done: boolean
}) {
  const { note } = useNotes()
  return (
    <Flex gap="3" mb="3" align="flex-start">
      <Box flex="1" minW="0">
        <HStack gap="1.5" color={verdict} fontWeight="700" fontSize="14px">
          <PatternSwatch verdict={verdict} />
          {VERDICT_WORDS[verdict]}: {short}
        </HStack>
        <Text fontSize="17px" lineHeight="1.35">
          <Said phrase={says} />
        </Text>
        {tryIt && (
          <Text fontSize="15px" color="green" fontWeight="600">
            {tryIt}
          </Text>
        )}
        {toRead.length > 0 && <Text fontSize="15px">Still to be read: {toRead.join('; ')}.</Text>}
        {cautions.map((id) => (
          <Caution key={id}>{CAUTIONS[id]}</Caution>
        ))}
      </Box>
      <Button
        flex="none"
        minH="48px"
        minW="92px"
        variant={done ? 'ghost' : 'outline'}
        aria-pressed={done}
        aria-label={`Shown: ${short}`}
        disabled={done}
        onClick={() => void note({ stock, household, about: short }, { kind: 'shown', point: key })}
      >
        {done && <Check aria-hidden size={18} />} Shown
      </Button>
    </Flex>
  )
}
