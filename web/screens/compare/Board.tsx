'use client'

import { Box, Button, Flex, Heading, HStack, Text } from '@chakra-ui/react'
import NextLink from 'next/link'
import { parseAsBoolean, parseAsStringLiteral, useQueryState } from 'nuqs'
import { listed } from '@hitchet/core/quantity/phrase'
import { TIMES, type TimeOfDay } from '@hitchet/core/plan/times'
import { CAUTIONS } from '@hitchet/core/questions/cautions'
import type { QuestionId } from '@hitchet/core/questions/index'
import { trailerFigure, trailerName } from '@hitchet/core/trailer/trailer'
import { heightFor, type Frame } from '../../drawing/frame'
import { planText } from '../../drawing/planText'
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
import { AnswerLine } from '../Verdict'
import type { ComparedUnit, Comparison } from './compared'
import { DifferenceTables } from './DifferenceTables'

/** What the strips may take of a desk's screen, pixels: the longest in width, all together in height. */
const STRIP_WIDTH = 620
const STRIPS_HEIGHT = 590
/** Pixels per inch: below, labels are not read; above, nothing is gained. */
const SCALE = { least: 1.15, most: 2 }

const COUNT_WORDS = ['None', 'One', 'Two', 'Three', 'Four']

/** Strips under each other on one ruler, in one of three times of day; answers beside, differences below. */
export function Board({
  comparison,
  frame,
  chooseAt,
  takeHomeAt,
  unitsAt,
}: {
  comparison: Comparison
  frame: Frame
  chooseAt: string
  takeHomeAt: string
  unitsAt: string
}) {
  const { units } = comparison
  const [time, setTime] = useQueryState('time', parseAsStringLiteral(TIMES).withDefault('parked'))
  const [guests, setGuests] = useQueryState('guests', parseAsBoolean.withDefault(false))
  const [show, setShow] = useQueryState(
    'show',
    parseAsStringLiteral(['differences', 'everything'] as const).withDefault('differences'),
  )
  const system = useMeasures()
  const guestsCome = units.some(({ guestNight }) => guestNight)
  useKeys({
    p: () => void setTime('parked'),
    n: () => void setTime('night'),
    r: () => void setTime('road'),
    d: () => void setShow(show === 'differences' ? 'everything' : 'differences'),
    ...(guestsCome && { g: () => void setGuests(!guests) }),
  })
  // What tells them apart stands beside the strips; what all answer alike is a key away.
  const apart = comparison.differences.filter(({ differs }) => differs).map(({ question }) => question)
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
    <>
      <PageHead title={`${COUNT_WORDS[units.length]} on one ruler`}>
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
        <Button asChild variant="ghost" size="sm">
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
            ...(guestsCome && { G: 'Night with guests' }),
          }}
        />
      </PageHead>
      <Box position="sticky" top="62px" zIndex="5" bg="paper" borderBottomWidth="1px" borderColor="hair" pt="1">
        <Ruler frame={frame} scale={scale} system={system} />
      </Box>
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
      <Flex direction="column" gap="1.5" py="3" borderTopWidth="1px" borderColor="hair">
        {comparison.cautions.map((caution) => (
          <Caution key={caution}>{CAUTIONS[caution]}</Caution>
        ))}
      </Flex>
      <DifferenceTables comparison={comparison} onlyDifferences={show === 'differences'} />
    </>
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
  const { trailer, asked, says } = unit
  const system = useMeasures()
  const night = (withGuests && unit.guestNight) || unit.everyNight
  const price = trailerFigure(trailer, 'askingPrice')
  return (
    <Box
      as="section"
      aria-label={`${trailer.stock} ${trailerName(trailer)}`}
      borderBottomWidth="1px"
      borderColor="hair"
      py="1.5"
    >
      <Flex gap="8" align="center" flexWrap={{ base: 'wrap', lg: 'nowrap' }}>
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
        <Box flex="1" minW={{ base: '300px', md: '400px' }}>
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
          {asked
            .filter(({ id }) => !lines || lines.has(id))
            .map(({ id, short, answer }) => (
              <AnswerLine key={id} short={short} answer={answer} />
            ))}
          <Text borderLeftWidth="3px" borderColor="ink" pl="3" mt="1.5" fontSize="14.5px" maxW="520px">
            <Said phrase={says} />
          </Text>
        </Box>
      </Flex>
    </Box>
  )
}
