import { readFileSync } from 'node:fs'
import PF from 'pathfinding'
import { parseTrailer } from '../../core/src/formats/document'
import { factSheet } from '../../core/src/match/factSheet'
import { DEFAULT_HOUSE_RULES } from '../../core/src/rules/houseRules'
import { waysOut } from '../../core/src/plan/ways/exits'
import { EIGHTHS, type Clearance } from '../../core/src/plan/floor/clearance'
import { floorOf, reachOf } from '../../core/src/plan/ways/reach'
import type { Place } from '../../core/src/plan/floor/places'
import type { Plan } from '../../core/src/plan/plan'
import { atArm } from '../../core/src/plan/floor/stands'
import { moved } from '../../core/src/plan/shape/shape'
import { check } from '../../web/analysis/analyse'
import { spread, timed } from './median'

const ROUNDS = 60
/** Threads that reckon stay, and have read a yard before: what is asked of them is measured as of a thread that has. */
const BEFORE = 80
const STOCK = 't-126-larkmere-29-rl'

/**
 * What the plan of a 29 ft unit answers parked, at night and on the road: clearance, widest ways, ways out.
 * Against one Dijkstra of the pathfinding package over the same raster, from the entry to the farthest cell, with
 * the grid it needs made for it (a grid serves one search only); and without.
 * To reach: 30 ms median, less than the one Dijkstra, and growth in line with the area. A drag step: what is checked
 * of the time that is shown, under 16 ms.
 */
export async function benchFacts() {
  const trailer = parseTrailer(
    readFileSync(new URL(`../../demo/yard/${STOCK}.json`, import.meta.url), 'utf8'),
  ).document!
  const raster = rasterOf(trailer.plan)
  // In turn: a machine that is slow for a while is so for all three.
  const [threeTimes, dijkstra, search] = await timesInTurn([
    one(() => structuredClone(trailer.plan), answer),
    one(
      () => raster,
      ({ matrix, from, to }) => new PF.DijkstraFinder().findPath(...from, ...to, new PF.Grid(matrix)),
    ),
    one(
      () => ({ ...raster, grid: new PF.Grid(raster.matrix) }),
      ({ grid, from, to }) => new PF.DijkstraFinder().findPath(...from, ...to, grid),
    ),
  ])
  // What follows from a drawing alone is remembered: each round gets one that nobody has seen.
  const all = await measured(
    () => ({ ...trailer, plan: nudged(trailer.plan) }),
    (one) => factSheet(one, DEFAULT_HOUSE_RULES),
  )
  const growth = []
  for (const times of [1, 2, 4]) {
    const plan = lengthened(trailer.plan, times)
    const { clearance } = floorOf(plan, 'parked')
    growth.push({
      cells: clearance.columns * clearance.rows,
      ms: (
        await measured(
          () => structuredClone(plan),
          (one) => reachOf(floorOf(one, 'parked')),
        )
      ).median,
    })
  }
  const dragStep = await measured(
    () => nudged(trailer.plan),
    (plan) => check(plan, 'parked', [], DEFAULT_HOUSE_RULES.ways),
  )
  return {
    plan: STOCK,
    threeTimesMs: spread(threeTimes!),
    pathfindingDijkstraMs: spread(dijkstra!),
    searchAloneMs: spread(search!),
    timesOneDijkstra: ratio(threeTimes!, dijkstra!),
    timesOneSearchAlone: ratio(threeTimes!, search!),
    allQuestionsMs: all,
    dragStepMs: dragStep,
    growth,
  }
}

/** One thing a hair farther: what a drag step leaves to be checked. */
function nudged(plan: Plan): Plan {
  const copy = structuredClone(plan)
  nudges += 1
  copy.fixtures[0]!.shape = moved(copy.fixtures[0]!.shape, (nudges % 500) / 1000, 0)
  return copy
}

let nudges = 0

/** As "Within reach" asks it: what one uses by day, the beds at night. */
const used = ({ use }: Place): boolean => use !== 'door' && use !== 'exit window'

function answer(plan: Plan): void {
  reachOf(floorOf(plan, 'parked'), 'entry', used)
  reachOf(floorOf(plan, 'road'), 'entry', used)
  const night = floorOf(
    plan,
    'night',
    plan.conversions.map(({ id }) => id),
  )
  reachOf(night, 'toilet', ({ use }) => use === 'bed')
  waysOut(night, DEFAULT_HOUSE_RULES.ways, true)
}

/** Something to be measured once; what it needs is made before. */
type Measured = () => Promise<number>

/** `make` is not timed: what is known of a plan is remembered with it, so each round gets its own. */
const one =
  <T>(make: () => T, work: (made: T) => unknown): Measured =>
  async () => {
    const made = make()
    return (await timed(() => work(made))).took
  }

const measured = async <T>(make: () => T, work: (made: T) => unknown) =>
  spread((await timesInTurn([one(make, work)]))[0]!)

/** Of each so many times; what comes first in a round changes from round to round. */
async function timesInTurn(works: readonly Measured[]): Promise<number[][]> {
  for (let i = 0; i < BEFORE; i++) for (const work of works) await work()
  const times = works.map((): number[] => [])
  for (let i = 0; i < ROUNDS; i++)
    for (let n = 0; n < works.length; n++) {
      const at = (i + n) % works.length
      times[at]!.push(await works[at]!())
    }
  return times
}

/** How many times as long as the other, round by round: a machine that changes its speed does so between rounds. */
const ratio = (some: readonly number[], others: readonly number[]): number =>
  spread(some.map((took, i) => took / others[i]!)).median

/** The floor as the pathfinding package takes it: 1 where something stands; from the entry to the farthest cell. */
function rasterOf(plan: Plan): { matrix: number[][]; from: [number, number]; to: [number, number] } {
  const { clearance, standsOf, places } = floorOf(plan, 'parked')
  const { columns, rows, wide } = clearance
  const matrix = Array.from({ length: rows }, (_, row) =>
    Array.from({ length: columns }, (_, column) => (wide[row * columns + column]! > 0 ? 0 : 1)),
  )
  const place = (cell: number): [number, number] => [cell % columns, Math.floor(cell / columns)]
  const from = atArm(standsOf(places.find(({ use }) => use === 'door')!)).find((cell) => wide[cell]! > 0)!
  return { matrix, from: place(from), to: place(farthest(clearance, from)) }
}

/** The cell that takes the most steps to get to: the last that a breadth-first walk comes to. */
function farthest(clearance: Clearance, from: number): number {
  const { columns, wide } = clearance
  const seen = new Set([from])
  let last = from
  for (const cell of seen) {
    last = cell
    for (const to of [cell - 1, cell + 1, cell - columns, cell + columns]) if (wide[to]! >= EIGHTHS) seen.add(to)
  }
  return last
}

/** So many of the same plan in line, for how the work grows with the floor. */
function lengthened(plan: Plan, times: number): Plan {
  const copies = Array.from({ length: times }, (_, i) => ({
    fixtures: plan.fixtures.map((one) => ({
      ...one,
      id: `${one.id}-${i}`,
      slide: undefined,
      shape: moved(one.shape, i * plan.box.length, 0),
    })),
  }))
  return {
    ...plan,
    box: { ...plan.box, length: plan.box.length * times },
    slides: [],
    walls: [],
    windows: [],
    berths: [],
    conversions: [],
    fixtures: copies.flatMap(({ fixtures }) => fixtures),
  }
}
