import { inscribed, toiletRoom, type Elbow } from '@hitchet/core/plan/living/elbow'
import { waysOut, type WaysOut } from '@hitchet/core/plan/ways/exits'
import { findingsAt, type Finding } from '@hitchet/core/plan/findings/findings'
import { floorSpace, type RoomFloor } from '@hitchet/core/plan/floor/floorSpace'
import { withoutImpossible } from '@hitchet/core/plan/findings/impossible'
import { toldWidth } from '@hitchet/core/plan/floor/toldWidth'
import { heatBands, type HeatBand } from '@hitchet/core/plan/floor/heat'
import { measuredApart, type MeasuredApart } from '@hitchet/core/plan/findings/measuredApart'
import { nameOnPlan } from '@hitchet/core/plan/naming'
import type { Place, Use } from '@hitchet/core/plan/floor/places'
import type { Plan } from '@hitchet/core/plan/plan'
import { floorOf, reachOf, squeezedBetween, wayOf, type Floor } from '@hitchet/core/plan/ways/reach'
import type { Point } from '@hitchet/core/plan/shape/shape'
import { sightLines, type SightLine } from '@hitchet/core/plan/living/sight'
import type { TimeOfDay } from '@hitchet/core/plan/times'
import type { Way } from '@hitchet/core/plan/ways/ways'
import type { WayRules } from '@hitchet/core/plan/wayRules'

/** What a plan answers at one time of day: plain data, made away from the screen's own thread. */
export interface Analysis {
  time: TimeOfDay
  findings: Finding[]
  heat: HeatBand[]
  ways: WalkedWay[]
  exits: WaysOut[]
  sights: SightLine[]
  /** Where one turns under each shower. */
  circles: { id: string; center: Point; radius: number }[]
  elbows: Elbow[]
  /** Free floor of each room, square inches. */
  floors: RoomFloor[]
  /** What was measured and is drawn otherwise, at whatever time. */
  apart: MeasuredApart[]
}

export interface WalkedWay {
  id: string
  name: string
  use: Use
  width: number
  between?: [string, string]
  way?: Way
}

/** `hatches`: whether cargo and ramp doors open from inside. */
export function analyse(
  drawn: Plan,
  time: TimeOfDay,
  made: readonly string[],
  rules: WayRules,
  hatches: boolean,
): Analysis {
  // What cannot be so is found, and counted on by nothing.
  const plan = withoutImpossible(drawn)
  const floor = floorOf(plan, time, made)
  return {
    time,
    findings: findingsAt(drawn, time, made, rules),
    heat: heatBands(floor.clearance, [rules.sideways, rules.shoulder, rules.comfortable, rules.wheelchair]),
    ways: reachOf(floor)
      .filter(({ place }) => place.use !== 'door' && place.use !== 'exit window')
      .map(({ place, width }) => walked(floor, place, width, rules)),
    exits: time === 'night' ? waysOut(floor, rules, hatches) : [],
    sights: sightLines(plan, time, made),
    circles: plan.fixtures
      .filter(({ kind }) => kind === 'shower' || kind === 'tub' || kind === 'wet-bath')
      .map(({ id, shape }) => ({ id, ...inscribed(shape) })),
    elbows: toiletRoom(plan, time),
    floors: floorSpace(plan, floor.clearance),
    apart: measuredApart(drawn),
  }
}

/** The way as it is drawn, and what its narrowest spot lies between. */
function walked(floor: Floor, { id, name, use }: Place, width: number, rules: WayRules): WalkedWay {
  const way = wayOf(floor, id)
  const between = way && width < rules.wheelchair ? squeezedBetween(floor, way.narrowest) : undefined
  return {
    id,
    name,
    use,
    width: toldWidth(width),
    way,
    ...(between && { between: [nameOnPlan(floor.plan, between[0]), nameOnPlan(floor.plan, between[1])] }),
  }
}

/** What is not right at one time of day: while something is being moved. */
export function check(plan: Plan, time: TimeOfDay, made: readonly string[], rules: WayRules): Finding[] {
  return findingsAt(plan, time, time === 'night' ? made : [], rules)
}
