import { listed, says, type Phrase } from '../../quantity/phrase'
import { inches } from '../../quantity/quantity'
import { waysOut } from '../ways/exits'
import { impossibleIn } from './impossible'
import { capital, nameOnPlan } from '../naming'
import { measuredApart, type MeasuredApart } from './measuredApart'
import { overlapsAt } from '../overlap'
import type { Plan } from '../plan'
import { floorOf, reachOf } from '../ways/reach'
import { middleOf, type Point } from '../shape/shape'
import { beforeDoors } from '../leaves/beforeDoors'
import { clashesAt, drawn, type Clash } from '../leaves/clashes'
import { clashWords, standingOpenWords, withoutPocketWords } from './clashWords'
import { tip } from '../leaves/leaves'
import { toldWidth } from '../floor/toldWidth'
import { withoutPocket } from '../leaves/pockets'
import { pastOnTheWayIn } from '../leaves/slideWays'
import { shutWhileOpen } from '../ways/standingOpen'
import { bodiesAt, strays, type TimeOfDay } from '../times'
import type { WayRules } from '../wayRules'
import { withId } from '../withId'

/** Something about a drawing that is not right, or has to be looked at. */
export interface Finding {
  kind: 'overlap' | 'outside' | 'impossible' | 'unreachable' | 'no way out' | 'clash' | 'measured'
  /** `wrong`: cannot be so. `look`: can be so, and somebody will mind. */
  weight: 'wrong' | 'look'
  ids: string[]
  says: Phrase
  at: Point
  /** What was measured and is drawn otherwise. */
  apart?: MeasuredApart
  /** Leaves as they then stand, to be drawn. */
  leaves?: Clash['leaves']
}

/** Everything that is not right at one time of day, what cannot be first. */
export function findingsAt(plan: Plan, time: TimeOfDay, made: readonly string[], ways: WayRules): Finding[] {
  return [
    ...standing(plan, time, made),
    ...outside(plan),
    ...(time === 'parked' ? cannotBe(plan) : []),
    ...(time === 'road' ? onTheWayIn(plan) : []),
    ...unreachable(plan, time, made, ways),
    ...(time === 'night' ? noWayOut(plan, made, ways) : []),
    ...clashing(plan, time, made),
    ...inDoorways(plan, time, made),
    ...sliding(plan, time, made),
    ...leftOpen(plan, time, made, ways),
    ...(time === 'parked' ? drawnOtherwise(plan) : []),
  ]
}

function standing(plan: Plan, time: TimeOfDay, made: readonly string[]): Finding[] {
  return overlapsAt(plan, time, made).map(({ a, b, inches: deep, at }) => {
    const [one, other] = [capital(nameOnPlan(plan, a)), nameOnPlan(plan, b)]
    const isOutside = plan.outside.some(({ id }) => id === b)
    return {
      kind: 'overlap',
      weight: 'wrong',
      ids: [a, b],
      at,
      says: isOutside
        ? says`${one} stands where ${other} comes in, by ${inches(deep)}.`
        : says`${one} stands in ${other} by ${inches(deep)}.`,
    }
  })
}

function outside(plan: Plan): Finding[] {
  return strays(plan).map(({ id, shape, inches: by }) => ({
    kind: 'outside',
    weight: 'wrong',
    ids: [id],
    at: middleOf(shape),
    says: says`${capital(nameOnPlan(plan, id))} sticks out of the walls by ${inches(by)}.`,
  }))
}

const cannotBe = (plan: Plan): Finding[] =>
  impossibleIn(plan).map(({ ids, at, says: words }) => ({ kind: 'impossible', weight: 'wrong', ids, at, says: words }))

const onTheWayIn = (plan: Plan): Finding[] =>
  pastOnTheWayIn(plan).map(({ slide, a, b }) => ({
    kind: 'overlap',
    weight: 'wrong',
    ids: [a, b, slide],
    at: middleOf(withId([...plan.fixtures, ...plan.berths], a).shape),
    says: says`On its way in with the slide ${nameOnPlan(plan, a)} runs into ${nameOnPlan(plan, b)}.`,
  }))

