import { Text } from '@chakra-ui/react'
import { TO_DRAW } from '@hitchet/core/trailer/drawn'
import { trustedHousehold } from '@hitchet/core/household/doubts'
import { notFound } from 'next/navigation'
import { everyNight, type Household } from '@hitchet/core/household/household'
import { tokensOf } from '@hitchet/core/household/tokens'
import { asked } from '@hitchet/core/match/asked'
import { factsOn, type FactSheet } from '@hitchet/core/match/factSheet'
import type { Answers } from '@hitchet/core/match/judge'
import { againstLike } from '@hitchet/core/yard/againstLike'
import { standingOf } from '@hitchet/core/parks/fits'
import { sleepStory } from '@hitchet/core/questions/sleep/story'
import { wouldGoIn } from '@hitchet/core/questions/stow/changes'
import { estimateOf } from '@hitchet/core/questions/tow/estimate'
import type { TowFacts } from '@hitchet/core/questions/tow/facts'
import { towHelps } from '@hitchet/core/questions/tow/helps'
import { aboardOf } from '@hitchet/core/questions/tow/vehicleLimits'
import { marginsAt, type LimitMargin } from '@hitchet/core/questions/tow/limits'
import { loadOf, ratingsOf } from '@hitchet/core/questions/tow/load'
import { MOMENTS, type MomentId } from '@hitchet/core/loading/weights'
import { racksOnPlan } from '@hitchet/core/loading/onPlan'
import { racked } from '@hitchet/core/loading/racks'
import { LOADING_RULES } from '@hitchet/core/loading/rules'
import { baysOnPlan, thingsInHolds } from '@hitchet/core/stowing/onPlan'
import type { Stowed } from '@hitchet/core/stowing/stowed'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { sharedFor } from '@hitchet/core/shared/shared'
import { frameFor } from '../../drawing/frame'
import { parks } from '../../server/parks'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { houseRules } from '../../server/houseRules'
import { trailersByStock } from '../../server/db/trailers'
import { yardCards } from '../../server/services/cards'
import { answersOn } from '../../server/services/matching'
import { KeepHere } from '../../offline/KeepHere'
import { keptWith, unitAddress } from '../unitAddress'
import { drawnNights } from '../drawnNight'
import type { SeenBy } from './seenBy'
import { Living } from './Living'
import { AgainstLike } from './AgainstLike'
import { LoadPanel } from './loading/LoadPanel'
import { SleepPanel } from './sleeping/SleepPanel'
import { ParksPanel } from './parks/ParksPanel'
import { StowPanel } from './stowing/StowPanel'
import { UnitBoard } from './UnitBoard'

/** Who is younger has the years ahead shown, years. */
const GROWN = 18

/** One unit large: the plan in three times of day under its layers, and every reading with where it comes from. */
export async function Unit({ stock, open }: { stock: string; open?: { id: string; household: Household } }) {
  const [found] = await trailersByStock([stock])
  if (!found) notFound()
  const { trailer } = found
  const rules = houseRules()
  const lot = (await yardCards()).map(({ like: figures }) => figures)
  const own = lot.find((one) => one.stock === trailer.stock)
  const like = own ? againstLike(own, lot) : []
  const answers = open && (await answersOn([found.id], open.household)).get(found.id)
  const seenBy: SeenBy | undefined = open &&
    answers && {
      id: open.id,
      walker: tokensOf(open.household.people)[0],
      tallest: tallestOf(open.household),
      asked: asked(answers),
      ...stowedFor(trailer, open.household, rules),
      ...drawnNights(trailer, open.household, rules),
    }
  return (
    <>
      <KeepHere paths={keptWith(stock, open?.id)} />
      <UnitBoard
        trailer={trailer}
        at={unitAddress(stock, open?.id)}
        frame={frameFor([trailer.plan], seenBy?.holds)}
        seenBy={seenBy}
      />
      {open && answers && (
        <ThroughTheirEyes
          stock={stock}
          id={open.id}
          household={open.household}
          facts={factsOn(trailer, rules)}
          rules={rules}
          answers={answers}
        />
      )}
      <AgainstLike says={like} />
      <ParksPanel standing={standingOf(trailer)} parks={parks()} />
    </>
  )
}

