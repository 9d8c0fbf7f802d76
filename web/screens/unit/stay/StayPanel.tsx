'use client'

import { Box, Flex, Text } from '@chakra-ui/react'
import dynamic from 'next/dynamic'
import { useMemo, useState } from 'react'
import type { Camp } from '@hitchet/core/camping/camp'
import type { CampingFacts } from '@hitchet/core/camping/facts'
import { whatHelps, withBatteries, type Help } from '@hitchet/core/camping/helps'
import { lasting, reckonedNights, type Lasting } from '@hitchet/core/camping/lasting'
import { morningRush } from '@hitchet/core/camping/morningRush'
import { RESOURCES } from '@hitchet/core/camping/rig'
import { ARRIVE } from '@hitchet/core/camping/day'
import { WASHINGS, type Washing } from '@hitchet/core/household/told/tripFields'
import { capital } from '@hitchet/core/plan/naming'
import { phraseText } from '@hitchet/core/quantity/phrase'
import { badness, type Verdict } from '@hitchet/core/questions/reason'
import { CAUTIONS } from '@hitchet/core/questions/cautions'
import { stayReason } from '@hitchet/core/questions/stay/stay'
import { NightBar } from '../../../drawing/NightBar'
import { useMeasures } from '../../../look/measures'
import { Caution } from '../../Caution'
import { Segments } from '../../Segments'
import { WhenSeen } from '../../WhenSeen'
import { RESOURCE_NAMES } from './resourceNames'

const StayCurve = dynamic(() => import('./StayCurve').then((module) => module.StayCurve), {
  ssr: false,
  loading: () => <Box h="240px" />,
})

const WASHING_NAMES = WASHINGS.map((value) => ({ value, name: value }))
const MOST_BATTERIES = 3
const MOST_PANEL = 600
const PANEL_STEP = 50

/** How long they can stay out: five bars in nights, what could be tried, and the hours in between. */
export function StayPanel({ facts, camp: asked, park }: { facts: CampingFacts; camp: Camp; park: boolean }) {
  const system = useMeasures()
  const [washing, setWashing] = useState<Washing>(asked.washing)
  const [batteries, setBatteries] = useState(0)
  const [panel, setPanel] = useState(asked.panel)
  const camping = useMemo(
    () => ({ facts: withBatteries(facts, batteries), camp: { ...asked, washing, panel } }),
    [facts, asked, washing, panel, batteries],
  )
  const { camp } = camping
  const bars = useMemo(
    () =>
      lasting(camping)
        .map((one) => ({ one, reason: stayReason(one, park, camp) }))
        .sort((a, b) => a.one.nights - b.one.nights || badness(b.reason.verdict) - badness(a.reason.verdict)),
    [camping, camp, park],
  )
  const helps = useMemo(() => whatHelps(camping), [camping])
  const scale = Math.max(10, Math.ceil(camp.nights * 1.4))
  const first = bars[0]!
  const given = RESOURCES.filter((resource) => !bars.some(({ one }) => one.resource === resource))
  return (
    <Box as="section" aria-labelledby="staying" borderTopWidth="1px" borderColor="line" mt="5" pt="4">
      <Text as="h2" id="staying" fontWeight="700">
        How long they can stay out
      </Text>
      <Flex gap="8" mt="2" wrap="wrap" align="start">
        <Box flex="1 1 560px" minW="0">
          <Text fontSize="26px" className="figure" fontWeight="700" lineHeight="1.1">
            {first.reason.verdict === 'measure' ? 'Measure' : capital(nightsSaid(first.one, camp))}
          </Text>
          <Text fontSize="14.5px" color="line" mb="2" minH="42px">
            {phraseText(first.reason.says, system)}
          </Text>
          <Box as="ul" listStyleType="none">
            {bars.map(({ one, reason }) => (
              <Flex
                as="li"
                key={one.resource}
                columnGap="3"
                align="center"
                minH="30px"
                wrap={{ base: 'wrap', md: 'nowrap' }}
              >
                <Text as="span" w="96px" flex="none" fontSize="14.5px">
                  {RESOURCE_NAMES[one.resource]}
                </Text>
                <Box order={{ base: 1, md: 0 }} flex={{ base: '1 0 100%', md: '1 1 240px' }}>
                  <NightBar
                    nights={reason.verdict === 'measure' ? 1 : one.nights}
                    wanted={one.wanted}
                    scale={scale}
                    verdict={reason.verdict as Verdict}
                  />
                </Box>
                <Text as="span" w="190px" flex="none" fontSize="14.5px" className="figure">
                  {reason.verdict === 'measure' ? 'Measure' : nightsSaid(one, camp)}
                  {reason.verdict !== 'measure' && one.hour !== undefined && one.nights < camp.nights && (
                    <Text as="span" color="line">
                      , {whenSaid(one.hour)}
                    </Text>
                  )}
                </Text>
              </Flex>
            ))}
          </Box>
          <Text fontSize="14.5px" color="line">
            The post marks the nights they want.
            {!camp.power && !camp.moves && ' They stay at one place: no drive charges the battery.'}
            {given.length > 0 &&
              ` The site gives ${given.map((one) => RESOURCE_NAMES[one].toLowerCase()).join(' and ')}.`}
          </Text>
        </Box>
        <Box flex="1 1 380px" minW="0">
          <Text as="h3" fontWeight="600" mb="1">
            Try it
          </Text>
          <Box maxW="fit-content" overflowX="auto" mb="3">
            <Segments<Washing> label="How they wash" value={washing} onChange={setWashing} options={WASHING_NAMES} />
          </Box>
          {!camp.power && (
            <>
              <TrySlider
                label="More batteries of its kind"
                said={batteries === 0 ? 'none' : String(batteries)}
                value={batteries}
                most={MOST_BATTERIES}
                step={1}
                onChange={setBatteries}
              />
              <TrySlider
                label="A panel set up in the sun"
                said={panel === 0 ? 'none' : `${panel} W`}
                value={panel}
                most={MOST_PANEL}
                step={PANEL_STEP}
                onChange={setPanel}
              />
            </>
          )}
          <HelpList helps={helps} camp={camp} />
          <Rush facts={camping.facts} camp={camp} />
        </Box>
      </Flex>
      <WhenSeen height="240px">
        <StayCurve facts={camping.facts} camp={camp} nights={camp.nights} />
      </WhenSeen>
      <Caution>{CAUTIONS.gas}</Caution>
      {camp.cpaps > 0 && !camp.power && <Caution>{CAUTIONS.cpap}</Caution>}
    </Box>
  )
}

