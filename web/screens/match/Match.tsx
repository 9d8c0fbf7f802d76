import { Box, Heading, Text } from '@chakra-ui/react'
import type { Household } from '@hitchet/core/household/household'
import { asked } from '@hitchet/core/match/asked'
import { differsFrom, entriesOf, type Entry } from '@hitchet/core/match/entries'
import { mattering } from '@hitchet/core/match/mattering'
import { STANDINGS, type Standing } from '@hitchet/core/match/match'
import { worthsOf } from '@hitchet/core/match/firmness'
import { pitch } from '@hitchet/core/match/pitch'
import { whyOver } from '@hitchet/core/match/whyOver'
import { questionOf } from '@hitchet/core/questions/index'
import { CAUTIONS } from '@hitchet/core/questions/cautions'
import { trailerFigure, trailerName } from '@hitchet/core/trailer/trailer'
import { frameFor } from '../../drawing/frame'
import { planText } from '../../drawing/planText'
import { PlanStrip } from '../../drawing/PlanStrip'
import { houseRules } from '../../server/houseRules'
import { choicesOf } from '../../server/db/walkEvents'
import { matchedYardWithWays, type MatchedTrailer } from '../../server/services/yard'
import { ShortCaution } from '../ShortCaution'
import { measureSystem } from '../measureCookie'
import { PageHead } from '../PageHead'
import { Choosing, CompareChosen } from './Choosing'
import { unitAddress } from '../unitAddress'
import { InTheWay } from './InTheWay'
import { Mattering, Ordered } from './Mattering'
import { Keeping } from './Keeping'
import { MatchRow } from './MatchRow'
import { Paged } from './Paged'

/** Pixels per inch: six entries stand on one screen. */
const SCALE = 0.5
/** So many bars beside an entry; the others come with its reasons. */
const BARS = 4

/** So many of each group are shown before one asks for more. */
const FIRST = 8

const GROUPS: Record<Standing | 'pinned' | 'aside', { title: string; line: string }> = {
  pinned: { title: 'Pinned', line: 'kept in sight, whatever is reckoned' },
  aside: { title: 'Set aside', line: 'by them or by you; nothing is lost of it' },
  fits: { title: 'These fit', line: 'nothing speaks against them; what fits best first' },
  measure: {
    title: 'These fit once it is known',
    line: 'nothing against them yet, but something has to be asked or measured first',
  },
  nearly: { title: 'Nearly', line: 'a small change lets each of them in, the smallest first' },
  out: { title: 'Out', line: 'no small change helps' },
}

/** The yard ranked for a household, plan by plan: what fits, what is still open, what nearly fits, what does not and why. */
export async function MatchScreen({ id, household }: { id: string; household: Household }) {
  const [{ yard, ways, firm }, choices] = await Promise.all([matchedYardWithWays(household), choicesOf(id)])
  const standsAs = ({ trailer }: MatchedTrailer) => choices.get(trailer.stock)?.stands
  const system = await measureSystem()
  const { ranking } = houseRules()
  const frame = frameFor(yard.map(({ trailer }) => trailer.plan))
  const entries = entriesOf(yard.filter((one) => standsAs(one) !== 'set aside'))
  const isPinned = ({ first, others }: Entry<MatchedTrailer>) =>
    [first, ...others].some((one) => standsAs(one) === 'pinned')
  const groups = [
    { standing: 'pinned' as const, inIt: entries.filter(isPinned) },
    ...STANDINGS.map((standing) => ({
      standing,
      inIt: entries.filter((entry) => entry.first.match.standing === standing && !isPinned(entry)),
    })),
    {
      standing: 'aside' as const,
      inIt: yard.filter((one) => standsAs(one) === 'set aside').map((first) => ({ first, others: [] })),
    },
  ].filter(({ inIt }) => inIt.length)
  const possible = yard.filter(({ match }) => match.standing === 'fits' || match.standing === 'measure').length
  const priceOf = ({ trailer }: MatchedTrailer) => trailerFigure(trailer, 'askingPrice')
  const row = (inIt: Entry<MatchedTrailer>[]) => (entry: Entry<MatchedTrailer>, i: number) => {
    const { first, others } = entry
    const { trailer, match } = first
    const behind = inIt[i + 1]?.first
    return (
      <MatchRow
        key={trailer.stock}
        stock={trailer.stock}
        name={trailerName(trailer)}
        href={unitAddress(trailer.stock, id)}
        layout={trailer.layout}
        price={priceOf(first)}
        pitch={pitch(match.answers, trailer, household, ranking.weights)}
        nearly={match.nearly?.changes}
        asked={mattering(asked(match.answers), ranking.weights, BARS)}
        same={others.map((other) => ({
          stock: other.trailer.stock,
          href: unitAddress(other.trailer.stock, id),
          price: priceOf(other),
          differs: differsFrom(
            { price: priceOf(first), answers: match.answers },
            { price: priceOf(other), answers: other.match.answers },
          ),
        }))}
        why={
          behind && {
            over: behind.trailer.stock,
            parts: whyOver(match.answers, behind.match.answers, ranking).map(({ question, points }) => ({
              short: questionOf(question).words.short,
              points,
            })),
          }
        }
        keeping={<Keeping stock={trailer.stock} household={id} choice={choices.get(trailer.stock)} />}
        choice={choices.get(trailer.stock)}
        flexibility={match.flexibility}
        strip={
          <PlanStrip
            plan={trailer.plan}
            time="parked"
            frame={frame}
            scale={SCALE}
            text={planText(trailer, 'parked', system)}
            system={system}
          />
        }
      />
    )
  }
  return (
    <Choosing first={entries.slice(0, 3).map(({ first }) => first.trailer.stock)}>
      <PageHead
        title="Match"
        line={
          <>
            {possible} of {yard.length} units could be theirs, {entries.length} plans in all
            {firm !== undefined && entries[0] && (
              <>
                ; {yard[0]!.trailer.stock} stays first in {Math.round(100 * firm)} of 100 ways of weighing what matters
              </>
            )}
          </>
        }
      >
        <CompareChosen household={id} />
      </PageHead>
      <InTheWay ways={ways} stocks={new Map(yard.map(({ id: unit, trailer }) => [unit, trailer.stock]))} />
      {yard.length === 0 && <Text py="8">The yard is empty. Bring in trailer files under Yard.</Text>}
      <Mattering
        weights={ranking.weights}
        asked={asked(yard[0]?.match.answers ?? {}).map(({ id: question, short }) => ({ id: question, short }))}
        beside={
          <ShortCaution short="An estimate, not a rating: labels and manuals govern.">{CAUTIONS.ratings}</ShortCaution>
        }
      >
        {groups.map(({ standing, inIt }) => (
          <Box as="section" key={standing} aria-labelledby={`group-${standing}`} mt="2">
            <Heading as="h2" id={`group-${standing}`} size="md">
              {GROUPS[standing].title}{' '}
              <Text as="span" fontWeight="400" fontSize="14px" color="line">
                {inIt.length === 1 ? 'one plan' : `${inIt.length} plans`}: {GROUPS[standing].line}
              </Text>
            </Heading>
            {standing === 'fits' || standing === 'measure' ? (
              <Ordered first={FIRST} worths={inIt.map(({ first }) => worthsOf(first.match, ranking.points))}>
                {inIt.map(row(inIt))}
              </Ordered>
            ) : (
              <Paged first={FIRST}>{inIt.map(row(inIt))}</Paged>
            )}
          </Box>
        ))}
      </Mattering>
    </Choosing>
  )
}