/** What they bring, where it rides. */
function stowedFor(trailer: Trailer, household: Household, rules: HouseRules): Pick<SeenBy, 'holds' | 'stowed'> {
  const facts = factsOn(trailer, rules)
  const what = sharedFor(trustedHousehold(household), rules)(facts).stowing
  const inHolds = thingsInHolds(what)
  const { onRacks, ownRack } = loadOf(household, rules.tow)
  const loading = { ...LOADING_RULES, ...rules.tow }
  const { racks, tooLong } = racked(facts.tow.loading, facts.tow.rearReceiver, onRacks, ownRack, loading)
  return {
    stowed: {
      inHolds,
      onRacks: racks.map(({ title, things }) => ({ title, things })),
      tooLong: tooLong.map(({ name }) => name),
    },
    holds: [...baysOnPlan(trailer.plan, what, inHolds), ...racksOnPlan(trailer.plan, racks, loading)],
  }
}

/** Who sleeps where in it, what it weighs loaded, and what rides where. */
function ThroughTheirEyes({
  stock,
  id,
  household: given,
  facts,
  rules,
  answers,
}: {
  stock: string
  id: string
  household: Household
  facts: FactSheet
  rules: HouseRules
  answers: Answers
}) {
  const household = trustedHousehold(given)
  const { nights, stowing, camping } = sharedFor(household, rules)(facts)
  const undrawn = facts.undrawn.includes('berths')
  const { uvw } = facts.tow
  return (
    <>
      {undrawn && (
        <Text mt="5" fontSize="18px">
          {TO_DRAW.berths.says} Who sleeps where shows once they are.
        </Text>
      )}
      {!undrawn && (
        <SleepPanel story={sleepStory(nights, facts.sleep.advertised, household)} tokens={tokensOf(household.people)}>
          {everyNight(household)
            .filter(({ age }) => age < GROWN)
            .map(({ name, age }) => ({ name, age }))}
        </SleepPanel>
      )}
      {uvw !== undefined && (
        <Loaded
          stock={stock}
          id={id}
          household={household}
          facts={{ ...facts.tow, uvw }}
          rules={rules}
          what={stowing}
        />
      )}
      <Living camping={camping} facts={facts} answers={answers} rules={rules} />
      <StowPanel what={stowing} changes={wouldGoIn(facts.stow, stowing, rules.stow)} people={household.people} />
    </>
  )
}

/** A half-ton pickup, while nobody read what theirs weighs; only the played scale asks, pounds. */
const USUAL_VEHICLE = 5_400

/** The trailer as these people load it, at four moments, against every limit. */
function Loaded({
  stock,
  id,
  household,
  facts,
  rules: { tow: rules },
  what,
}: {
  stock: string
  id: string
  household: Household
  facts: TowFacts & { uvw: number }
  rules: HouseRules
  what: Stowed
}) {
  const towed = {
    load: loadOf(household, rules),
    ratings: ratingsOf(household),
    vehicle: household.vehicle.name,
    rules,
  }
  const moments = estimateOf(facts, towed, what)
  const margins = Object.fromEntries(MOMENTS.map((id) => [id, marginsAt(facts, towed, moments[id])]))
  return (
    <LoadPanel
      facts={facts.loading}
      moments={moments}
      margins={margins as Record<MomentId, LimitMargin[]>}
      shares={rules}
      gvwr={facts.gvwr}
      counts={facts.counts}
      helps={towHelps(facts, household, what, rules)}
      stock={stock}
      household={id}
      label={{ uvw: facts.uvw, hitchWeight: facts.hitchWeight }}
      vehicle={(towed.ratings.curbWeight ?? USUAL_VEHICLE) + aboardOf(towed.load, moments.racked)}
    />
  )
}

function tallestOf({ people }: Household): number | undefined {
  const heights = people.flatMap(({ height }) => height ?? [])
  return heights.length ? Math.max(...heights) : undefined
}
