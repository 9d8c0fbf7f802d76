import { Box, Button, Flex, Grid, Heading, HStack, Link, Text } from '@chakra-ui/react'
import NextLink from 'next/link'
import { Suspense } from 'react'
import { OUTCOMES } from '@hitchet/core/household/outcome'
import { householdSummary } from '@hitchet/core/household/summary'
import { tokensOf } from '@hitchet/core/household/tokens'
import { listed } from '@hitchet/core/quantity/phrase'
import { trailerName } from '@hitchet/core/trailer/trailer'
import { PersonToken } from '../../drawing/PersonToken'
import { Said } from '../../look/measures'
import type { KeptHousehold } from '../../server/db/households'
import { inHand, ON_DESK, toMeasure, type HouseholdInHand } from '../../server/services/desk'
import { frameFor, type Frame } from '../../drawing/frame'
import { planText } from '../../drawing/planText'
import { PlanStrip } from '../../drawing/PlanStrip'
import { openFollowUps } from '../../server/db/followUps'
import { latestWalks } from '../../server/db/walkEvents'
import { today } from '../../server/today'
import { unitAddress } from '../unitAddress'
import { PageHead } from '../PageHead'
import { StockTag } from '../StockTag'

/** So many units to measure are listed; who measures those has done a day's work. */
const FIRST = 6

/** So many walks. */
const WALKS = 6

/** Pixels per inch. */
const SCALE = 0.42

interface DeskProps {
  name: string
  households: readonly KeptHousehold[]
  /** How many there are, with those that do not lie on the desk. */
  all: number
  /** Those with whom it has ended are shown, not those in hand. */
  ended: boolean
}

/** Today: the households in hand, and what has to be measured before anything can be promised. */
export function Desk({ name, households, all, ended }: DeskProps) {
  return (
    <>
      <PageHead title={`Good to see you, ${name.split(' ')[0]}`}>
        <Button asChild>
          <NextLink href="/households/new">Start a household</NextLink>
        </Button>
      </PageHead>
      <Grid templateColumns={{ base: '1fr', lg: '2fr 1fr' }} gap="10">
        <Box as="section" aria-labelledby="in-hand">
          <Heading as="h2" id="in-hand" size="md" mb="2">
            {ended ? 'Ended' : 'Households in hand'}{' '}
            <Link asChild fontSize="14px" fontWeight="400">
              <NextLink href={ended ? '/' : '/?show=ended'}>{ended ? 'Those in hand' : 'Those that ended'}</NextLink>
            </Link>
          </Heading>
          {households.length === 0 && (
            <Text>
              {ended
                ? 'With nobody yet. How it ended is noted under “Afterwards” of a household.'
                : 'Nobody yet. Start a household: five minutes of talk, and the yard sorts itself.'}
            </Text>
          )}
          {ended ? (
            households.map((kept) => <EndedRow key={kept.id} kept={kept} />)
          ) : (
            <Suspense
              fallback={households.map((kept) => (
                <HouseholdRow key={kept.id} kept={kept} />
              ))}
            >
              <InHand households={households} />
            </Suspense>
          )}
          {all > households.length && (
            <Button asChild size="sm" variant="outline" mt="3">
              <NextLink
                href={`/?${ended ? 'show=ended&' : ''}households=${households.length + ON_DESK}`}
                scroll={false}
              >
                Show more of {all}
              </NextLink>
            </Button>
          )}
        </Box>
        <Box as="section" aria-labelledby="to-measure">
          <Suspense>
            <Due />
          </Suspense>
          <Heading as="h2" id="to-measure" size="md" mb="1">
            To measure
          </Heading>
          <Text fontSize="14px" color="line" mb="1">
            by what it decides: first choices first
          </Text>
          <Suspense fallback={<Text color="line">Looking what they wait for …</Text>}>
            {ended ? <Text>Nothing waits for those with whom it ended.</Text> : <ToMeasure households={households} />}
          </Suspense>
          <Suspense>
            <Walks />
          </Suspense>
        </Box>
      </Grid>
    </>
  )
}

async function InHand({ households }: { households: readonly KeptHousehold[] }) {
  const standing = await inHand(households)
  const frame = frameFor(standing.flatMap(({ best }) => best?.plan ?? []))
  return standing.map((one) => <HouseholdRow key={one.kept.id} kept={one.kept} standing={one} frame={frame} />)
}

async function ToMeasure({ households }: { households: readonly KeptHousehold[] }) {
  const units = await toMeasure(households)
  if (units.length === 0) return <Text>No first choice of anybody on the desk waits for a reading.</Text>
  return (
    <>
      {units.slice(0, FIRST).map(({ stock, name: unit, readings, waiting }) => (
        <Box key={stock} py="2.5" borderTopWidth="1px" borderColor="hair">
          <HStack gap="3">
            <StockTag stock={stock} />
            <Link asChild color="ink" fontWeight="600">
              <NextLink href={`/yard/${stock}/tape`} prefetch={false}>
                {unit}
              </NextLink>
            </Link>
          </HStack>
          <Text fontSize="14px" color="line">
            {listed(
              waiting
                .slice(0, NAMED)
                .map(({ household, place }) => `${PLACE_WORDS[place - 1]} for ${household.replace(/^The /, 'the ')}`),
            )}
            {waiting.length > NAMED && ` and ${waiting.length - NAMED} more`}
          </Text>
          <Text fontSize="14.5px">
            {readings.slice(0, READINGS).join(' · ')}
            {readings.length > READINGS && ` · and ${readings.length - READINGS} more`}
          </Text>
        </Box>
      ))}
      {units.length > FIRST && (
        <Text py="3" color="line" fontSize="14.5px">
          and {units.length - FIRST} more; every unit’s own tape list has them
        </Text>
      )}
    </>
  )
}

