'use client'

import { Box, Button, Flex, Heading, HStack, Text } from '@chakra-ui/react'
import { Printer } from 'lucide-react'
import NextLink from 'next/link'
import { useState } from 'react'
import { parseAsBoolean, parseAsStringLiteral, useQueryState } from 'nuqs'
import { listed } from '@hitchet/core/quantity/phrase'
import { TIMES, type TimeOfDay } from '@hitchet/core/plan/times'
import { CAUTIONS } from '@hitchet/core/questions/cautions'
import type { QuestionId } from '@hitchet/core/questions/index'
import { trailerName } from '@hitchet/core/trailer/trailer'
import { heightFor, type Frame } from '../../drawing/frame'
import { planText } from '@hitchet/core/yard/planText'
import { PlanStrip } from '../../drawing/PlanStrip'
import { Ruler } from '../../drawing/Ruler'
import { Figure, Said, useMeasures } from '../../look/measures'
import { Caution } from '../Caution'
import { PageHead } from '../PageHead'
import { Segments } from '../Segments'
import { TimeSegments } from '../TimeSegments'
import { Shortcuts } from '../shell/Shortcuts'
import { useKeys } from '../shell/useKeys'
import { StockTag } from '../StockTag'
import { WhyOver } from '../match/WhyOver'
import { AnswerLine } from '../Verdict'
import type { ComparedUnit, Comparison } from './compared'
import { Matrix } from './Matrix'

/** What the strips may take of a desk's screen, pixels: the longest in width, all together in height. */
const STRIP_WIDTH = 620
const STRIPS_HEIGHT = 590
/** Pixels per inch: below, labels are not read; above, nothing is gained. */
const SCALE = { least: 1.15, most: 2 }

/** So many answers stand beside a strip. */
const BESIDE = 6

const COUNT_WORDS = ['None', 'One', 'Two', 'Three', 'Four']

/** Strips under each other on one ruler, in one of three times of day; answers beside, differences below. */
export function Board({
  comparison,
  frame,
  who,
  chooseAt,
  takeHomeAt,
  unitsAt,
}: {
  comparison: Comparison
  frame: Frame
  /** Whom it is for, on the printed sheet. */
  who: string
  chooseAt: string
  takeHomeAt: string
  unitsAt: string
}) {
  const { units } = comparison
  const shown = useShown(units)
  const { time, guests, show, setShow, words } = shown
  const system = useMeasures()
  // What tells them apart most stands beside the strips; all of it in the rows below.
  const apart = comparison.differences
    .filter(({ differs }) => differs)
    .slice(0, BESIDE)
    .map(({ question }) => question)
  const told = new Set(apart.length ? apart : comparison.differences.map(({ question }) => question))
  const heights = units
    .map(({ trailer }) => heightFor(trailer.plan))
    .reduce((sum, { top, bottom }) => sum + bottom - top, 0)
  const scale = Math.min(
    SCALE.most,
    STRIP_WIDTH / (frame.before + frame.after),
    Math.max(SCALE.least, STRIPS_HEIGHT / heights),
  )
  return (
    <Box className={units.length > 3 ? 'wide-sheet of-four' : 'wide-sheet'}>
      <BoardHead shown={shown} title={`${COUNT_WORDS[units.length]} on one ruler`} {...{ who, chooseAt, takeHomeAt }} />
      <Box className="sheet-columns">
        <Box
          className="ruler"
          position="sticky"
          top="62px"
          zIndex="5"
          bg="paper"
          borderBottomWidth="1px"
          borderColor="hair"
          pt="1"
        >
          <Ruler frame={frame} scale={scale} system={system} />
        </Box>
        <Box className="strips">
          {units.map((unit) => (
            <Unit
              key={unit.trailer.stock}
              unit={unit}
              lines={show === 'differences' ? told : undefined}
              unitsAt={unitsAt}
              time={time}
              withGuests={guests}
              frame={frame}
              scale={scale}
            />
          ))}
        </Box>
        <Flex className="cautions" direction="column" gap="1.5" py="3" borderTopWidth="1px" borderColor="hair">
          {comparison.cautions.map((caution) => (
            <Caution key={caution}>{CAUTIONS[caution]}</Caution>
          ))}
        </Flex>
        <Matrix
          comparison={comparison}
          onlyDifferences={show === 'differences'}
          allWords={words}
          onEverything={() => void setShow('everything')}
        />
      </Box>
      {comparison.why.length > 0 && (
        <details className="no-print" style={{ paddingTop: '12px' }}>
          <summary style={{ cursor: 'pointer', fontWeight: 600, minHeight: '24px' }}>Why one before the other</summary>
          {comparison.why.map(({ stock, over, parts }) => (
            <HStack key={`${stock} ${over}`} gap="2" align="baseline">
              <StockTag stock={stock} />
              <WhyOver over={over} parts={parts} />
            </HStack>
          ))}
        </details>
      )}
    </Box>
  )
}

