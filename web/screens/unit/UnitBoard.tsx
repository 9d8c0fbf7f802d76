'use client'

import { hatchesOpen } from '@hitchet/core/trailer/hatches'
import { Box, Button, Flex, Grid, HStack, Text } from '@chakra-ui/react'
import { Footprints, KeyRound, Mail, Printer, Ruler as RulerIcon } from 'lucide-react'
import dynamic from 'next/dynamic'
import NextLink from 'next/link'
import { parseAsArrayOf, parseAsString, parseAsStringLiteral, useQueryState } from 'nuqs'
import { useMemo, useState } from 'react'
import { TIMES } from '@hitchet/core/plan/times'
import { cardFigures } from '@hitchet/core/match/unitCard'
import { trailerFigure, trailerName, type Trailer } from '@hitchet/core/trailer/trailer'
import { planWorker } from '../../analysis/planWorker'
import { useLatest } from '../../analysis/useLatest'
import { Dimensions } from '../../drawing/Dimensions'
import { heightFor, type Frame } from '../../drawing/frame'
import { planText } from '@hitchet/core/yard/planText'
import { PlanStrip } from '../../drawing/PlanStrip'
import { Ruler } from '../../drawing/Ruler'
import { useHouseRules } from '../../look/houseRules'
import { Figure, useMeasures } from '../../look/measures'
import { PageHead } from '../PageHead'
import { Segments } from '../Segments'
import { TimeSegments } from '../TimeSegments'
import { Shortcuts } from '../shell/Shortcuts'
import { useKeys } from '../shell/useKeys'
import { StockTag } from '../StockTag'
import { AnswerLine } from '../Verdict'
import { LayerNotes } from './LayerNotes'
import { LAYER_NAMES, LAYERS, type Layer } from './layers'
import { ReadingsPanel } from './ReadingsPanel'
import { RestsPanel } from './RestsPanel'
import type { SeenBy } from './seenBy'
import { useSomebody } from './Somebody'
import { dayFrames } from './dayFrames'
import { MadeUp } from './MadeUp'
import { PlayDay } from './PlayDay'
import { TakeOut } from './TakeOut'
import { ToFindOut } from './ToFindOut'
import { UnitCard } from './UnitCard'

// What one asks for by a key comes when it is asked for; the plan stays there meanwhile.
const LayerOver = dynamic(() => import('./LayerOver').then((it) => it.LayerOver), { loading: () => null })
const ReadingsTable = dynamic(() => import('./ReadingsTable').then((it) => it.ReadingsTable), { ssr: false })

/** What the plan may take of a desk's screen, pixels. */
const PLAN_WIDTH = 1220
const PLAN_HEIGHT = 430
const MOST = 4
/** Their marks lie where names would. */
const MARKED: readonly Layer[] = ['exits', 'weights', 'sight']

interface UnitBoardProps {
  trailer: Trailer
  /** Its own address. */
  at: string
  frame: Frame
  seenBy?: SeenBy
}