function unreachable(plan: Plan, time: TimeOfDay, made: readonly string[], { sideways }: WayRules): Finding[] {
  const reached = reachOf(floorOf(plan, time, made))
  return reached
    .filter(({ place, width }) => place.use !== 'door' && place.use !== 'exit window' && width < sideways)
    .map(({ place, width, between }) => {
      const name = capital(nameOnPlan(plan, place.id))
      const words =
        width === 0 || !between
          ? says`One does not get to ${name.replace(/^The/, 'the')} from any entry door.`
          : says`${name} is out of reach: ${halves(width)} between ${listed(between.map((one) => nameOnPlan(plan, one)))}.`
      return {
        kind: 'unreachable',
        weight: time === 'parked' ? 'wrong' : 'look',
        ids: [place.id],
        at: middleOf(place.shape),
        says: words,
      }
    })
}

const halves = (width: number) => inches(toldWidth(width))

function noWayOut(plan: Plan, made: readonly string[], ways: WayRules): Finding[] {
  return waysOut(floorOf(plan, 'night', made), ways, false)
    .filter(({ by }) => by.length < 2)
    .map(({ berth, by }) => {
      const shape = withId(plan.berths, berth).shape
      const words = by.length
        ? says`${capital(nameOnPlan(plan, berth))} has one way out at night, by ${nameOnPlan(plan, by[0]!)}.`
        : says`${capital(nameOnPlan(plan, berth))} has no way out at night.`
      return {
        kind: 'no way out',
        weight: by.length ? 'look' : 'wrong',
        ids: [berth],
        at: middleOf(shape),
        says: words,
      }
    })
}

function clashing(plan: Plan, time: TimeOfDay, made: readonly string[]): Finding[] {
  return clashesAt(plan, time, made).map((clash) => ({
    kind: 'clash',
    weight: 'look',
    ids: [clash.a, clash.b],
    at: clash.at,
    leaves: clash.leaves,
    says: clashWords(plan, clash),
  }))
}

function inDoorways(plan: Plan, time: TimeOfDay, made: readonly string[]): Finding[] {
  return beforeDoors(plan, time, made).map(({ door, by, at }) => ({
    kind: 'clash',
    weight: 'look',
    ids: [by, door],
    at,
    says: says`${capital(nameOnPlan(plan, by))} stands right inside ${nameOnPlan(plan, door)}.`,
  }))
}

function sliding(plan: Plan, time: TimeOfDay, made: readonly string[]): Finding[] {
  return withoutPocket(plan, time, bodiesAt(plan, time, made)).map((one) => {
    const { from, to } = withId(plan.doors, one.door)
    return {
      kind: 'clash',
      weight: 'look',
      ids: [one.door, ...(one.stoppedBy ? [one.stoppedBy] : [])],
      at: [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2],
      says: withoutPocketWords(plan, one),
    }
  })
}

function leftOpen(plan: Plan, time: TimeOfDay, made: readonly string[], ways: WayRules): Finding[] {
  const floor = floorOf(plan, time, made)
  return shutWhileOpen(floor, made, ways).map((one) => ({
    kind: 'clash',
    weight: 'look',
    ids: [one.door, ...one.lost.map(({ id }) => id)],
    at: tip(one.swing.leaf, one.swing.degrees),
    leaves: [drawn(one.swing.leaf, one.swing.degrees)],
    says: standingOpenWords(plan, one, floor.places),
  }))
}

function drawnOtherwise(plan: Plan): Finding[] {
  return measuredApart(plan).map((apart) => ({
    kind: 'measured',
    weight: 'look',
    ids: [apart.id],
    at: apart.at,
    apart,
    says: apart.says,
  }))
}
