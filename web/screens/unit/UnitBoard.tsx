'use client'

import dynamic from 'next/dynamic'
import { cardFigures } from '@hitchet/core/match/told/unitCard'
import { trailerFigure, type Trailer } from '@hitchet/core/trailer/trailer'
import type { Frame } from '../../drawing/frame'
import { Segments } from '../Segments'
import type { SeenBy } from './seenBy'
import { UnitCard } from './UnitCard'
import { UnitHead } from './UnitHead'
import { UnitPlan } from './UnitPlan'
import { UnitSide } from './UnitSide'
import { useUnitView } from './useUnitView'

const ReadingsTable = dynamic(() => import('./ReadingsTable').then((it) => it.ReadingsTable), { ssr: false })

interface UnitBoardProps {
  trailer: Trailer
  /** Its own address. */
  at: string
  frame: Frame
  seenBy?: SeenBy
}

/** One unit: its plan as it is looked at, or all its readings. */
export function UnitBoard({ trailer, at, frame, seenBy }: UnitBoardProps) {
  const view = useUnitView(trailer, seenBy)
  return (
    <>
      <UnitHead trailer={trailer} at={at} household={seenBy?.id} view={view} />
      <UnitCard figures={cardFigures(trailer)} sleeps={sleepsText(trailer, seenBy)}>
        <Segments label="What is shown" value={view.view} onChange={view.show.view} options={VIEWS} />
      </UnitCard>
      {view.view === 'readings' ? (
        <ReadingsTable trailer={trailer} />
      ) : (
        <>
          <UnitPlan trailer={trailer} frame={frame} seenBy={seenBy} view={view} />
          <UnitSide trailer={trailer} seenBy={seenBy} view={view} />
        </>
      )}
    </>
  )
}

const VIEWS = [
  { value: 'plan', name: 'Plan' },
  { value: 'readings', name: 'Readings', key: '0' },
] as const

/** Of theirs who has a berth; with nobody open what the sheet says. */
function sleepsText(trailer: Trailer, seenBy: SeenBy | undefined): string {
  const sheet = trailerFigure(trailer, 'advertisedSleeps')
  if (!seenBy) return sheet === undefined ? 'Measure' : `${sheet} by the sheet`
  if (seenBy.asked.find(({ id }) => id === 'sleep')?.answer.verdict === 'measure') return 'Measure'
  const { sleepers, unplaced } = seenBy.everyNight
  const placed = sleepers.reduce((sum, { people }) => sum + people.length, 0)
  return `${placed} of ${placed + unplaced.length} in beds`
}
