import type { Household } from '@hitchet/core/household/household'
import type { Way } from '@hitchet/core/match/bindingConstraints'
import { outOf } from '@hitchet/core/match/cachedMatch'
import type { Answers } from '@hitchet/core/match/judge'
import type { NextQuestion } from '@hitchet/core/match/asking/nextQuestion'
import type { SeenUnit } from '@hitchet/core/match/seen'
import type { Nights } from '@hitchet/core/nights/nights'
import type { Pulled } from '@hitchet/core/questions/tow/pulled'
import { yardLeft, type YardLeft } from '@hitchet/core/match/yardLeft'
import { householdById, type KeptHousehold } from '../db/households'
import { trailersByStock } from '../db/trailers'
import { houseRules } from '../houseRules'
import { inWorker } from '../jobs/pool'
import type { AnswerRests } from '../jobs/provenance'
import type { NotFigured } from '../jobs/outcome'
import { Refused } from '../refused'
import { nearlyWays } from '@hitchet/core/match/nearlyWays'
import { AsyncCache } from '../asyncCache'
import { processSingleton } from '../processSingleton'
import { cardsById } from './cards'
import { rankedYard, type RankedYard } from './cache/answerCache'
import { VersionedCache, type Looked } from './cache/versionedCache'
import { inTime, deadline } from './cache/deadline'

/** Nobody shares it: whoever hangs up, or types on, does not wait for it any more. */
const THEIRS_ALONE = { theirsAlone: true }

/** What would let in more of a yard that is ranked for a household; where no limit does by itself, what those ask that nearly fit. */
export async function waysToFit({ units, open, stamp }: RankedYard, household: Household): Promise<Way[]> {
  const job = () => inWorker('waysFor', { out: outOf(units), household, rules: houseRules() })
  const ways = await onceA(waysLately, stamp, open, job)
  const possible = units.filter(({ standing }) => standing === 'fits' || standing === 'measure').length
  return ways.length || possible >= ENOUGH ? ways : nearlyWays(units)
}

/** Of so many that could be theirs nobody looks for what would let in one more. */
export const ENOUGH = 5

/** How firm the first place of a ranked yard is; nothing where it stands alone. */
export async function firmnessOf({ units, open, stamp }: RankedYard): Promise<number | undefined> {
  const { firm } = await onceA(firmLately, stamp, open, async () => ({
    firm: await inWorker('firmnessOf', { ranked: rivalsIn(units), rules: houseRules() }),
  }))
  return firm
}

/** Those that stand as the first does: any of them could stand before it. */
const rivalsIn = (units: RankedYard['units']) =>
  units
    .filter(({ standing }) => standing === units[0]!.standing)
    .map(({ plan, standing, worths }) => ({ plan, standing, worths }))

/** Nothing changed while the stamp is the same: made once, unless some of the yard was still being worked out. */
const onceA = <Made extends object>(
  lately: AsyncCache<Made>,
  stamp: string,
  open: number,
  make: () => Promise<Made>,
): Promise<Made> => (open === 0 ? lately.of(stamp, make) : make())

const waysLately = processSingleton('ways to fit', () => new AsyncCache<Way[]>(200))
const firmLately = processSingleton('firm places', () => new AsyncCache<{ firm: number | undefined }>(200))

/** All that a household is answered on some units, by their ids. */
export async function answersOn(units: readonly string[], household: Household): Promise<Map<string, Answers>> {
  if (units.length === 0) return new Map()
  return new Map(await inWorker('answersFor', { units, household, rules: houseRules() }, THEIRS_ALONE))
}

/** A unit through a household's eyes; nothing when it is gone meanwhile. */
export const seenUnit = (unit: Looked, household: KeptHousehold): Promise<SeenUnit | NotFigured | undefined> =>
  seenLately.of(household, unit, () =>
    inWorker('seen', { unit: unit.id, household: household.household, rules: houseRules() }),
  )

const seenLately = processSingleton('seen lately', () => new VersionedCache<SeenUnit | NotFigured>(100))

/** What a household is answered on a unit, and their nights in it: for units side by side. */
export interface AnsweredUnit {
  answers: Answers
  nights: Nights
}

/** Some units through a household's eyes, by their ids. */
export async function comparedUnits(
  units: readonly Looked[],
  household: KeptHousehold,
): Promise<Map<string, AnsweredUnit | NotFigured>> {
  const told = await Promise.all(
    units.map((unit) =>
      comparedLately.of(household, unit, () =>
        inWorker('compared', { unit: unit.id, household: household.household, rules: houseRules() }),
      ),
    ),
  )
  return new Map(units.flatMap(({ id }, i) => (told[i] ? [[id, told[i]]] : [])))
}

const comparedLately = processSingleton('compared lately', () => new VersionedCache<AnsweredUnit | NotFigured>(400))

/** The figures that each of a household's answers on a unit rests on. @throws Refused. */
export async function restsFor(stock: string, householdId: string): Promise<AnswerRests[]> {
  const [[found], kept] = await Promise.all([trailersByStock([stock]), householdById(householdId)])
  if (!found || !kept) throw new Refused('There is no such unit or household any more.', [], 404)
  return inWorker('rests', { trailer: found.trailer, household: kept.household, rules: houseRules() }, THEIRS_ALONE)
}

/** Another unit that they can pull, as it is named on the lot. */
export interface PulledUnit extends Omit<Pulled, 'id'> {
  stock: string
  name: string
}

/** Other units of the lot that a household can pull. @throws Refused. */
export async function pulledFor(stock: string, householdId: string): Promise<PulledUnit[]> {
  const [[found], kept] = await Promise.all([trailersByStock([stock]), householdById(householdId)])
  if (!found || !kept) throw new Refused('There is no such unit or household any more.', [], 404)
  const job = { instead: found.id, household: kept.household, rules: houseRules() }
  const [units, cards] = await Promise.all([inWorker('pulled', job, THEIRS_ALONE), cardsById()])
  return units.flatMap(({ id, ...rest }) => {
    const card = cards.get(id)
    return card ? [{ stock: card.unit.stock, name: card.unit.name, ...rest }] : []
  })
}

/** What to ask a household next, of all that nobody asked yet. */
export const nextFor = (household: Household): Promise<NextQuestion | undefined> =>
  inWorker('next', { household, rules: houseRules() }, THEIRS_ALONE)

/** How much of the yard is still possible: for the interview, while it is typed. */
export const yardLeftFor = (household: Household): Promise<YardLeft> =>
  inWorker('leftFor', { household, rules: houseRules() }, THEIRS_ALONE)

/** The same of a household that is kept, from what is kept of it; `open`: so many units are still being worked out. */
export async function yardLeftOf({ id, household }: KeptHousehold): Promise<YardLeft & { open: number }> {
  const until = deadline()
  const yard = await rankedYard(id, until)
  // What would let in more is told once it is known.
  return { ...yardLeft(yard.units, (await inTime(until, waysToFit(yard, household))) ?? []), open: yard.open }
}
