import type { Household } from '../../household/household'
import { gallonsOf } from '../../loading/facts'
import { says } from '../../quantity/phrase'
import { pounds } from '../../quantity/quantity'
import { figure } from '../../readings/reading'
import { VEHICLE_READS, type VehicleKey } from '../../readings/vehicleReads'
import type { CounterfactualRules } from '../counterfactualRules'
import { plainName } from '../../stowing/stowed'
import { sizeOf, type Change } from '../change'
import type { Helping, Limit, Refusal } from '../helping'
import { limitsRaised } from '../limits'
import type { Reason } from '../reason'
import type { TowFacts } from './facts'
import type { TowRules } from './rules'

/** So many things that could stay home are tried, the heaviest first, and none lighter than this, pounds. */
const MOST_GEAR = 3
const WORTH_LEAVING = 20

const RATING_WORDS: Partial<Record<VehicleKey, string>> = {
  towRating: 'a tow rating of',
  payload: 'a payload of',
  gcwr: 'a GCWR of',
  gvwr: 'a GVWR of',
  hitchTongue: 'a receiver that carries',
  hitchTrailer: 'a receiver rated',
}

/** The rating that a point goes by, by its key. */
const ratingOf = ({ rests }: Reason): string | undefined => /^household\.vehicle\.(\w+)$/.exec(rests?.[0] ?? '')?.[1]

/** Another vehicle, or another receiver on theirs; in steps of ten pounds, as labels are. Nobody rates its seats. */
export const TOW_LIMITS: readonly Limit[] = (Object.keys(VEHICLE_READS) as VehicleKey[])
  .filter((key) => key !== 'seats')
  .map((key) => ({
    kind: key,
    decides: (reason) => ratingOf(reason) === key,
    now: ({ vehicle }) => figure(vehicle.readings, key),
    raised({ vehicle: { readings } }, amount, size) {
      const value = Math.ceil(((figure(readings, key) ?? 0) + amount) / 10) * 10
      return {
        id: `${key}:${value}`,
        size,
        says: says`they had ${RATING_WORDS[key] ?? key} ${pounds(value)}`,
        change: (now) => {
          const { vehicle } = now.household
          const read = { ...vehicle.readings, [key]: [{ value, source: 'label' as const, confirmed: true }] }
          return { ...now, household: { ...now.household, vehicle: { ...vehicle, readings: read } } }
        },
      }
    },
  }))

type Towed = Refusal<TowFacts, TowRules>

export const towHelping: Helping<TowFacts, TowRules> = {
  turn: 4,
  least: (of) => Math.min(...loadsOf(of).map((load) => boundOf(load, of.answer.because, of.sizes))),
  smallest: pulled,
}

/** With nothing changed in the load, with the tank empty, with one heavy thing at home: what is left to raise. */
function pulled(
  of: Towed,
  left: number,
  answered: Parameters<Helping<TowFacts, TowRules>['smallest']>[2],
): Change[] | undefined {
  const { answer, household, sizes } = of
  let best: Change[] | undefined
  const loads = loadsOf(of)
    .map((load) => ({ ...load, bound: boundOf(load, answer.because, sizes) }))
    .sort((a, b) => a.bound - b.bound)
  for (const { set, bound } of loads) {
    // The bounds only grow: what is left is no smaller.
    if (bound > left || (best && bound >= sizeOf(best))) break
    const now = set.length ? answered(set)! : answer
    const raised = limitsRaised(TOW_LIMITS, now, household, (kind) => sizes.ratings[kind as VehicleKey])
    const whole = raised && [...set, ...raised]
    if (whole && sizeOf(whole) <= left && (!best || sizeOf(whole) < sizeOf(best))) best = whole
  }
  return best
}

interface Load {
  set: Change[]
  /** Pounds it takes off at most. */
  relief: number
}

function loadsOf({ facts, household, rules, sizes }: Towed): Load[] {
  const fresh = gallonsOf(facts.loading, 'fresh-tank')
  const tank: Load[] =
    fresh && household.trip.fresh !== 'empty'
      ? [{ set: [dryTank(sizes.dryTank)], relief: fresh * rules.waterPerGallon }]
      : []
  const things = household.gear
    .filter(({ rides, weight, count }) => rides === 'trailer' && weight * count >= WORTH_LEAVING)
    .sort((a, b) => b.weight * b.count - a.weight * a.count)
    .slice(0, MOST_GEAR)
    .map((one): Load => ({ set: [leftAtHome(one, sizes.leave)], relief: one.weight * one.count }))
  const both = tank.flatMap((a) => things.map((b) => ({ set: [...a.set, ...b.set], relief: a.relief + b.relief })))
  return [{ set: [], relief: 0 }, ...tank, ...things, ...both]
}

/** The size of a load and of what it leaves to raise, were all it takes off to count in full for every limit. */
function boundOf({ set, relief }: Load, because: readonly Reason[], sizes: CounterfactualRules): number {
  let bound = sizeOf(set)
  for (const reason of because) {
    if (reason.verdict !== 'no') continue
    const limit = sizes.ratings[ratingOf(reason) as VehicleKey] ?? 0
    const over = reason.margin ? -reason.margin.value - relief : Infinity
    if (over > limit) return Infinity
    if (over > 0) bound += over / limit
  }
  return bound
}

const leftAtHome = (gear: Household['gear'][number], size: number): Change => ({
  id: `leave:${gear.id}`,
  size,
  says: says`the ${plainName(gear)} ${gear.count > 1 ? 'stay' : 'stays'} home`,
  change: (now) => ({
    ...now,
    household: { ...now.household, gear: now.household.gear.filter(({ id }) => id !== gear.id) },
  }),
})

const dryTank = (size: number): Change => ({
  id: 'dry tank',
  size,
  says: says`they travel with the fresh tank empty`,
  change: (now) => ({
    ...now,
    household: { ...now.household, trip: { ...now.household.trip, fresh: 'empty' } },
  }),
})
