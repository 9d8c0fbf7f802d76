import { Box, Flex, Grid, Heading, HStack, Text } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import type { MeasureSystem } from '@hitchet/core/quantity/format'
import { listed } from '@hitchet/core/quantity/phrase'
import { inYears, outlookWords } from '@hitchet/core/questions/sleep/outlookWords'
import type { Outlook } from '@hitchet/core/questions/sleep/yearsAhead'
import type { TakenUnit } from '@hitchet/core/takehome/takeHome'
import { costWords, figureWords, SOURCE_AT_HOME } from '@hitchet/core/takehome/words'
import { trailerName } from '@hitchet/core/trailer/trailer'
import type { Frame } from '../../drawing/frame'
import { VERDICT_WORDS } from '../../drawing/patterns'
import { PersonToken } from '../../drawing/PersonToken'
import { planText } from '@hitchet/core/yard/planText'
import { PlanStrip } from '../../drawing/PlanStrip'
import { Said } from '../../look/measures'
import { PatternSwatch } from '../Verdict'

/** One unit as it was handed out: the night plan, three sentences, its figures, the years ahead, what to read, what it costs. */
export function TakenUnitPart({
  unit,
  frame,
  scale,
  system,
}: {
  unit: TakenUnit
  frame: Frame
  scale: number
  system: MeasureSystem
}) {
  const { night, plan } = unit
  const named = (id: string) => plan.berths.find((one) => one.id === id)?.name ?? 'a bed that is made up'
  const made = plan.conversions.filter(({ id }) => night.made.includes(id)).map(({ name }) => name)
  return (
    <Box as="article" aria-label={`${unit.stock} ${trailerName(unit)}`} mt="6">
      <Heading as="h2" size="lg">
        {unit.stock} {trailerName(unit)}
      </Heading>
      <Text color="line">
        {unit.layout}, {unit.year} {unit.condition}
      </Text>
      <Box my="3" overflow="hidden">
        <PlanStrip
          plan={plan}
          time="night"
          frame={frame}
          scale={scale}
          made={night.made}
          sleepers={night.sleepers}
          detail="labels"
          system={system}
          text={planText(unit, 'night', system, night.sleepers)}
        />
      </Box>
      <HStack gap="4" flexWrap="wrap" rowGap="1">
        {night.sleepers.map(({ berth, people }) => (
          <HStack key={berth} gap="1.5">
            {people.map((token) => (
              <PersonToken key={token.id} token={token} size={22} />
            ))}
            <Text>
              {listed(people.map(({ name }) => name))}: {named(berth)}
            </Text>
          </HStack>
        ))}
        {night.cribs.length > 0 && <Text>In a crib: {listed(night.cribs.map(({ name }) => name))}</Text>}
        {made.length > 0 && <Text>Made up every night: {listed(made)}</Text>}
        {night.unplaced.length > 0 && <Text fontWeight="700">No berth for {listed(night.unplaced)}</Text>}
      </HStack>
      <Box maxW="720px" my="4" fontSize="17px">
        {unit.sentences.map((one, i) => (
          <Text key={i} mb="1.5">
            <Said phrase={one} />
          </Text>
        ))}
      </Box>
      <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} gap="8">
        <Box>
          <Part title="Its figures">
            <Box as="dl">
              {unit.figures.map((one) => (
                <Grid
                  key={one.label}
                  templateColumns="110px 120px 1fr"
                  borderTopWidth="1px"
                  borderColor="hair"
                  py="1"
                  alignItems="baseline"
                >
                  <dt>{one.label}</dt>
                  <Text as="dd" className="figure" fontWeight="700">
                    {figureWords(one, system)}
                  </Text>
                  <Text as="dd" color="line" fontSize="14px">
                    {one.source && SOURCE_AT_HOME[one.source]}
                  </Text>
                </Grid>
              ))}
            </Box>
          </Part>
        </Box>
        <Box>
          <Part title="Read these before you decide">
            <ul style={{ paddingLeft: '20px', listStyle: 'square' }}>
              {[...unit.readFirst.atHome, ...unit.readFirst.onTheUnit].map((one) => (
                <li key={one}>{one}</li>
              ))}
            </ul>
          </Part>
          <Part title="What it costs">
            {costWords(unit.cost).map((one) => (
              <Text key={one}>{one}</Text>
            ))}
          </Part>
        </Box>
      </Grid>
      {unit.outlook && <Years outlook={unit.outlook} />}
      <AllAsked unit={unit} />
    </Box>
  )
}

/** Every question and every reading, for whoever wants to know how it came about. */
function AllAsked({ unit }: { unit: TakenUnit }) {
  return (
    <details>
      <summary style={{ cursor: 'pointer', fontWeight: 600, padding: '6px 0' }}>
        What was asked, and every reading
      </summary>
      {unit.asked.map(({ asks, verdict, says }) => (
        <Box key={asks} borderTopWidth="1px" borderColor="hair" py="1.5">
          <HStack gap="2">
            <PatternSwatch verdict={verdict} />
            <Text fontWeight="700" color={verdict}>
              {VERDICT_WORDS[verdict]}
            </Text>
            <Text fontWeight="600">{asks}</Text>
          </HStack>
          {says.map((one, i) => (
            <Text key={i} fontSize="14.5px">
              <Said phrase={one} />
            </Text>
          ))}
        </Box>
      ))}
      {unit.readings.map(({ of, rows }, i) => (
        <Box key={i} borderTopWidth="1px" borderColor="hair" py="1.5" fontSize="14.5px">
          <Text fontWeight="600">{of}</Text>
          {rows.map(({ label, value, source, on, against }) => (
            <Text key={label}>
              {label}:{' '}
              <b>
                <Said phrase={value} />
              </b>{' '}
              <Text as="span" color="line">
                {SOURCE_AT_HOME[source]}
                {on && `, ${on}`}
              </Text>
              {against.map((one, j) => (
                <Text as="span" key={j} color="no">
                  {' '}
                  but also <Said phrase={one} />
                </Text>
              ))}
            </Text>
          ))}
        </Box>
      ))}
    </details>
  )
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box mb="5">
      <Heading as="h3" size="sm" mb="1">
        {title}
      </Heading>
      {children}
    </Box>
  )
}

function Years({ outlook }: { outlook: Outlook }) {
  return (
    <Part title={`Beds: ${outlookWords(outlook).replace(/^It/, 'it')}`}>
      <HStack gap="1" flexWrap="wrap">
        {outlook.years.map(({ year, verdict }) => (
          <Flex key={year} direction="column" align="center" minW="52px">
            <PatternSwatch verdict={verdict} />
            <Text fontSize="13px" fontWeight="600" color={verdict}>
              {VERDICT_WORDS[verdict]}
            </Text>
            <Text fontSize="13px" className="figure">
              {year === 0 ? 'now' : `in ${year}`}
            </Text>
          </Flex>
        ))}
      </HStack>
      {outlook.years
        .filter(({ says }) => says)
        .map(({ year, says }) => (
          <Text key={year}>
            {inYears(year)}: <Said phrase={says!} />.
          </Text>
        ))}
      <Text color="line" fontSize="13.5px">
        Children grow as the CDC growth charts expect (United States, 2000): no promise.
      </Text>
    </Part>
  )
}
