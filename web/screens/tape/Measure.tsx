'use client'

import { Box, Grid, Text } from '@chakra-ui/react'
import { useEffect, useMemo, useState } from 'react'
import type { ToMeasure } from '@hitchet/core/match/asking/tapeList'
import { measuredApart } from '@hitchet/core/plan/findings/measuredApart'
import { agrees, listed } from '@hitchet/core/quantity/phrase'
import { best } from '@hitchet/core/readings/reading'
import { thingAt } from '@hitchet/core/trailer/things'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { frameFor } from '../../drawing/frame'
import { planText } from '@hitchet/core/yard/planText'
import { PlanStrip } from '../../drawing/PlanStrip'
import { Said, useMeasures } from '../../look/measures'
import { TakeReading } from '../unit/TakeReading'
import { NoteThing } from './NoteThing'
import { LaserPanel } from './laser/LaserPanel'
import type { PlayedMeter } from './laser/playedMeter'
import { useNotes } from '../../offline/Notes'
import { useArrivals } from '../../offline/useArrivals'
import { useMeter } from './laser/useMeter'

/** Pixels the plan may take beside the list. */
const WIDE = 560

/** What to measure next, most waited for first: two taps and a number. */
export function Measure({ trailer, list: asked, meter }: { trailer: Trailer; list: ToMeasure[]; meter: PlayedMeter }) {
  const { waiting } = useNotes()
  const list = useMemo(() => {
    const here = waiting.filter(({ stock }) => stock === trailer.stock)
    const noted = new Set(
      here.map(({ what }) => (what.kind === 'reading' ? what.key : what.kind === 'thing' && what.thing)),
    )
    return asked.filter(({ key, unnoted }) => !noted.has(key) && !(unnoted && noted.has(unnoted)))
  }, [asked, waiting, trailer.stock])
  useArrivals()
  const system = useMeasures()
  const { ask } = useMeter()
  const [open, setOpen] = useState<string>()
  const [sent, setSent] = useState<string>()
  const [last, setLast] = useState<string>()
  const current = list.find(({ key }) => key === open)
  useEffect(() => {
    if (current?.spec) ask({ label: current.name, take: setSent })
  }, [current, ask])
  const frame = frameFor([trailer.plan])
  const apart = useMemo(() => measuredApart(trailer.plan), [trailer.plan])
  const waited = list.filter(({ households }) => households.length)
  return (
    <Grid templateColumns={{ base: '1fr', lg: 'minmax(0, 1fr) 580px' }} gap="6" alignItems="start">
      <Box>
        <Text fontSize="14px" mb="1">
          {waited.length === 0
            ? 'No open household waits for anything on this unit.'
            : `${waited.length} ${agrees(waited, 'thing', 'things')} could change an open household’s answer; ` +
              `${agrees(waited, 'it comes', 'they come')} first.`}
        </Text>
        <Text role="status" fontSize="14px" color="fits" fontWeight="600" minH="21px">
          {last && `Written down: ${last}.`}
        </Text>
        {apart.length > 0 && (
          <Box as="section" aria-label="Drawn otherwise than measured" fontSize="14px" mb="2">
            <Text fontWeight="600">
              Drawn otherwise than measured; the measured figure counts. Put it right under Draw.
            </Text>
            {apart.map(({ id, reading, says }) => (
              <Text key={`${id} ${reading}`} color="tight">
                <Said phrase={says} />
              </Text>
            ))}
          </Box>
        )}
        <Box as="ol" listStyleType="none">
          {list.map((one) => (
            <ToTake
              key={one.key}
              one={one}
              trailer={trailer}
              isOpen={open === one.key}
              filled={sent}
              onToggle={() => (setSent(undefined), setOpen(open === one.key ? undefined : one.key))}
              onTaken={() => (setLast(one.name), setOpen(undefined), setSent(undefined))}
            />
          ))}
        </Box>
      </Box>
      <Box position={{ lg: 'sticky' }} top="70px" order={{ base: -1, lg: 0 }}>
        <PlanStrip
          plan={trailer.plan}
          time="parked"
          frame={frame}
          scale={WIDE / (frame.before + frame.after)}
          text={planText(trailer, 'parked', system)}
          system={system}
          pick={{ chosen: current?.id, onPick: (id) => setOpen(list.find((one) => one.id === id)?.key) }}
        />
        <Box mt="3">
          <LaserPanel meter={meter} />
        </Box>
      </Box>
    </Grid>
  )
}

/** One thing to measure: why, how, and where its figure is typed. */
function ToTake({
  one: { key, name, spec, unnoted, doubt, households },
  trailer,
  isOpen,
  filled,
  onToggle,
  onTaken,
}: {
  one: ToMeasure
  trailer: Trailer
  isOpen: boolean
  /** What the meter sent. */
  filled?: string
  onToggle(): void
  onTaken(): void
}) {
  return (
    <Box as="li" borderTopWidth="1px" borderColor="hair">
      <button
        type="button"
        aria-expanded={isOpen}
        onClick={onToggle}
        style={{
          display: 'block',
          width: '100%',
          minHeight: '52px',
          textAlign: 'left',
          cursor: 'pointer',
          padding: '6px 4px',
        }}
      >
        <Text as="span" fontWeight="600" fontSize="16px">
          {name}
        </Text>
        {households.length > 0 && (
          <Text as="span" ml="3" fontSize="13.5px" color="measure" fontWeight="600" title={listed(households)}>
            Waited for by {households.length > 2 ? `${households.length} households` : listed(households)}
          </Text>
        )}
        {doubt && (
          <Text as="span" display="block" fontSize="14px" color="measure" fontWeight="600">
            <Said phrase={doubt} />
          </Text>
        )}
        {spec?.how && (
          <Text as="span" display="block" fontSize="14px" color="line">
            {spec.how}
          </Text>
        )}
      </button>
      {isOpen && spec && (
        <TakeReading
          stock={trailer.stock}
          path={key}
          spec={spec}
          doubted={doubt && readingAt(trailer, key)}
          filled={filled}
          about={name}
          stood={readingAt(trailer, key)}
          onTaken={onTaken}
        />
      )}
      {isOpen && unnoted && <NoteThing stock={trailer.stock} kind={unnoted} about={name} onNoted={onTaken} />}
      {isOpen && !spec && !unnoted && <Text pb="2">Draw it: the shelf is under Draw, above.</Text>}
    </Box>
  )
}

const readingAt = (trailer: Trailer, key: string) => {
  const at = thingAt(trailer, key)
  return at && best(at.thing.readings?.[at.reading])
}
