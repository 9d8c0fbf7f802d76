import { Box, Flex, Heading, HStack, Link, Text } from '@chakra-ui/react'
import type { MeasureSystem } from '@hitchet/core/quantity/format'
import { listed } from '@hitchet/core/quantity/phrase'
import { CAUTIONS } from '@hitchet/core/questions/cautions'
import type { TakeHome } from '@hitchet/core/takehome/takeHome'
import { dayWords } from '@hitchet/core/takehome/words'
import { frameFor, type Frame } from '../../drawing/frame'
import { MeasuresProvider } from '../../look/measures'
import { Caution } from '../Caution'
import { ApartTable } from './ApartTable'
import { TakenUnitPart } from './TakenUnitPart'

/** What the strips may take of the page, pixels; in inches of the plan their scale is the same for all. */
const WIDTH = 960
const MOST = 2.4

/** The page they take home, on a screen at home: nothing of the program stands round it. */
export function AtHome({ taken, token, system }: { taken: TakeHome; token: string; system: MeasureSystem }) {
  const { units, people, on, by, dealership } = taken
  const frame: Frame = frameFor(units.map(({ plan }) => plan))
  const scale = Math.min(MOST, WIDTH / (frame.before + frame.after))
  const cautions = [...new Set(units.flatMap((unit) => unit.cautions))]
  return (
    <MeasuresProvider system={system}>
      <Box as="main" maxW="1040px" mx="auto" px={{ base: 4, md: 8 }} py="6">
        <Flex
          justify="space-between"
          align="baseline"
          gap="4"
          flexWrap="wrap"
          borderBottomWidth="2px"
          borderColor="ink"
          pb="2"
        >
          <Box>
            <Heading as="h1" size="xl">
              {units.length === 1 ? 'The trailer you looked at' : 'The trailers you looked at'}
            </Heading>
            <Text>For {listed(people)}</Text>
          </Box>
          <Box textAlign={{ base: 'left', md: 'right' }}>
            <Text fontWeight="700">{dealership}</Text>
            <Text>
              {by}, {dayWords(on)}
            </Text>
          </Box>
        </Flex>
        <HStack gap="4" mt="2" className="no-print">
          <Link href={`/at-home/${token}/paper/letter`} color="green" fontWeight="600">
            As a PDF, Letter
          </Link>
          <Link href={`/at-home/${token}/paper/a4`} color="green" fontWeight="600">
            A4
          </Link>
        </HStack>
        {units.length > 1 && <ApartTable units={units} system={system} />}
        {units.map((unit) => (
          <TakenUnitPart key={unit.stock} unit={unit} frame={frame} scale={scale} system={system} />
        ))}
        <Box as="section" aria-label="Cautions" borderTopWidth="1px" borderColor="ink" pt="3" mt="6">
          {cautions.map((one) => (
            <Caution key={one}>{CAUTIONS[one]}</Caution>
          ))}
        </Box>
      </Box>
    </MeasuresProvider>
  )
}
