import { Box, Heading, Text } from '@chakra-ui/react'
import type { Entry } from '@hitchet/core/match/told/entries'
import type { Standing } from '@hitchet/core/match/standing'
import { yardLeft } from '@hitchet/core/match/yardLeft'
import { QUESTIONS } from '@hitchet/core/questions/index'
import { CAUTIONS } from '@hitchet/core/questions/cautions'
import { frameOf } from '../../drawing/frame'
import { houseRules } from '../../server/houseRules'
import { choicesOf } from '../../server/services/walkEvents'
import type { KeptHousehold } from '../../server/db/households'
import { yardCards } from '../../server/services/cards'
import type { RankedUnit } from '../../server/services/cache/answerCache'
import { rankedYard } from '../../server/services/cache/answerCache'
import { ENOUGH, firmnessOf, waysToFit } from '../../server/services/matching'
import { inTime, deadline } from '../../server/services/cache/deadline'
import { isPinned, planned, plansInOrder, rowsOf, type StandsAs } from '../../server/services/matchRows'
import { ShortCaution } from '../ShortCaution'
import { NotFigured } from '../NotFigured'
import { StillReckoning } from '../StillReckoning'
import { PageHead } from '../PageHead'
import { Choosing, CompareChosen } from './Choosing'
import { InTheWay } from './InTheWay'
import { Mattering } from './Mattering'
import { MatchGroup } from './MatchGroup'

type Group = Standing | 'pinned' | 'unlikely' | 'aside'

const GROUPS: Record<Group, { title: string; line: string }> = {
  pinned: { title: 'Pinned', line: 'always in view' },
  aside: { title: 'Set aside', line: 'by them or by you; nothing is lost of it' },
  fits: { title: 'These fit', line: 'nothing rules them out; what fits best first' },
  measure: {
    title: 'These fit once it is known',
    line: 'nothing rules them out yet, but something has to be asked or measured first',
  },
  nearly: { title: 'Nearly', line: 'a small change lets each of them in, the smallest first' },
  unlikely: {
    title: 'Likely not',
    line: 'the deciding figure isn’t recorded, and a unit like it fails there; check that first',
  },
  undrawn: {
    title: 'Not drawn yet',
    line: 'nothing against them by weight, length, price and the brochure; draw one to know more',
  },
  out: { title: 'Out', line: 'no small change helps' },
  sold: { title: 'Sold', line: 'not for sale any more' },
}

/** So many rows of each group come with the page; the others when they are asked for. */
const FIRST: Record<Group, number> = {
  pinned: 8,
  fits: 8,
  measure: 8,
  nearly: 4,
  unlikely: 4,
  undrawn: 4,
  out: 4,
  sold: 0,
  aside: 4,
}

/** The yard ranked for a household, plan by plan: what fits, what is still open, what nearly fits, what does not and why. */
export async function MatchScreen({ kept }: { kept: KeptHousehold }) {
  const { id, household } = kept
  const until = deadline()
  const yard = await rankedYard(id, until)
  const { open, stamp } = yard
  const units = yard.units.filter(({ standing }) => standing !== 'sold')
  const [ways, firm, choices, cards] = await Promise.all([
    inTime(until, waysToFit(yard, household)),
    inTime(until, firmnessOf(yard)),
    choicesOf(id),
    yardCards(),
  ])
  const { ranking } = houseRules()
  const frame = frameOf(cards.map(({ extent }) => extent))
  const standsAs = (stock: string) => choices.get(stock)?.stands
  const groups = grouped(units, standsAs)
  // Those that are not there in time are fetched by the page itself.
  const firstRows =
    (await inTime(
      until,
      rowsOf(
        groups.flatMap(({ standing, inIt }) => inIt.slice(0, FIRST[standing])),
        household,
        stamp,
      ),
    )) ?? []
  const possible = units.filter(({ standing }) => standing === 'fits' || standing === 'measure').length
  const plans = plansInOrder(units, standsAs)
  return (
    <Choosing first={plans.slice(0, 3).map(({ first }) => first.stock)}>
      <PageHead
        title="Match"
        line={
          <>
            {possible} of {units.length} {units.length === 1 ? 'unit' : 'units'} could be theirs,{' '}
            {plans.length === 1 ? 'one plan' : `${plans.length} plans`} in all
            {firm !== undefined && (
              <>
                ; {units[0]!.stock} stays first in {Math.round(100 * firm)} of 100 ways of weighing what matters
              </>
            )}
          </>
        }
      >
        <CompareChosen household={id} />
      </PageHead>
      {open > 0 && (
        <StillReckoning>{open === 1 ? 'One unit is' : `${open} units are`} still being worked out.</StillReckoning>
      )}
      <NotFigured stocks={yard.failed} who={household.name} />
      {ways ? (
        <InTheWay
          ways={ways}
          stocks={new Map(units.map(({ id: unit, stock }) => [unit, stock]))}
          against={
            possible >= ENOUGH
              ? []
              : yardLeft(units, ways)
                  .out.slice(0, 3)
                  .map(({ against: words, units: many }) => ({ words, units: many }))
          }
        />
      ) : (
        open === 0 && <StillReckoning>Still figuring what would let in more units.</StillReckoning>
      )}
      {cards.length === 0 && <Text py="8">The yard is empty. Take a unit in under Yard, or bring in files there.</Text>}
      <Mattering
        questions={QUESTIONS.map(({ id: question }) => question)}
        weights={ranking.weights}
        asked={QUESTIONS.filter((_, i) => units[0]?.worths[i] !== null).map(({ id: question, words: { short } }) => ({
          id: question,
          short,
        }))}
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
            <MatchGroup
              household={id}
              entries={inIt.map(({ first }) => ({ id: first.id, worths: first.worths }))}
              rows={firstRows.filter(({ unit }) => inIt.some(({ first }) => first.id === unit.id))}
              choices={Object.fromEntries(
                inIt.flatMap(({ first }) => {
                  const choice = choices.get(first.stock)
                  return choice ? [[first.stock, choice]] : []
                }),
              )}
              first={FIRST[standing]}
              weighed={standing === 'fits' || standing === 'measure'}
              frame={frame}
            />
          </Box>
        ))}
      </Mattering>
    </Choosing>
  )
}

/** As they are ranked. */
const IN_ORDER: readonly Group[] = ['fits', 'measure', 'nearly', 'unlikely', 'undrawn', 'out']

const groupOf = ({ standing, likely }: RankedUnit): Group =>
  likely && (standing === 'measure' || standing === 'nearly') ? 'unlikely' : standing

/** What is pinned, the others by how they stand, what was set aside. */
function grouped(units: readonly RankedUnit[], standsAs: StandsAs): { standing: Group; inIt: Entry<RankedUnit>[] }[] {
  const { entries, aside } = planned(units, (stock) => standsAs(stock) === 'set aside')
  const pinned = entries.filter(isPinned(standsAs))
  return [
    { standing: 'pinned' as const, inIt: pinned },
    ...IN_ORDER.map((standing) => ({
      standing,
      inIt: entries.filter((entry) => groupOf(entry.first) === standing && !pinned.includes(entry)),
    })),
    { standing: 'aside' as const, inIt: aside },
  ].filter(({ inIt }) => inIt.length)
}
