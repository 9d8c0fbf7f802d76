import { Text } from '@chakra-ui/react'
import { TO_DRAW } from '@hitchet/core/trailer/drawn'
import { trustedHousehold } from '@hitchet/core/household/doubts'
import { notFound } from 'next/navigation'
import type { ReactNode } from 'react'
import { everyNight, type Household } from '@hitchet/core/household/household'
import { tokensOf } from '@hitchet/core/household/tokens'
import { asked } from '@hitchet/core/match/asking/asked'
import { toFindOut } from '@hitchet/core/match/asking/toFindOut'
import { againstLike } from '@hitchet/core/yard/againstLike'
import { standingOf } from '@hitchet/core/parks/fits'
import { loadOf } from '@hitchet/core/questions/tow/load'
import { racksOnPlan } from '@hitchet/core/loading/onPlan'
import { racked } from '@hitchet/core/loading/racks'
import { rigRules } from '@hitchet/core/questions/tow/rules'
import { baysOnPlan, thingsInHolds } from '@hitchet/core/stowing/onPlan'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { frameFor } from '../../drawing/frame'
import { parks } from '../../server/parks'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { houseRules } from '../../server/houseRules'
import type { KeptHousehold } from '../../server/db/households'
import { trailersByStock } from '../../server/services/trailers'
import { yardCards } from '../../server/services/cards'
import { isFigured } from '../../server/jobs/outcome'
import { hasFailed } from '../../server/services/cache/facts'
import { seenUnit } from '../../server/services/matching'
import type { SeenUnit } from '@hitchet/core/match/seen'
import { inTime, deadline } from '../../server/services/cache/deadline'
import { KeepHere } from '../../offline/KeepHere'
import { InTurn } from '../InTurn'
import { NotFigured } from '../NotFigured'
import { StillReckoning } from '../StillReckoning'
import { keptWith, unitAddress } from '../unitAddress'
import { drawnNights } from '../drawnNight'
import type { SeenBy } from './seenBy'
import { Powered, Seasoned, Staying } from './Living'
import { AgainstLike } from './AgainstLike'
import { LoadPanel } from './loading/LoadPanel'
import { SleepPanel } from './sleeping/SleepPanel'
import { ParksPanel } from './parks/ParksPanel'
import { StowPanel } from './stowing/StowPanel'
import { UnitBoard } from './UnitBoard'

/** Who is younger has the years ahead shown, years. */
const GROWN = 18

/** One unit large: the plan in three times of day under its layers, and every reading with where it comes from. */
export async function Unit({ stock, open }: { stock: string; open?: KeptHousehold }) {
  const [found] = await trailersByStock([stock])
  if (!found) notFound()
  const { trailer } = found
  const rules = houseRules()
  const lot = (await yardCards()).map(({ like: figures }) => figures)
  const own = lot.find((one) => one.stock === trailer.stock)
  const like = own ? againstLike(own, lot) : []
  const figured = open && (await inTime(deadline(), seenUnit(found, open)))
  const seen = figured && isFigured(figured) ? figured : undefined
  const through: SeenBy | undefined = open &&
    seen && {
      id: open.id,
      walker: tokensOf(open.household.people)[0],
      tallest: tallestOf(open.household),
      asked: asked(seen.answers),
      toFindOut: toFindOut(trailer, asked(seen.answers)),
      ...stowedFor(trailer, seen, open.household, rules),
      ...drawnNights(seen.nights, open.household),
    }
  return (
    <>
      <KeepHere paths={keptWith(stock, open?.id)} />
      {!open && (await hasFailed(found.id)) && <NotFigured stocks={[stock]} />}
      {open && figured && !seen && <NotFigured stocks={[stock]} who={open.household.name} />}
      {open && !figured && <StillReckoning>Still figuring this unit for {open.household.name}.</StillReckoning>}
      <UnitBoard
        trailer={trailer}
        at={unitAddress(stock, open?.id)}
        frame={frameFor([trailer.plan], through?.holds)}
        seenBy={through}
      />
      <InTurn>
        {open && seen && throughTheirEyes(stock, open.id, open.household, seen, rules)}
        <AgainstLike says={like} />
        <ParksPanel standing={standingOf(trailer)} parks={parks()} />
      </InTurn>
    </>
  )
}

/** What they bring, where it rides. */
function stowedFor(
  trailer: Trailer,
  { facts, stowing }: SeenUnit,
  household: Household,
  rules: HouseRules,
): Pick<SeenBy, 'holds' | 'stowed'> {
  const inHolds = thingsInHolds(stowing)
  const loading = rigRules(rules)
  const { onRacks, ownRack } = loadOf(household, loading)
  const { racks, tooLong } = racked(facts.tow.loading, facts.tow.rearReceiver, onRacks, ownRack, loading)
  return {
    stowed: {
      inHolds,
      onRacks: racks.map(({ title, things }) => ({ title, things })),
      tooLong: tooLong.map(({ name }) => name),
    },
    holds: [...baysOnPlan(trailer.plan, stowing, inHolds), ...racksOnPlan(trailer.plan, racks, loading)],
  }
}

/** Who sleeps where in it, what it weighs loaded, how one lives in it, and what rides where: part by part. */
function throughTheirEyes(
  stock: string,
  id: string,
  given: Household,
  { facts, answers, stowing, camping, story, goesIn, loaded }: SeenUnit,
  rules: HouseRules,
): ReactNode[] {
  const household = trustedHousehold(given)
  const { uvw } = facts.tow
  return [
    story ? (
      <SleepPanel story={story} tokens={tokensOf(household.people)}>
        {everyNight(household)
          .filter(({ age }) => age < GROWN)
          .map(({ name, age }) => ({ name, age }))}
      </SleepPanel>
    ) : (
      <Text mt="5" fontSize="18px">
        {TO_DRAW.berths.says} Who sleeps where shows once they are.
      </Text>
    ),
    loaded && uvw !== undefined && (
      <LoadPanel
        facts={facts.tow.loading}
        moments={loaded.moments}
        margins={loaded.margins}
        shares={rules.tow}
        gvwr={facts.tow.gvwr}
        counts={facts.tow.counts}
        helps={loaded.helps}
        stock={stock}
        household={id}
        label={{ uvw, hitchWeight: facts.tow.hitchWeight }}
        vehicle={loaded.vehicle}
      />
    ),
    <Staying camping={camping} answers={answers} />,
    <Seasoned facts={facts} camping={camping} answers={answers} />,
    <Powered facts={facts} camping={camping} rules={rules} />,
    <StowPanel what={stowing} changes={goesIn} people={household.people} />,
  ]
}

function tallestOf({ people }: Household): number | undefined {
  const heights = people.flatMap(({ height }) => height ?? [])
  return heights.length ? Math.max(...heights) : undefined
}
