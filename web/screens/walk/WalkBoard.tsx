'use client'

import { Box, Button, Flex, Text } from '@chakra-ui/react'
import NextLink from 'next/link'
import { useMemo, useState } from 'react'
import { demonstratedAt, demonstrations, type Demonstration } from '@hitchet/core/handover/demonstrations'
import { trailerName, type Trailer } from '@hitchet/core/trailer/trailer'
import type { ToMeasure } from '@hitchet/core/match/asking/tapeList'
import type { Shown } from '@hitchet/core/match/showing'
import { asked, toTake } from '@hitchet/core/match/asking/takingIn'
import { routeOf } from '@hitchet/core/walk/route'
import type { WalkNote } from '@hitchet/core/walk/event'
import type { Seen, Station } from '@hitchet/core/walk/station'
import { stationsOf } from '@hitchet/core/walk/stations'
import { withNotes } from '@hitchet/core/walk/withNotes'
import { frameFor } from '../../drawing/frame'
import { HeldLayer } from '../../drawing/layers/HeldLayer'
import { StationLayer } from '../../drawing/layers/StationLayer'
import { planText } from '@hitchet/core/yard/planText'
import { PlanStrip } from '../../drawing/PlanStrip'
import { useMeasures } from '../../look/measures'
import { useNotes } from '../../offline/Notes'
import { useArrivals } from '../../offline/useArrivals'
import { PageHead } from '../PageHead'
import { Segments } from '../Segments'
import { StockTag } from '../StockTag'
import { Demonstrate } from './Demonstrate'
import { Noting } from './Noting'
import { Showing } from './Showing'
import type { Trying } from './TryOn'
import { useDone } from './useDone'
import { FIRST, MINUTES, THROUGH, useWhere } from './useWhere'

/** Pixels the plan may take, and around it for whoever walks round it, inches. */
const WIDE = 700
const ROUND = 75
const ABOVE = 42

/** Of whoever walks and notes, ms. */
const CALM = 1_500

const FIRST_NAMES = FIRST.map((value) => ({ value, name: `${value} first` }))
const THROUGH_NAMES = THROUGH.map((value) => ({ value, name: `inside ${value}` }))

const NOTHING: WalkNote[] = []
const isKnown = ({ reading }: Seen): boolean => reading !== undefined
const knownAt = ({ things }: Station): number => things.filter(isKnown).length

/** The walk as it is taken: the unit with its stations, the one where one stands, and what is to be noted there. */
export function WalkBoard({
  trailer: kept,
  waits,
  at: home,
  showing,
}: {
  trailer: Trailer
  /** What open households wait for. */
  waits: Pick<ToMeasure, 'key' | 'households'>[]
  /** Where the unit’s own page is. */
  at: string
  /** With a household open: what to show them, by station, what was done with them here before, and who may try it on. */
  showing?: { household: string; shown: Record<string, Shown[]>; taken: WalkNote[]; people: Trying[] }
}) {
  const { noted: mine } = useNotes()
  const trailer = useMemo(() => withNotes(kept, mine, 'you'), [kept, mine])
  const system = useMeasures()
  const where = useWhere()
  const { first, through, from, setFrom, at, setAt, minutes } = where
  useArrivals({ where: `${first} ${through} ${from} ${at} ${minutes}`, calm: CALM })
  const { stations, legs } = useMemo(() => {
    const school = { first, inside: through, ...(from && { from }) }
    return routeOf(asked(stationsOf(trailer), waits), trailer.plan, school)
  }, [trailer, waits, first, through, from])
  const now = Math.max(
    0,
    stations.findIndex(({ id }) => id === at),
  )
  const station = stations[now]!
  const go = (to: number) => setAt(stations[to]!.id)
  const [chosen, setChosen] = useState<{ at: string; what?: Demonstration }>()
  // It ends when one goes on.
  const running = chosen?.at === station.id ? chosen.what : undefined
  const held = trailer.plan.fixtures.filter(({ id }) => running?.with.includes(id)).map(({ shape }) => shape)
  const here = useMemo(() => {
    const stationOf = (path: string) =>
      stations.find(({ things }) => things.some(({ key }) => key.startsWith(`${path}.`)))?.id
    return demonstrations(trailer).filter((one) => demonstratedAt(one, trailer, stationOf) === station.id)
  }, [trailer, stations, station.id])
  const frame = frameFor([trailer.plan])
  const scale = WIDE / (frame.before + frame.after + 2 * ROUND)
  const waitedAt = (one: Station) => toTake(one, waits).waited.length
  const all = stations.reduce((sum, { things }) => sum + things.length, 0)
  const noted = stations.reduce((sum, one) => sum + knownAt(one), 0)
  const done = useDone(trailer.stock, showing?.household, showing?.taken ?? NOTHING)
  const points = Object.values(showing?.shown ?? {}).flat()
  return (
    <>
      <PageHead
        title={`Walk round ${trailerName(trailer)}`}
        line={
          <>
            <StockTag stock={trailer.stock} /> {noted} of {all} noted
            {showing && `, ${points.filter(({ key }) => done.shown.has(key)).length} of ${points.length} shown`}
          </>
        }
      >
        <School where={where} withMinutes={!!showing} />
        <Button asChild variant="outline" size="sm">
          <NextLink href={home}>Unit</NextLink>
        </Button>
      </PageHead>
      <Box style={{ padding: `${ABOVE * scale}px ${ROUND * scale}px` }} maxW="100%" w="fit-content" mx="auto">
        <PlanStrip
          plan={trailer.plan}
          time={running?.shows.time ?? 'parked'}
          made={running?.shows.made}
          frame={frame}
          scale={scale}
          system={system}
          text={planText(trailer, running?.shows.time ?? 'parked', system)}
          over={
            <>
              {running?.shows.time === 'night' && <HeldLayer shapes={held} scale={scale} />}
              <StationLayer stations={stations} leg={legs[now - 1]} current={station.id} scale={scale} />
            </>
          }
        />
      </Box>
      <Stations stations={stations} now={now} waitedAt={waitedAt} onGo={go} />
      <StationHead stations={stations} now={now} onGo={go} onBegin={() => setFrom(station.id)} />
      {showing && (
        <Showing
          key={`show ${station.id}`}
          trailer={trailer}
          station={station}
          stations={stations}
          last={now === stations.length - 1}
          {...showing}
          done={done}
          minutes={minutes}
          onGo={setAt}
        />
      )}
      {showing && (
        <Demonstrate
          all={here}
          running={running?.id}
          onRun={(what) => setChosen({ at: station.id, ...(what && { what }) })}
        />
      )}
      <Noting key={`note ${station.id}`} stock={trailer.stock} station={station} waits={waits} />
    </>
  )
}

