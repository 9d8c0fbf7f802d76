import { DOOR_KINDS, FIXTURE_KINDS, type FixtureKind } from '../../readings/catalogue'
import { says, type Phrase } from '../../quantity/phrase'
import { facesOf, OPPOSITE, outerWall } from '../facing'
import { nameOnPlan, capital } from '../naming'
import { overlapDepth, wallShape } from '../overlap'
import type { Fixture, Plan, Side, Slide } from '../plan'
import { bounds, meets, middleOf, type Bounds, type Point } from '../shape/shape'
import { shellAt } from '../shell'
import { bay, inside } from '../times'
import { oncePerAndItself } from '../../memory/remembered'

/** Something that is drawn where it cannot be. What is `lost` is not counted on by any answer. */
export interface Impossible {
  ids: string[]
  at: Point
  says: Phrase
  lost?: { list: 'doors' | 'windows' | 'fixtures'; id: string }
}

/** A wall may stand so far into what a slide sweeps: half its thickness, inches. */
const ACROSS = 0.4
/** Two openings that share less of a wall than this only touch, inches. */
const TOUCH = 1
/** How far a TV may hang before what carries it, inches: a bracket's arm. */
const ARM = 6
/** A TV on a foot stands so far above what it is on, inches. */
const STAND = 16
const HAIR = 0.1
/** What a TV stands on. */
const STANDS_ON = new Set<FixtureKind>(['counter', 'island', 'cabinet', 'nightstand', 'desk', 'fireplace'])
/** So much of it has to be carried. */
const MOST = 0.6

/**
 * Openings in a wall that isn't there, or in one place; a slide that comes in across a wall; a TV on nothing. A slide's
 * opening has no window and no door in it:
 *
 *      ---window---+           +------      in the slide's back: a window
 *                  |   slide   |
 *      ------------+ - - - - - +------      on the dashes: in the slide's opening, none
 */
export function impossibleIn(plan: Plan): Impossible[] {
  return [
    ...inOpenings(plan),
    ...openingsTogether(plan),
    ...slidesTogether(plan),
    ...acrossWalls(plan),
    ...hanging(plan),
  ]
}

/** The plan without what cannot be so: nobody gets out by a window where there is no wall. */
export const withoutImpossible = oncePerAndItself((plan: Plan): Plan => {
  const lost = impossibleIn(plan).flatMap((one) => one.lost ?? [])
  const kept = <T extends { id: string }>(list: 'doors' | 'windows' | 'fixtures', all: T[]): T[] =>
    all.filter(({ id }) => !lost.some((one) => one.list === list && one.id === id))
  return lost.length
    ? {
        ...plan,
        doors: kept('doors', plan.doors),
        windows: kept('windows', plan.windows),
        fixtures: kept('fixtures', plan.fixtures),
      }
    : plan
})

interface Opening {
  list: 'doors' | 'windows'
  id: string
  wall: Side
  /** Where it begins and ends along its wall, and how far out the wall is: beside the box, or at a slide's back. */
  from: number
  to: number
  out: number
  size: number
}

const isLong = (wall: Side): boolean => wall === 'door' || wall === 'off-door'

function openings(plan: Plan): Opening[] {
  const of = (list: Opening['list']) =>
    (list === 'doors' ? plan.doors.filter(({ kind }) => DOOR_KINDS[kind].outer) : plan.windows).map(
      ({ id, from, to }): Opening => {
        const wall = outerWall(plan, { from, to })
        const axis = isLong(wall) ? 0 : 1
        const [a, b] = [Math.min(from[axis], to[axis]), Math.max(from[axis], to[axis])]
        return { list, id, wall, from: a, to: b, out: from[1 - axis]!, size: b - a }
      },
    )
  return [...of('doors'), ...of('windows')]
}

const shared = (a: Pick<Opening, 'from' | 'to'>, b: Pick<Opening, 'from' | 'to'>): number =>
  Math.min(a.to, b.to) - Math.max(a.from, b.from)

/** Whether it is in the wall of the box, and not farther out. */
const inBox = ({ box }: Plan, { wall, out }: Opening): boolean =>
  wall === 'off-door' || wall === 'front'
    ? out >= -box.wall
    : out <= (wall === 'door' ? box.width : box.length) + box.wall

const spanOf = ({ wall, start, length }: Slide): { wall: Side; from: number; to: number } => ({
  wall,
  from: start,
  to: start + length,
})

function inOpenings(plan: Plan): Impossible[] {
  return openings(plan).flatMap((one): Impossible[] => {
    const slide = plan.slides.find((other) => other.wall === one.wall && shared(one, spanOf(other)) > TOUCH)
    if (!slide || !inBox(plan, one)) return []
    const name = capital(nameOnPlan(plan, one.id))
    return [
      {
        ids: [one.id, slide.id],
        at: onWall(one),
        says: says`${name} is drawn in the opening of a slide: there's no wall there. Draw it in the slide, or beside it.`,
        lost: { list: one.list, id: one.id },
      },
    ]
  })
}

/** Of two that share wall the smaller is not counted; a door before a window. */
function openingsTogether(plan: Plan): Impossible[] {
  const all = openings(plan)
  return all.flatMap((one, i) =>
    all.slice(i + 1).flatMap((other): Impossible[] => {
      if (one.wall !== other.wall || Math.abs(one.out - other.out) > plan.box.wall + TOUCH) return []
      if (shared(one, other) <= TOUCH) return []
      const less = one.list === other.list ? (one.size < other.size ? one : other) : other
      const more = less === one ? other : one
      const names = says`${capital(nameOnPlan(plan, less.id))} and ${nameOnPlan(plan, more.id)} share wall`
      return [
        {
          ids: [less.id, more.id],
          at: onWall(less),
          says: says`${names}: one of them is drawn wrong.`,
          lost: { list: less.list, id: less.id },
        },
      ]
    }),
  )
}