/** What of them is shown, as the address says: the time of day, with guests or without, all of it or what differs. */
function useShown(units: readonly ComparedUnit[]) {
  const [time, setTime] = useQueryState('time', parseAsStringLiteral(TIMES).withDefault('parked'))
  const [guests, setGuests] = useQueryState('guests', parseAsBoolean.withDefault(false))
  const [show, setShow] = useQueryState(
    'show',
    parseAsStringLiteral(['differences', 'everything'] as const).withDefault('differences'),
  )
  const [words, setWords] = useState(false)
  const guestsCome = units.some(({ guestNight }) => guestNight)
  useKeys({
    p: () => void setTime('parked'),
    n: () => void setTime('night'),
    r: () => void setTime('road'),
    d: () => void setShow(show === 'differences' ? 'everything' : 'differences'),
    w: () => setWords((last) => !last),
    ...(guestsCome && { g: () => void setGuests(!guests) }),
  })
  return { time, setTime, guests, setGuests, guestsCome, show, setShow, words }
}

function BoardHead({
  title,
  who,
  shown: { time, setTime, guests, setGuests, guestsCome, show, setShow },
  chooseAt,
  takeHomeAt,
}: {
  title: string
  who: string
  shown: ReturnType<typeof useShown>
  chooseAt: string
  takeHomeAt: string
}) {
  return (
    <PageHead title={title} line={<span className="print-only">for {who}</span>}>
      <TimeSegments time={time} onChange={(value) => void setTime(value)} />
      {guestsCome && time === 'night' && (
        <Segments
          label="Which night"
          value={guests ? 'guests' : 'every'}
          onChange={(value) => void setGuests(value === 'guests')}
          options={[
            { value: 'every', name: 'Every night' },
            { value: 'guests', name: 'With guests', key: 'G' },
          ]}
        />
      )}
      <Segments
        label="What is listed below"
        value={show}
        onChange={(value) => void setShow(value)}
        options={[
          { value: 'differences', name: 'Differences' },
          { value: 'everything', name: 'Everything', key: 'D' },
        ]}
      />
      <Button variant="outline" size="sm" onClick={() => window.print()}>
        <Printer size={15} aria-hidden /> Print
      </Button>
      <Button asChild variant="ghost" size="sm" className="no-print">
        <NextLink href={chooseAt}>Choose others</NextLink>
      </Button>
      <Button asChild variant="outline" size="sm" className="no-print">
        <NextLink href={takeHomeAt} prefetch={false}>
          Take home
        </NextLink>
      </Button>
      <Shortcuts
        keys={{
          P: 'Parked',
          N: 'Night',
          R: 'On the road',
          D: 'Differences or everything',
          W: 'All words, or none',
          ...(guestsCome && { G: 'Night with guests' }),
        }}
      />
    </PageHead>
  )
}

/** `lines`: only these questions; all without. */
function Unit({
  unit,
  lines,
  unitsAt,
  time,
  withGuests,
  frame,
  scale,
}: {
  unit: ComparedUnit
  lines?: ReadonlySet<QuestionId>
  unitsAt: string
  time: TimeOfDay
  withGuests: boolean
  frame: Frame
  scale: number
}) {
  const { trailer, price, asked, says } = unit
  const system = useMeasures()
  const night = (withGuests && unit.guestNight) || unit.everyNight
  return (
    <Box
      as="section"
      aria-label={`${trailer.stock} ${trailerName(trailer)}`}
      borderBottomWidth="1px"
      borderColor="hair"
      py="1.5"
    >
      <Flex
        columnGap="8"
        rowGap="2"
        align="center"
        flexWrap={{ base: 'wrap', lg: 'nowrap' }}
        css={{ '@media print': { flexWrap: 'wrap' } }}
      >
        <Box flex="none" w={`${(frame.before + frame.after) * scale}px`} maxW="100%">
          <PlanStrip
            plan={trailer.plan}
            time={time}
            frame={frame}
            scale={scale}
            made={night.made}
            sleepers={night.sleepers}
            detail="labels"
            system={system}
            text={planText(trailer, time, system, night.sleepers)}
          />
          {time === 'night' && night.unplaced.length > 0 && (
            <Text fontSize="13.5px" color="no" fontWeight="600">
              No berth for {listed(night.unplaced.map(({ name }) => name))}
            </Text>
          )}
        </Box>
        <Box flex="1" minW={{ base: '280px', md: '400px' }}>
          <HStack gap="3" align="baseline" mb="1">
            <StockTag stock={trailer.stock} />
            <Heading as="h2" size="sm">
              <NextLink href={`${unitsAt}/${trailer.stock}`} prefetch={false}>
                {trailerName(trailer)}
              </NextLink>
            </Heading>
            <Text fontSize="14px" color="line">
              {trailer.layout}
            </Text>
            <Text className="figure" fontWeight="600">
              {price === undefined ? 'no price yet' : <Figure value={price} unit="$" />}
            </Text>
          </HStack>
          <Box className="no-print">
            {asked
              .filter(({ id }) => !lines || lines.has(id))
              .map(({ id, short, answer }) => (
                <AnswerLine key={id} short={short} answer={answer} />
              ))}
          </Box>
          <Text borderLeftWidth="3px" borderColor="ink" pl="3" mt="1.5" fontSize="14.5px" maxW="520px">
            <Said phrase={says} />
          </Text>
        </Box>
      </Flex>
    </Box>
  )
}