/** So many of those who wait are named, and so many readings. */
const NAMED = 2
const READINGS = 4
const PLACE_WORDS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth']

/** Whom one comes back to today, and whom one should have. */
async function Due() {
  const day = today()
  const due = await openFollowUps(day)
  if (due.length === 0) return null
  return (
    <Box as="section" aria-labelledby="due" mb="6">
      <Heading as="h2" id="due" size="md" mb="2">
        Come back to them today
      </Heading>
      {due.map(({ id, householdId, household, dueOn, why, by }) => (
        <Box key={id} py="2" borderTopWidth="1px" borderColor="hair" fontSize="14.5px">
          <Link asChild fontWeight="600">
            <NextLink href={`/households/${householdId}/after`} prefetch={false}>
              {household}
            </NextLink>
          </Link>
          : {why}
          <Text color={dueOn < day ? 'no' : 'line'} fontSize="13.5px">
            {dueOn < day ? `overdue since ${dueOn}` : 'today'}
            {by && `, ${by.split(' ')[0]}`}
          </Text>
        </Box>
      ))}
    </Box>
  )
}

/** The walks of late: with whom, round what, and how far they came. */
async function Walks() {
  const walks = await latestWalks(WALKS)
  if (walks.length === 0) return null
  return (
    <Box as="section" aria-labelledby="walks" mt="6">
      <Heading as="h2" id="walks" size="md" mb="2">
        Walked lately
      </Heading>
      {walks.map(({ householdId, household, stock, on, by, shown, reactions, handed }) => (
        <Box key={`${householdId} ${stock} ${on}`} py="2" borderTopWidth="1px" borderColor="hair" fontSize="14.5px">
          <Link asChild fontWeight="600">
            <NextLink href={`${unitAddress(stock, householdId)}/${handed > 0 ? 'hand-over' : 'walk'}`}>
              {stock} with {household}
            </NextLink>
          </Link>
          <Text color="line">
            {on}
            {by && `, ${by.split(' ')[0]}`}: {shown} shown
            {reactions > 0 && `, ${reactions} ${reactions === 1 ? 'opinion' : 'opinions'}`}
            {handed > 0 && `, handed over: ${handed} steps`}
          </Text>
        </Box>
      ))}
    </Box>
  )
}

/** With whom it ended, how, and why. */
function EndedRow({ kept: { id, household, outcome } }: { kept: KeptHousehold }) {
  return (
    <Box py="2.5" borderTopWidth="1px" borderColor="hair">
      <Link asChild color="ink" fontWeight="600">
        <NextLink href={`/households/${id}/after`} prefetch={false}>
          {household.name}
        </NextLink>
      </Link>
      <Text fontSize="14.5px">
        {outcome && OUTCOMES[outcome.kind]}
        {outcome?.stock && `: ${outcome.stock}`}
        {outcome?.why && `, “${outcome.why}”`}
      </Text>
    </Box>
  )
}

interface HouseholdRowProps {
  kept: KeptHousehold
  /** Absent while the yard is being ranked for them. */
  standing?: HouseholdInHand
  frame?: Frame
}

function HouseholdRow({ kept: { id, household }, standing, frame }: HouseholdRowProps) {
  const best = standing?.best
  return (
    <Flex
      py="3"
      borderTopWidth="1px"
      borderColor="hair"
      gap="5"
      align="center"
      flexWrap={{ base: 'wrap', md: 'nowrap' }}
    >
      <Box flex="1" minW="260px">
        <Link asChild color="ink" fontWeight="600" fontSize="16px">
          <NextLink href={`/households/${id}`} prefetch={false}>
            {household.name}
          </NextLink>
        </Link>
        <HStack gap="1" my="1">
          {tokensOf(household.people).map((token) => (
            <PersonToken key={token.id} token={token} />
          ))}
        </HStack>
        <Text fontSize="14px" color="line">
          <Said phrase={householdSummary(household)} />
        </Text>
      </Box>
      {best && frame && (
        <Box flex="none">
          <PlanStrip
            plan={best.plan}
            time="parked"
            frame={frame}
            scale={SCALE}
            text={planText(best, 'parked', 'us')}
            detail="shape"
          />
        </Box>
      )}
      <Box w="150px" flex="none">
        {best && (
          <Text fontSize="14px" fontWeight="600">
            <span className="figure">{best.stock}</span> {trailerName(best)}
          </Text>
        )}
        <Text fontSize="13.5px" color="line" mb="1.5">
          {standing ? standingText(standing) : 'ranking the yard …'}
        </Text>
        <Button asChild size="xs" variant="outline">
          <NextLink href={`/households/${id}/match`} prefetch={false}>
            See the match
          </NextLink>
        </Button>
      </Box>
    </Flex>
  )
}

function standingText({ left, all, best }: HouseholdInHand): string {
  if (!best) return 'the yard is empty'
  return left === 0 ? `none of ${all} fits; this comes closest` : `best of ${left} left of ${all}`
}
