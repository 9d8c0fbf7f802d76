'use client'

import { Box, Flex, Text } from '@chakra-ui/react'
import { useState } from 'react'
import type { LoadingFacts } from '@hitchet/core/loading/facts'
import type { Moment } from '@hitchet/core/loading/moments'
import { MOMENTS, type MomentId } from '@hitchet/core/loading/weights'
import type { Verdict } from '@hitchet/core/questions/reason'
import type { TowHelp } from '@hitchet/core/questions/tow/helps'
import type { LimitMargin } from '@hitchet/core/questions/tow/limits'
import { small } from '@hitchet/core/plan/naming'
import { listed } from '@hitchet/core/quantity/phrase'
import { formatQuantity } from '@hitchet/core/quantity/format'
import { pounds } from '@hitchet/core/quantity/quantity'
import { LoadedStrip } from '../../../drawing/LoadedStrip'
import { MarginBar } from '../../../drawing/MarginBar'
import { ShareNeedle } from '../../../drawing/ShareNeedle'
import { Figure, useMeasures } from '../../../look/measures'
import { Segments } from '../../Segments'
import { ScaleTicket } from './scale/ScaleTicket'
import { TowHelps } from './TowHelps'
import { SideScroll } from '../../SideScroll'

const WORDS: Record<MomentId, { label: string; what: string }> = {
  leaving: { label: 'Leaving home', what: 'as they leave home' },
  full: { label: 'Full of water', what: 'with the fresh tank full' },
  home: { label: 'Going home', what: 'going home with full gray and black tanks, the food gone' },
  empty: { label: 'Empty', what: 'with nothing of theirs, propane on the tongue' },
}
const OPTIONS = MOMENTS.map((id) => ({ value: id, name: WORDS[id].label }))
const SCALE = 2.3

/** What it weighs at four moments, what rides where, and what that leaves on the hitch. */
export function LoadPanel({
  facts,
  moments,
  margins,
  shares: { tongueLeast, tongueMost },
  gvwr,
  counts,
  helps,
  stock,
  household,
  label,
  vehicle,
}: {
  facts: LoadingFacts
  moments: Record<MomentId, Moment>
  margins: Record<MomentId, LimitMargin[]>
  shares: { tongueLeast: number; tongueMost: number }
  gvwr?: number
  /** Axles and tires it has; absent: nobody counted. */
  counts: { axles?: number; tires?: number }
  helps: TowHelp[]
  stock: string
  /** Its id. */
  household: string
  label: { uvw: number; hitchWeight?: number }
  /** About what their vehicle weighs as they leave, pounds. */
  vehicle: number
}) {
  const system = useMeasures()
  const [id, setId] = useState<MomentId>('leaving')
  const moment = moments[id]
  const { total, tongue, weights, missing } = moment
  const [least, most] = [tongue.least / total, tongue.most / total]
  const share = least.toFixed(3) === most.toFixed(3) ? percent(least) : `${percent(least)} to ${percent(most)}`
  const said = (weight: number) => formatQuantity(pounds(Math.round(weight)), system)
  const rides = weights.map(({ name, pounds: weight }) => `${small(name)} ${said(weight)}`)
  const text = `From the side, ${WORDS[id].what}: ${rides.join(', ')}; ${said(tongue.least)} on the hitch.`
  return (
    <Box as="section" aria-labelledby="loading" borderTopWidth="1px" borderColor="line" mt="5" pt="4">
      <Flex gap="5" align="center" flexWrap="wrap">
        <Text as="h2" id="loading" fontWeight="700">
          What it weighs loaded
        </Text>
        <Segments<MomentId> label="Moment" value={id} onChange={setId} options={OPTIONS} />
      </Flex>
      <Flex gap="6" mt="3" align="end" flexWrap="wrap">
        <Box w="400px" maxW="100%">
          <Text fontSize="26px" className="figure" fontWeight="700" lineHeight="1.1">
            <Figure value={Math.round(total)} unit="lb" />
          </Text>
          <Text fontSize="14.5px" color="line">
            {missing.length > 0 ? 'and what is not measured yet, ' : ''}
            {WORDS[id].what}
            {gvwr !== undefined && (
              <>
                ; its GVWR is <Figure value={gvwr} unit="lb" />
              </>
            )}
          </Text>
        </Box>
        <Box>
          <Text fontSize="14.5px">
            <b className="figure">{share}</b> of it on the hitch; between {Math.round(tongueLeast * 100)} and{' '}
            {Math.round(tongueMost * 100)} % pulls straight
          </Text>
          <ShareNeedle least={least} most={most} from={tongueLeast} to={tongueMost} />
        </Box>
      </Flex>
      <SideScroll label="The loaded trailer from the side" mt="2">
        <LoadedStrip facts={facts} moment={moment} scale={SCALE} text={text} system={system} />
      </SideScroll>
      <Text fontSize="14.5px" mt="1">
        On it:{' '}
        {listed(
          [...weights]
            .sort((a, b) => b.pounds - a.pounds)
            .map(({ name, pounds: weight }) => `${small(name)} ${said(weight)}`),
        )}
        .
      </Text>
      <OnTheRoad bears={[total - tongue.most, total - tongue.least]} counts={counts} />
      <LimitList margins={margins[id]} />
      {id === 'leaving' && <TowHelps helps={helps} stock={stock} household={household} margins={margins.leaving} />}
      <ScaleTicket stock={stock} moment={moment} label={label} vehicle={vehicle} />
      <Text fontSize="14.5px" color="line" mt="1">
        Reckoned from the labels and from where things ride; what has no place of its own is taken at the middle of the
        floor.
        {tongue.missing.length > 0 && ' What is not measured leaves a range.'} A scale decides, not this sum.
      </Text>
    </Box>
  )
}