export function UnitBoard({ trailer, at, frame, seenBy }: UnitBoardProps) {
  const { plan } = trailer
  const system = useMeasures()
  const { ways } = useHouseRules()
  const [time, setTime] = useQueryState('time', parseAsStringLiteral(TIMES).withDefault('parked'))
  const [layer, setLayer] = useQueryState('layer', parseAsStringLiteral(LAYERS).withDefault('plain'))
  const [view, setView] = useQueryState('view', parseAsStringLiteral(['plan', 'readings'] as const).withDefault('plan'))
  const [chosen, setChosen] = useQueryState('thing', parseAsString)
  const [madeAsked, setMade] = useQueryState('made', parseAsArrayOf(parseAsString))
  const made = useMemo(
    () => (madeAsked ?? seenBy?.everyNight.made ?? []).filter((id) => plan.conversions.some((one) => one.id === id)),
    [madeAsked, seenBy, plan],
  )
  const question = useMemo(() => ({ time, made: time === 'night' ? made : [] }), [time, made])
  const { answer, of, failed } = useLatest(question, ({ time: when, made: beds }) =>
    planWorker().analyse(plan, when, beds, ways, hatchesOpen(trailer) ?? false),
  )
  const analysis = of?.time === time ? answer : undefined
  useKeys({
    p: () => void setTime('parked'),
    n: () => void setTime('night'),
    r: () => void setTime('road'),
    '0': () => void setView(view === 'plan' ? 'readings' : 'plan'),
    ...Object.fromEntries(LAYERS.map((one) => [LAYER_NAMES[one].key, () => void setLayer(one)])),
  })
  const { top, bottom } = heightFor(plan)
  const scale = Math.min(MOST, PLAN_WIDTH / (frame.before + frame.after), PLAN_HEIGHT / (bottom - top))
  const frames = useMemo(() => (seenBy ? dayFrames(plan, seenBy.everyNight) : []), [plan, seenBy])
  const [moment, setMoment] = useState<number>()
  const playing = moment === undefined ? undefined : frames[moment]
  const sleepers = time === 'night' && madeAsked === null ? seenBy?.everyNight.sleepers : undefined
  const price = trailerFigure(trailer, 'askingPrice')
  const somebody = useSomebody(plan, time, question.made, scale, seenBy?.tallest)
  const reached = analysis?.ways.find(({ id }) => id === chosen)
  return (
    <>
      <PageHead
        title={trailerName(trailer)}
        line={
          <HStack as="span" gap="3">
            <StockTag stock={trailer.stock} />
            <span>
              {trailer.layout}, {trailer.year} {trailer.condition}
            </span>
            <b className="figure">{price === undefined ? 'no price yet' : <Figure value={price} unit="$" />}</b>
          </HStack>
        }
      >
        <TimeSegments time={time} onChange={(value) => void setTime(value)} />
        <TakeOut stock={trailer.stock} />
        <Button variant="outline" size="sm" onClick={() => window.print()}>
          <Printer size={15} aria-hidden /> Print
        </Button>
        <Button asChild variant="outline" size="sm" className="no-print">
          <NextLink href={`${at}/walk`}>
            <Footprints size={15} aria-hidden /> Walk
          </NextLink>
        </Button>
        {seenBy && (
          <Button asChild variant="outline" size="sm" className="no-print">
            <NextLink href={`/households/${seenBy.id}/after?units=${trailer.stock}`} prefetch={false}>
              <Mail size={15} aria-hidden /> Take home
            </NextLink>
          </Button>
        )}
        {seenBy && (
          <Button asChild variant="outline" size="sm" className="no-print">
            <NextLink href={`${at}/hand-over`}>
              <KeyRound size={15} aria-hidden /> Hand over
            </NextLink>
          </Button>
        )}
        <Button asChild size="sm" className="no-print">
          <NextLink href={`${at}/tape`}>
            <RulerIcon size={15} aria-hidden /> Tape
          </NextLink>
        </Button>
        <Shortcuts
          keys={{
            P: 'Parked',
            N: 'Night',
            R: 'On the road',
            0: 'Plan, or all readings',
            ...Object.fromEntries(LAYERS.map((one) => [LAYER_NAMES[one].key, LAYER_NAMES[one].name])),
          }}
        />
      </PageHead>
      <UnitCard figures={cardFigures(trailer)} sleeps={sleepsText(trailer, seenBy)}>
        <Segments
          label="What is shown"
          value={view}
          onChange={(value) => void setView(value)}
          options={[
            { value: 'plan', name: 'Plan' },
            { value: 'readings', name: 'Readings', key: '0' },
          ]}
        />
      </UnitCard>
      {view === 'readings' ? (
        <ReadingsTable trailer={trailer} />
      ) : (
        <>
          <Flex gap="3" align="center" flexWrap="wrap" pb="2" className="no-print">
            <Segments
              label="Layer"
              value={layer}
              onChange={(value) => void setLayer(value)}
              options={LAYERS.map((value) => ({ value, name: LAYER_NAMES[value].name, key: LAYER_NAMES[value].key }))}
            />
            {somebody.panel}
            {frames.length > 0 && <PlayDay frames={frames} at={moment} onAt={setMoment} />}
          </Flex>
          {time === 'night' && plan.conversions.length > 0 && (
            <MadeUp conversions={plan.conversions} made={made} onMade={(beds) => void setMade(beds)} />
          )}
          <Box maxW="100%" borderTopWidth="1px" borderColor="hair" pt="1">
            <Ruler frame={frame} scale={scale} system={system} />
            <PlanStrip
              plan={plan}
              time={playing?.time ?? time}
              frame={frame}
              scale={scale}
              made={playing?.made ?? made}
              sleepers={playing?.sleepers ?? sleepers}
              detail={MARKED.includes(layer) ? 'fixtures' : 'names'}
              system={system}
              text={planText(trailer, playing?.time ?? time, system, playing?.sleepers ?? sleepers)}
              pick={{ chosen: chosen ?? undefined, onPick: (id) => void setChosen(id === chosen ? null : id) }}
              inHand={somebody.layer}
              over={
                <>
                  <Dimensions plan={plan} scale={scale} system={system} slidesIn={(playing?.time ?? time) === 'road'} />
                  {layer !== 'plain' && analysis && !playing && (
                    <LayerOver
                      layer={layer}
                      analysis={analysis}
                      trailer={trailer}
                      made={made}
                      scale={scale}
                      chosen={chosen}
                      walker={seenBy?.walker}
                      holds={seenBy?.holds}
                    />
                  )}
                </>
              }
            />
          </Box>
          <Grid
            templateColumns={{
              base: 'minmax(0, 1fr)',
              lg: seenBy ? 'minmax(0, 1fr) minmax(0, 1.1fr) 464px' : 'minmax(0, 1fr) minmax(0, 1.1fr)',
            }}
            gap="8"
            pt="3"
            alignItems="start"
          >
            <LayerNotes
              layer={layer}
              analysis={analysis}
              failed={failed}
              trailer={trailer}
              reached={reached}
              stowed={seenBy?.stowed}
              onPick={(id) => void setChosen(id)}
            />
            <Box>
              {seenBy && !chosen && (
                <ToFindOut waiting={seenBy.toFindOut} household={seenBy.id} onPick={(id) => void setChosen(id)} />
              )}
              <ReadingsPanel
                trailer={trailer}
                apart={answer?.apart ?? []}
                chosen={chosen ?? undefined}
                tallest={seenBy?.tallest}
                onPick={(id) => void setChosen(id)}
                short={seenBy !== undefined && !chosen}
              />
            </Box>
            {seenBy && (
              <Box>
                <Text as="h2" fontWeight="700" mb="1">
                  For this household
                </Text>
                {seenBy.asked.map(({ id, short, answer: given }) => (
                  <AnswerLine key={id} short={short} answer={given} />
                ))}
                <RestsPanel stock={trailer.stock} household={seenBy.id} />
              </Box>
            )}
          </Grid>
        </>
      )}
    </>
  )
}

/** Of theirs who has a berth; with nobody open what the sheet says. */
function sleepsText(trailer: Trailer, seenBy: SeenBy | undefined): string {
  const sheet = trailerFigure(trailer, 'advertisedSleeps')
  if (!seenBy) return sheet === undefined ? 'Measure' : `${sheet} by the sheet`
  if (seenBy.asked.find(({ id }) => id === 'sleep')?.answer.verdict === 'measure') return 'Measure'
  const { sleepers, unplaced } = seenBy.everyNight
  const placed = sleepers.reduce((sum, { people }) => sum + people.length, 0)
  return `${placed} of ${placed + unplaced.length} in beds`
}
