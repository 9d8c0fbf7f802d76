import { Box, Button, Grid, Heading, Link, Text } from '@chakra-ui/react'
import NextLink from 'next/link'
import { Suspense } from 'react'
import { OUTCOMES } from '@hitchet/core/household/outcome'
import { householdSummary } from '@hitchet/core/household/summary'
import { tokensOf } from '@hitchet/core/household/tokens'
import { listed } from '@hitchet/core/quantity/phrase'
import { PersonToken } from '../../drawing/PersonToken'
import { Said } from '../../look/measures'
import type { KeptHousehold } from '../../server/db/households'
import { yardCards } from '../../server/services/cards'
import { inHand, inHandSoFar, ON_DESK, toMeasure, type HouseholdInHand } from '../../server/services/desk'
import { frameOf, type Frame } from '../../drawing/frame'
import { openFollowUps } from '../../server/services/afterwards'
import { latestWalks } from '../../server/services/walkEvents'
import { today } from '../../server/today'
import { unitAddress } from '../unitAddress'
import { PageHead } from '../PageHead'
import { StillReckoning } from '../StillReckoning'
import { StockTag } from '../StockTag'
import { StripPicture } from '../StripPicture'
import { SoftDeleted } from './TakenOut'

/** So many units to measure are listed; who measures those has done a day's work. */
const FIRST = 6

/** So many walks. */
const WALKS = 6

interface DeskProps {
  name: string
  households: readonly KeptHousehold[]
  /** How many there are, with those that do not lie on the desk. */
  all: number
  /** What whoever looks took out a moment ago. */
  takenOut: readonly { id: string; name: string }[]
  /** Those with whom it has ended are shown, not those in hand. */
  ended: boolean
}

/** Today: the households in hand, and what has to be measured before anything can be promised. */
export function Desk({ name, households, all, takenOut, ended }: DeskProps) {
  return (
    <>
      <PageHead title={`Good to see you, ${name.split(' ')[0]}`}>
        <Button asChild>
          <NextLink href="/households/new">Start a household</NextLink>
        </Button>
      </PageHead>
      {takenOut.map((one) => (
        <SoftDeleted key={one.id} {...one} />
      ))}
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

/** Each as it stands; whom the yard is not ranked for yet is shown as soon as it is, and holds up nobody else. */
async function InHand({ households }: { households: readonly KeptHousehold[] }) {
  const [sofar, cards] = await Promise.all([inHandSoFar(households), yardCards()])
  const frame = frameOf(cards.map(({ extent }) => extent))
  return sofar.map((one) =>
    one.known < one.all ? (
      <Suspense key={one.kept.id} fallback={<HouseholdRow kept={one.kept} />}>
        <OnceReckoned kept={one.kept} frame={frame} />
      </Suspense>
    ) : (
      <HouseholdRow key={one.kept.id} kept={one.kept} standing={one} frame={frame} />
    ),
  )
}

async function OnceReckoned({ kept, frame }: { kept: KeptHousehold; frame: Frame }) {
  const [standing] = await inHand([kept])
  return <HouseholdRow kept={kept} standing={standing} frame={frame} />
}

async function ToMeasure({ households }: { households: readonly KeptHousehold[] }) {
  const { units, open } = await toMeasure(households)
  if (units.length === 0 && open === 0) return <Text>No first choice of anybody on the desk waits for a reading.</Text>
  return (
    <>
      {open > 0 && <StillReckoning>It is still being looked at what some wait for.</StillReckoning>}
      {units.slice(0, FIRST).map(({ stock, name: unit, readings, waiting }) => (
        <div key={stock} className="row-line measure-row">
          <div className="unit">
            <StockTag stock={stock} />
            <NextLink className="plain-link" href={`/yard/${stock}/tape`} prefetch={false}>
              {unit}
            </NextLink>
          </div>
          <p className="quiet">
            {listed(
              waiting
                .slice(0, NAMED)
                .map(({ household, place }) => `${PLACE_WORDS[place - 1]} for ${household.replace(/^The /, 'the ')}`),
            )}
            {waiting.length > NAMED && ` and ${waiting.length - NAMED} more`}
          </p>
          <p>
            {readings.slice(0, READINGS).join(' · ')}
            {readings.length > READINGS && ` · and ${readings.length - READINGS} more`}
          </p>
        </div>
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
    <div className="row-line desk-row">
      <div className="who">
        <NextLink className="plain-link" href={`/households/${id}`} prefetch={false}>
          {household.name}
        </NextLink>
        <div className="tokens">
          {tokensOf(household.people).map((token) => (
            <PersonToken key={token.id} token={token} />
          ))}
        </div>
        <p className="quiet">
          <Said phrase={householdSummary(household)} />
        </p>
      </div>
      {best && frame && <StripPicture unit={best} look="thumb" frame={frame} text={best.text.us} />}
      <div className="best">
        {best && (
          <p>
            <span className="figure">{best.unit.stock}</span> {best.unit.name}
          </p>
        )}
        <p className="quiet">{standing ? standingText(standing) : 'ranking the yard …'}</p>
        {standing && standing.known < standing.all && (
          <StillReckoning>{standing.all - standing.known} still being worked out</StillReckoning>
        )}
        <NextLink className="small-button" href={`/households/${id}/match`} prefetch={false}>
          See the match
        </NextLink>
      </div>
    </div>
  )
}

function standingText({ left, all, known, best }: HouseholdInHand): string {
  if (all === 0) return 'the yard is empty'
  if (!best) return 'not figured yet'
  return left === 0 ? `none of ${known} fits; this comes closest` : `best of ${left} left of ${known}`
}
