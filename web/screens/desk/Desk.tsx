import { Box, Button, Flex, Grid, Heading, HStack, Link, Text } from '@chakra-ui/react'
import { formatDistanceToNow } from 'date-fns'
import NextLink from 'next/link'
import { householdSummary } from '@hitchet/core/household/summary'
import { tokensOf } from '@hitchet/core/household/tokens'
import { PersonToken } from '../../drawing/PersonToken'
import { Said } from '../../look/measures'
import type { KeptHousehold } from '../../server/db/households'
import type { UnitToMeasure } from '../../server/services/toMeasure'
import { PageHead } from '../PageHead'
import { StockTag } from '../StockTag'

interface DeskProps {
  name: string
  households: KeptHousehold[]
  toMeasure: UnitToMeasure[]
}

/** Today: the households in hand, and what has to be measured before anything can be promised. */
export function Desk({ name, households, toMeasure }: DeskProps) {
  return (
    <>
      <PageHead title={`Good to see you, ${name.split(' ')[0]}`}>
        <Button asChild>
          <NextLink href="/households/new">Start a household</NextLink>
        </Button>
      </PageHead>
      <Grid templateColumns={{ base: '1fr', lg: '3fr 2fr' }} gap="8">
        <Box as="section" aria-labelledby="in-hand">
          <Heading as="h2" id="in-hand" size="md" mb="2">
            Households in hand
          </Heading>
          {households.length === 0 && <Text>Nobody yet. Start a household: five minutes of talk, and the yard sorts itself.</Text>}
          {households.map((kept) => (
            <HouseholdRow key={kept.id} kept={kept} />
          ))}
        </Box>
        <Box as="section" aria-labelledby="to-measure">
          <Heading as="h2" id="to-measure" size="md" mb="2">
            To measure
          </Heading>
          {toMeasure.length === 0 && <Text>No open household waits for a reading.</Text>}
          {toMeasure.map(({ stock, name: unit, readings, households: waiting }) => (
            <Box key={stock} py="3" borderTopWidth="1px" borderColor="hair">
              <HStack gap="3">
                <StockTag stock={stock} />
                <Text fontWeight="600">{unit}</Text>
                <Text fontSize="14px" color="line">
                  {waiting === 1 ? 'one household waits' : `${waiting} households wait`}
                </Text>
              </HStack>
              <Text fontSize="14.5px" mt="1">
                {readings.join(' · ')}
              </Text>
            </Box>
          ))}
        </Box>
      </Grid>
    </>
  )
}

function HouseholdRow({ kept: { id, household, updatedAt } }: { kept: KeptHousehold }) {
  return (
    <Flex py="3" borderTopWidth="1px" borderColor="hair" gap="4" align="center" flexWrap="wrap">
      <HStack gap="1" w={{ base: 'auto', md: '200px' }} flex="none">
        {tokensOf(household.people).map((token) => (
          <PersonToken key={token.id} token={token} />
        ))}
      </HStack>
      <Box flex="1" minW="240px">
        <Link asChild color="ink" fontWeight="600" fontSize="16px">
          <NextLink href={`/households/${id}`}>{household.name}</NextLink>
        </Link>
        <Text fontSize="14px" color="line">
          <Said phrase={householdSummary(household)} />
        </Text>
      </Box>
      <Text fontSize="13.5px" color="line" w="110px">
        {formatDistanceToNow(updatedAt, { addSuffix: true })}
      </Text>
      <Button asChild size="sm" variant="outline">
        <NextLink href={`/households/${id}/match`}>Match</NextLink>
      </Button>
    </Flex>
  )
}
