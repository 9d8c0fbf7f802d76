import { Box, Heading, Text } from '@chakra-ui/react'
import type { Household } from '@hitchet/core/household/household'
import { asked } from '@hitchet/core/match/asked'
import { headline } from '@hitchet/core/match/headline'
import { STANDINGS, type Standing } from '@hitchet/core/match/match'
import { CAUTIONS } from '@hitchet/core/questions/cautions'
import { trailerFigure, trailerName } from '@hitchet/core/trailer/trailer'
import { frameFor } from '../../drawing/frame'
import { planText } from '../../drawing/planText'
import { PlanStrip } from '../../drawing/PlanStrip'
import { matchedYardWithWays, type MatchedTrailer } from '../../server/services/yard'
import { Caution } from '../Caution'
import { measureSystem } from '../measureCookie'
import { PageHead } from '../PageHead'
import { Choosing, CompareChosen } from './Choosing'
import { unitAddress } from '../unitAddress'
import { InTheWay } from './InTheWay'
import { MatchRow } from './MatchRow'
import { Paged } from './Paged'

/** Pixels per inch. */
const SCALE = 0.86

/** So many of each group are shown before one asks for more. */
const FIRST = 8

const GROUPS: Record<Standing, { title: string; line: string }> = {
  fits: { title: 'These fit', line: 'nothing speaks against them; what fits best first' },
  measure: {
    title: 'These fit once measured',
    line: 'nothing against them yet, but something has to be read or measured first',
  },
  nearly: { title: 'Nearly', line: 'a small change lets each of them in, the smallest first' },
  out: { title: 'Out', line: 'no small change helps' },
}

/** The yard ranked for a household: what fits, what has to be measured, what nearly fits, what does not and why. */
export async function MatchScreen({ id, household }: { id: string; household: Household }) {
  const { yard, ways } = await matchedYardWithWays(household)
  const system = await measureSystem()
  const frame = frameFor(yard.map(({ trailer }) => trailer.plan))
  const groups = STANDINGS.map((standing) => ({
    standing,
    units: yard.filter(({ match }) => match.standing === standing),
  })).filter(({ units }) => units.length)
  const possible = yard.filter(({ match }) => match.standing === 'fits' || match.standing === 'measure').length
  const row = ({ trailer, match }: MatchedTrailer) => (
    <MatchRow
      key={trailer.stock}
      stock={trailer.stock}
      name={trailerName(trailer)}
      href={unitAddress(trailer.stock, id)}
      layout={trailer.layout}
      price={trailerFigure(trailer, 'askingPrice')}
      says={headline(match.answers)}
      nearly={match.nearly?.changes}
      asked={asked(match.answers)}
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
  return (
    <Choosing first={yard.slice(0, 3).map(({ trailer }) => trailer.stock)}>
      <PageHead
        title="Match"
        line={`${possible} of ${yard.length} units could be theirs; every answer is reckoned for this household`}
      >
        <CompareChosen household={id} />
      </PageHead>
      <Caution>{CAUTIONS.ratings}</Caution>
      <InTheWay ways={ways} stocks={new Map(yard.map(({ id: unit, trailer }) => [unit, trailer.stock]))} />
      {yard.length === 0 && <Text py="8">The yard is empty. Bring in trailer files under Yard.</Text>}
      {groups.map(({ standing, units }) => (
        <Box as="section" key={standing} aria-labelledby={`group-${standing}`} mt="5">
          <Heading as="h2" id={`group-${standing}`} size="md">
            {GROUPS[standing].title}{' '}
            <Text as="span" fontWeight="400" fontSize="14px" color="line">
              {units.length === 1 ? 'one unit' : `${units.length} units`}: {GROUPS[standing].line}
            </Text>
          </Heading>
          <Paged first={FIRST}>{units.map(row)}</Paged>
        </Box>
      ))}
    </Choosing>
  )
}
