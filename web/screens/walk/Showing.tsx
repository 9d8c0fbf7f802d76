'use client'

import { Text } from '@chakra-ui/react'
import { useMemo } from 'react'
import { ifThereIsTime, type Shown } from '@hitchet/core/match/showing'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import type { Station } from '@hitchet/core/walk/station'
import { subjectsAt } from '@hitchet/core/walk/subjects'
import { NotShown } from './NotShown'
import { Reactions } from './Reactions'
import { ToShow } from './ToShow'
import { TryOn, type Trying } from './TryOn'
import type { Done } from './useDone'
import type { MINUTES } from './useWhere'

interface ShowingProps {
  trailer: Trailer
  station: Station
  stations: readonly Station[]
  /** Whether one sits down after it: then what was skipped comes back. */
  last: boolean
  household: string
  shown: Record<string, Shown[]>
  people: readonly Trying[]
  done: Done
  minutes: (typeof MINUTES)[number]
  onGo(station: string): void
}

/** A station with the household there: what to show them, what they think of it, how one of them is in it from the side. */
export function Showing({
  trailer,
  station,
  stations,
  last,
  household,
  shown,
  people,
  done,
  minutes,
  onGo,
}: ShowingProps) {
  const here = shown[station.id]
  const later = useMemo(
    () => ifThereIsTime(new Map(Object.entries(shown)), minutes === 'all' ? undefined : Number(minutes)),
    [shown, minutes],
  )
  const subjects = [...subjectsAt(station.id, trailer), { place: station.name }]
  return (
    <>
      {last && <NotShown stations={stations} shown={shown} done={done.shown} onGo={onGo} />}
      {here ? (
        <ToShow stock={trailer.stock} household={household} shown={here} done={done.shown} later={later} />
      ) : (
        <Text fontSize="15px" mb="2">
          Nothing here decides for them.
        </Text>
      )}
      <TryOn trailer={trailer} station={station} people={people} />
      <Reactions stock={trailer.stock} household={household} subjects={subjects} felt={done.felt} />
    </>
  )
}
