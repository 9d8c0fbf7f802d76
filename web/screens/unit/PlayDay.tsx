'use client'

import { Button, HStack, Text } from '@chakra-ui/react'
import { Play } from 'lucide-react'
import type { DayFrame } from './dayFrames'

/** A day with them in it, moment by moment: the plan shows it, and beside it stands who lies where and how many that are. */
export function PlayDay({
  frames,
  at,
  onAt,
}: {
  frames: readonly DayFrame[]
  /** The moment that is shown; absent: the plan is as it is asked for. */
  at?: number
  onAt(at: number | undefined): void
}) {
  if (at === undefined)
    return (
      <Button variant="outline" size="sm" minH="40px" onClick={() => onAt(0)}>
        <Play size={15} aria-hidden /> Play a day
      </Button>
    )
  return (
    <HStack gap="2" flexWrap="wrap">
      <Button variant="outline" size="sm" minH="40px" disabled={at === 0} onClick={() => onAt(at - 1)}>
        Before
      </Button>
      <Button size="sm" minH="40px" disabled={at === frames.length - 1} onClick={() => onAt(at + 1)}>
        Then
      </Button>
      <Button variant="ghost" size="sm" minH="40px" onClick={() => onAt(undefined)}>
        End
      </Button>
      <Text role="status" fontSize="16px" fontWeight="600">
        {at + 1} of {frames.length}: {frames[at]!.says}
      </Text>
    </HStack>
  )
}
