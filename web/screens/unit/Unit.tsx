import { notFound } from 'next/navigation'
import { everyNight, type Household } from '@hitchet/core/household/household'
import { tokensOf } from '@hitchet/core/household/tokens'
import { asked } from '@hitchet/core/match/asked'
import { sleepFacts } from '@hitchet/core/questions/sleep/facts'
import { sleepStory } from '@hitchet/core/questions/sleep/story'
import { wouldGoIn } from '@hitchet/core/questions/stow/changes'
import { stowFacts } from '@hitchet/core/questions/stow/facts'
import { ridesInIt, stowed } from '@hitchet/core/questions/stow/stowed'
import { DEFAULT_HOUSE_RULES } from '@hitchet/core/rules/houseRules'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { frameFor } from '../../drawing/frame'
import { trailersByStock } from '../../server/db/trailers'
import { answersOn } from '../../server/services/matching'
import { drawnNights } from '../drawnNight'
import type { SeenBy } from './seenBy'
import { SleepPanel } from './sleeping/SleepPanel'
import { StowPanel } from './stowing/StowPanel'
import { UnitBoard } from './UnitBoard'

function Stowing({ trailer, household }: { trailer: Trailer; household: Household }) {
  const [facts, gear] = [stowFacts(trailer), ridesInIt(household)]
  const what = stowed(facts, gear)
  return <StowPanel what={what} gear={gear} changes={wouldGoIn(facts, gear, what)} />
}

/** Who is younger has the years ahead shown, years. */
const GROWN = 18

/** One unit large: the plan in three times of day under its layers, and every reading with where it comes from. */
export async function Unit({ stock, open }: { stock: string; open?: { id: string; household: Household } }) {
  const [found] = await trailersByStock([stock])
  if (!found) notFound()
  const { trailer } = found
  const answers = open && (await answersOn(found.id, [open.household]))[0]
  const seenBy: SeenBy | undefined = open &&
    answers && {
      walker: tokensOf(open.household.people)[0],
      asked: asked(answers),
      ...drawnNights(trailer, open.household),
    }
  return (
    <>
      <UnitBoard trailer={trailer} frame={frameFor([trailer.plan])} seenBy={seenBy} />
      {open && (
        <SleepPanel
          story={sleepStory(sleepFacts(trailer), open.household, DEFAULT_HOUSE_RULES)}
          tokens={tokensOf(open.household.people)}
        >
          {everyNight(open.household)
            .filter(({ age }) => age < GROWN)
            .map(({ name, age }) => ({ name, age }))}
        </SleepPanel>
      )}
      {open && <Stowing trailer={trailer} household={open.household} />}
    </>
  )
}