/** In which order they are gone to, and how much time there is. */
function School({
  where: { first, setFirst, through, setThrough, minutes, setMinutes },
  withMinutes,
}: {
  where: ReturnType<typeof useWhere>
  withMinutes: boolean
}) {
  return (
    <>
      <Segments label="What comes first" value={first} onChange={setFirst} options={FIRST_NAMES} />
      <Segments label="Inside" value={through} onChange={setThrough} options={THROUGH_NAMES} />
      {withMinutes && (
        <Segments
          label="Minutes they have"
          value={minutes}
          onChange={setMinutes}
          options={MINUTES.map((value) => ({ value, name: value === 'all' ? 'all the time' : `${value} min` }))}
        />
      )}
    </>
  )
}

function Stations({
  stations,
  now,
  waitedAt,
  onGo,
}: {
  stations: readonly Station[]
  now: number
  /** So many things there are waited for. */
  waitedAt(station: Station): number
  onGo(to: number): void
}) {
  return (
    <Flex as="nav" aria-label="Stations" gap="2" flexWrap="wrap" mb="3">
      {stations.map((one, i) => (
        <Button
          key={one.id}
          minH="48px"
          px="3"
          variant={i === now ? 'solid' : 'outline'}
          aria-current={i === now ? 'step' : undefined}
          onClick={() => onGo(i)}
        >
          {i + 1} {one.name}
          <Text as="span" className="figure" fontWeight="400" ml="1">
            {knownAt(one)}/{one.things.length}
            {waitedAt(one) > 0 && `, ${waitedAt(one)} waited for`}
          </Text>
        </Button>
      ))}
    </Flex>
  )
}

/** Where one stands, and the way on. */
function StationHead({
  stations,
  now,
  onGo,
  onBegin,
}: {
  stations: readonly Station[]
  now: number
  onGo(to: number): void
  onBegin(): void
}) {
  const station = stations[now]!
  return (
    <Flex align="center" gap="3" mb="1">
      <Text as="h2" fontSize="22px" fontWeight="700" flex="1">
        {now + 1} {station.name}
      </Text>
      {now > 0 && station.id !== 'papers' && (
        <Button minH="48px" variant="ghost" onClick={onBegin}>
          Begin the round here
        </Button>
      )}
      <Button minH="48px" variant="outline" disabled={now === 0} onClick={() => onGo(now - 1)}>
        Back
      </Button>
      <Button minH="48px" disabled={now === stations.length - 1} onClick={() => onGo(now + 1)}>
        Next: {stations[now + 1]?.name ?? 'done'}
      </Button>
    </Flex>
  )
}
