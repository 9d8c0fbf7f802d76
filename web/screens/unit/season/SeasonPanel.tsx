'use client'

import { Box, Text } from '@chakra-ui/react'
import type { Weather } from '@hitchet/core/camping/weather'
import { formatQuantity } from '@hitchet/core/quantity/format'
import { phraseText, type Phrase } from '@hitchet/core/quantity/phrase'
import { quantity } from '@hitchet/core/quantity/quantity'
import { CAUTIONS, type CautionId } from '@hitchet/core/questions/cautions'
import { Thermometer, type Mark } from '../../../drawing/Thermometer'
import { useMeasures } from '../../../look/measures'
import { Caution } from '../../Caution'
import { SideScroll } from '../../SideScroll'

/** The limits as they come over the wire: what is infinite says so by itself. */
export interface SeasonShown {
  /** The coldest night its furnace holds, poorly and well insulated; absent: not read, or no furnace. */
  held?: { least: number; most: number }
  frost?: number
  cooled?: number
  propane: { least: number; most: number }
  /** In its cylinders, pounds; absent: not read. */
  carries?: number
  coldest: Weather
  hottest: Weather
  warm: number
  cool: number
}

/** Between which nights and days one lives in it, on a thermometer. */
export function SeasonPanel({ shown, says, cautions }: { shown: SeasonShown; says: Phrase[]; cautions: CautionId[] }) {
  const system = useMeasures()
  const { held, frost, cooled, propane, carries, coldest, hottest, warm, cool } = shown
  const said = (degrees: number) => formatQuantity(quantity(Math.round(degrees), 'F'), system)
  // Farther down nothing is certain of an ordinary wall in the wind.
  const limit = (what: string, degrees: number): string =>
    degrees < 0 ? `${what}, below ${said(0)}` : `${what}, ${said(degrees)}`
  const posts: Mark[] = [
    { at: coldest.low, says: `${said(coldest.low)}, nights in ${coldest.month}`, side: 'above' },
    { at: hottest.high, says: `${said(hottest.high)}, days in ${hottest.month}`, side: 'above' },
  ]
  const marks: Mark[] = [
    ...(held ? [{ at: held.least, says: limit('furnace at its limit', held.least), side: 'under' as const }] : []),
    ...(frost === undefined ? [] : [{ at: frost, says: limit('tanks freeze', frost), side: 'under' as const }]),
    ...(cooled === undefined ? [] : [{ at: cooled, says: limit('AC at its limit', cooled), side: 'under' as const }]),
  ]
  const days = carries !== undefined && propane.most >= 1 ? Math.floor(carries / propane.most) : undefined
  return (
    <Box as="section" aria-labelledby="season" borderTopWidth="1px" borderColor="line" mt="5" pt="4">
      <Text as="h2" id="season" fontWeight="700">
        How cold and how hot it may be
      </Text>
      <SideScroll label="Warmth and cold" mt="1">
        <Thermometer
          comfort={held && { from: Math.max(0, held.least), to: cooled ?? cool }}
          posts={posts}
          marks={marks}
          text={[...posts, ...marks].map(({ says: words }) => words).join('; ')}
          system={system}
        />
      </SideScroll>
      <Text fontSize="14.5px" color="line">
        Filled where it is between {said(warm)} and {said(cool)} inside; {coldest.place}.
        {days !== undefined && ` What it carries of propane keeps it warm for ${daysSaid(days)}.`}
      </Text>
      <Box as="ul" listStyleType="none" mt="1" fontSize="14.5px">
        {says.map((words, i) => (
          <li key={i}>{phraseText(words, system)}</li>
        ))}
      </Box>
      {cautions.map((id) => (
        <Box key={id} mt="2">
          <Caution>{CAUTIONS[id]}</Caution>
        </Box>
      ))}
    </Box>
  )
}

const daysSaid = (days: number): string =>
  days === 0 ? 'less than one such day' : days === 1 ? 'one such day' : `${days} of the coldest days`