const nightsSaid = ({ nights }: Lasting, camp: Camp): string =>
  nights === Infinity ? `more than ${reckonedNights(camp)} nights` : countSaid(nights)

const countSaid = (nights: number): string =>
  nights === 0 ? 'not one night' : `${nights} ${nights === 1 ? 'night' : 'nights'}`

/** `day 3, 7 a.m.`: the day they arrive is the first. */
function whenSaid(hour: number): string {
  const clock = (ARRIVE + hour) % 24
  const day = Math.floor((ARRIVE + hour) / 24) + 1
  return `day ${day}, ${clock % 12 === 0 ? 12 : clock % 12} ${clock < 12 ? 'a.m.' : 'p.m.'}`
}

function TrySlider({
  label,
  said,
  value,
  most,
  step,
  onChange,
}: {
  label: string
  said: string
  value: number
  most: number
  step: number
  onChange(value: number): void
}) {
  return (
    <Box asChild display="block" mb="3" maxW="380px" fontSize="14.5px">
      <label>
        <Flex as="span" justify="space-between">
          {label} <span className="figure">{said}</span>
        </Flex>
        <input
          type="range"
          min={0}
          max={most}
          step={step}
          value={value}
          aria-label={label}
          aria-valuetext={said}
          style={{ width: '100%', height: '28px', accentColor: 'var(--h-colors-green)' }}
          onChange={({ target }) => onChange(Number(target.value))}
        />
      </label>
    </Box>
  )
}

/** What would make it last, and how long then. */
function HelpList({ helps, camp }: { helps: readonly Help[]; camp: Camp }) {
  const system = useMeasures()
  if (helps.length === 0) return null
  return (
    <Box fontSize="14.5px" mt="1">
      <Text as="h3" fontWeight="600">
        What would help
      </Text>
      <Box as="ul" pl="4" listStyleType="disc">
        {helps.map(({ says, nights, first }, i) => (
          <li key={i}>
            {phraseText(says, system)}:{' '}
            {first === undefined
              ? `all the ${camp.nights} nights they want`
              : `${countSaid(nights)}, then ${RESOURCE_NAMES[first].toLowerCase()}`}
          </li>
        ))}
      </Box>
    </Box>
  )
}

/** One shower after the other. */
function Rush({ facts, camp }: { facts: CampingFacts; camp: Camp }) {
  const rush = morningRush(facts, camp)
  if (!rush || camp.people < 2) return null
  const showers =
    rush.showers === Infinity
      ? 'as many showers in a row as the tanks allow'
      : `${rush.showers} ${rush.showers === 1 ? 'shower' : 'showers'} in a row, then about ${rush.wait} minutes until it is hot again`
  return (
    <Text fontSize="14.5px" mt="2">
      <b>In the morning:</b> hot water for {showers}.
    </Text>
  )
}