/** What each axle and tire bears: axles on springs with equalizers share alike (common practice). */
function OnTheRoad({
  bears: [light, heavy],
  counts,
}: {
  bears: [number, number]
  counts: { axles?: number; tires?: number }
}) {
  const system = useMeasures()
  const each = (of: number): string => {
    const [a, b] = [Math.round(light / of), Math.round(heavy / of)]
    const most = formatQuantity(pounds(b), system)
    return a === b ? most : `${formatQuantity(pounds(a), system)} to ${most}`
  }
  const { axles, tires } = counts
  const shares = [
    ...(axles !== undefined && axles > 1 ? [`${each(axles)} on each of ${axles} axles`] : []),
    ...(tires !== undefined && tires > 0 ? [`${each(tires)} on each of ${tires} tires`] : []),
  ]
  return (
    <Text fontSize="14.5px" mt="1">
      On the road: {each(1)}
      {shares.length > 0 && `, about ${shares.join(' and ')}, shared alike`}. A scale under each wheel tells it exactly.
    </Text>
  )
}

/** What is to spare of every limit, the one that governs first. */
function LimitList({ margins }: { margins: LimitMargin[] }) {
  return (
    <Box as="ul" listStyleType="none" mt="3" style={{ columns: '380px' }}>
      {margins.map(({ name, verdict, margin }) => (
        <Flex as="li" key={name} gap="3" align="center" minH="26px" style={{ breakInside: 'avoid' }}>
          <Text as="span" w="112px" flex="none" fontSize="14.5px">
            {name}
          </Text>
          <MarginBar verdict={verdict as Verdict} margin={verdict === 'measure' ? undefined : margin} />
          <Text as="span" fontSize="14.5px" className="figure" whiteSpace="nowrap">
            {verdict === 'measure' ? (
              'Measure'
            ) : (
              <>
                <Figure value={Math.abs(Math.round(margin!.value))} unit="lb" />{' '}
                {margin!.value < 0 ? 'over' : 'to spare'}
              </>
            )}
          </Text>
        </Flex>
      ))}
    </Box>
  )
}

const percent = (share: number): string => `${(share * 100).toFixed(1)} %`