function slidesTogether(plan: Plan): Impossible[] {
  return plan.slides.flatMap((one, i) =>
    plan.slides.slice(i + 1).flatMap((other): Impossible[] =>
      one.wall === other.wall && shared(spanOf(one), spanOf(other)) > TOUCH
        ? [
            {
              ids: [one.id, other.id],
              at: middleOf({ rect: rectOf(bay(plan, one)) }),
              says: says`Two slides share wall: one of them is drawn wrong.`,
            },
          ]
        : [],
    ),
  )
}

/** An inside wall that ends in a slide's opening: the slide comes in across it. */
function acrossWalls(plan: Plan): Impossible[] {
  return plan.slides.flatMap((slide) => {
    const { x0, x1, y0, y1 } = bay(plan, slide)
    const room = inside(plan)
    // What the slide's floor sweeps as it comes in, and the edge of the opening itself.
    const swept = {
      'off-door': { x0, x1, y0: room.y0, y1: room.y0 + slide.depth },
      door: { x0, x1, y0: room.y1 - slide.depth, y1: room.y1 },
      front: { x0: room.x0, x1: room.x0 + slide.depth, y0, y1 },
      rear: { x0: room.x1 - slide.depth, x1: room.x1, y0, y1 },
    }[slide.wall]
    const dividers = [
      ...plan.walls,
      ...plan.doors.filter(({ kind }) => !DOOR_KINDS[kind].outer).map((door) => ({ ...door, thickness: 1 })),
    ]
    return dividers
      .filter(({ id: _id, ...wall }) => overlapDepth(wallShape({ id: '', ...wall }), { rect: rectOf(swept) }) > ACROSS)
      .map((wall): Impossible => ({
        ids: [slide.id, wall.id],
        at: middleOf(wallShape(wall)),
        says: says`A slide comes in across ${nameOnPlan(plan, wall.id)}: move it, or shorten the slide.`,
      }))
  })
}

/** A TV hangs on a wall, the box or a slide's own, or on something that stands high; a curtain carries none. */
function hanging(plan: Plan): Impossible[] {
  return plan.fixtures.flatMap((tv): Impossible[] => {
    if (tv.kind !== 'tv' || carried(plan, tv)) return []
    return [
      {
        ids: [tv.id],
        at: middleOf(tv.shape),
        says: says`${capital(nameOnPlan(plan, tv.id))} hangs on nothing: no wall or tall cabinet is behind it.`,
        lost: { list: 'fixtures', id: tv.id },
      },
    ]
  })
}

/** Whether most of its back is before something that carries it, or most of it stands on something. */
function carried(plan: Plan, tv: Fixture): boolean {
  const box = bounds(tv.shape)
  const back = OPPOSITE[facesOf(plan, tv)]
  const lengthwise = isLong(back)
  const [from, to] = lengthwise ? [box.x0, box.x1] : [box.y0, box.y1]
  const behind: Bounds = {
    x0: back === 'front' ? box.x0 - ARM : lengthwise ? box.x0 : box.x1,
    x1: back === 'rear' ? box.x1 + ARM : lengthwise ? box.x1 : box.x0,
    y0: back === 'off-door' ? box.y0 - ARM : lengthwise ? box.y1 : box.y0,
    y1: back === 'door' ? box.y1 + ARM : lengthwise ? box.y0 : box.y1,
  }
  const across = (one: Bounds): [number, number] => (lengthwise ? [one.x0, one.x1] : [one.y0, one.y1])
  const bottom = (tv.band ?? FIXTURE_KINDS.tv.band)[0]
  const topOf = ({ kind, band }: Fixture) => (band ?? FIXTURE_KINDS[kind].band)[1]
  const others = plan.fixtures.filter((one) => one !== tv)
  const carriers = [
    ...[...plan.walls, ...plan.doors.filter(({ kind }) => kind === 'pocket' || kind === 'sliding')].map((wall) =>
      bounds(wallShape({ thickness: 1, ...wall })),
    ),
    ...shellAt(plan, 'parked').map(({ shape }) => bounds(shape)),
    ...others.filter((one) => topOf(one) > bottom).map(({ shape }) => bounds(shape)),
  ].filter((one) => meets(one, behind, HAIR))
  const below = others
    .filter((one) => STANDS_ON.has(one.kind) && topOf(one) > bottom - STAND)
    .map(({ shape }) => bounds(shape))
    .filter((one) => meets(one, box))
  return [carriers, below].some((some) => covered(some.map(across), from, to) >= (to - from) * MOST)
}

/** How much of a stretch some others cover together. */
function covered(some: readonly (readonly [number, number])[], from: number, to: number): number {
  let [sum, at] = [0, from]
  for (const [a, b] of [...some].sort((one, other) => one[0] - other[0])) {
    const [start, end] = [Math.max(a, at), Math.min(b, to)]
    if (end > start) [sum, at] = [sum + end - start, end]
  }
  return sum
}

const onWall = ({ wall, from, to, out }: Opening): Point =>
  isLong(wall) ? [(from + to) / 2, out] : [out, (from + to) / 2]

const rectOf = ({
  x0,
  x1,
  y0,
  y1,
}: {
  x0: number
  x1: number
  y0: number
  y1: number
}): [number, number, number, number] => [x0, y0, x1 - x0, y1 - y0]
