import type { FixtureKind } from '../../readings/catalogue'
import { figure } from '../../readings/reading'
import { facesOf, OPPOSITE, TOWARDS } from '../facing'
import { overlapDepth, wallShape } from '../overlap'
import type { Fixture, Plan, Side } from '../plan'
import { bounds, type Bounds, type Point, type Shape } from '../shape/shape'
import { shellAt } from '../shell'
import { bay, bodiesAt, floorAt, TAPE, type Body, type TimeOfDay } from '../times'

/** One seat, and where someone in it looks. */
export interface Seat {
  /** Of the fixture it is part of. */
  id: string
  at: Point
  looks: Side
}

export const TABLE_KINDS = ['booth', 'u-dinette', 'table', 'bar'] as const satisfies FixtureKind[]
export const LOUNGE_KINDS: readonly FixtureKind[] = [
  'jackknife-sofa',
  'tri-fold-sofa',
  'air-sofa',
  'futon',
  'theater-seats',
  'convertible-lounge',
  'chair',
]

/** Where nobody counted the seats, one is drawn for every so many inches of bench (common practice). */
const EACH = 22
/** From the bench's back edge to the eyes, inches; at a table one sits outside its edge. */
const BACK = 10
const BEFORE_TABLE = -8
/** A chair drawn up to a table, with somebody on it, inches: from its edge outwards, and across (common practice). */
const CHAIR = { deep: 18, wide: 18 }
/** Before a sofa one needs this much for the feet, inches (common practice). */
const FEET = { deep: 9, wide: 12 }
/** What is lower than a foot's height or higher than the knees of someone seated takes no room from them, inches. */
const SEATED = [4, 44] as const

/**
 * Every seat at a time of day on which somebody can sit, spread evenly over what it belongs to: inside the walls, at
 * a table with room for a chair before it, on a sofa with room for the feet.
 */
export function seatsAt(plan: Plan, time: TimeOfDay, made: readonly string[] = []): Seat[] {
  const bodies = bodiesAt(plan, time, made)
  const around: Around = {
    bodies: bodies.filter(({ band }) => band[0] < SEATED[1] && band[1] > SEATED[0]),
    solid: [...plan.walls.map(wallShape), ...shellAt(plan, time).map(({ shape }) => shape)],
    floors: [...floorAt(plan, time), ...(time === 'road' ? [] : plan.canvasEnds.map((carrier) => bay(plan, carrier)))],
  }
  return bodies.flatMap(({ fixture, shape }) => (fixture ? seatsOf(plan, fixture, bounds(shape), around) : []))
}

/** What takes room from somebody who sits: things, walls; and where there is floor. */
interface Around {
  bodies: readonly Body[]
  solid: readonly Shape[]
  floors: readonly Bounds[]
}

function seatsOf(plan: Plan, fixture: Fixture, box: Bounds, around: Around): Seat[] {
  const count = (long: number) => figure(fixture.readings, 'seats') ?? Math.floor(long / EACH)
  const sits = (side: Side, n: number): Seat[] => row(fixture.id, box, side, n, BACK).filter(isInside)
  const isInside = ({ at: [x, y] }: Seat) =>
    around.floors.some(({ x0, y0, x1, y1 }) => x >= x0 && x <= x1 && y >= y0 && y <= y1)
  const [alongX, alongY] = [box.x1 - box.x0, box.y1 - box.y0]
  const faces = facesOf(plan, fixture, box)
  const isAcross = faces === 'door' || faces === 'off-door'
  const across = isAcross ? alongX : alongY
  const lengthwise: [Side, Side] = alongX >= alongY ? ['front', 'rear'] : ['off-door', 'door']
  const crosswise: [Side, Side] = alongX >= alongY ? ['off-door', 'door'] : ['front', 'rear']
  const { kind } = fixture
  if (LOUNGE_KINDS.includes(kind))
    return sits(OPPOSITE[faces], count(across)).filter((seat) => hasRoom(around, fixture, legs(seat, box)))
  if (kind === 'booth') return facingPair(sits, lengthwise, count(2 * Math.min(alongX, alongY)))
  const chairs = (side: Side, n: number) =>
    row(fixture.id, box, side, n, BEFORE_TABLE).filter((seat) => hasRoom(around, fixture, chair(seat)))
  if (kind === 'table') return allRound(chairs, [...crosswise, ...lengthwise], box, count(2 * Math.max(alongX, alongY)))
  if (kind === 'bar') return chairs(faces, count(across))
  if (kind !== 'u-dinette') return []
  // The bench runs round three sides, and is open to where it faces.
  const n = count(alongX + alongY)
  const ends = Math.floor(n / 3)
  const [one, other]: [Side, Side] = isAcross ? ['front', 'rear'] : ['off-door', 'door']
  return [...sits(one, ends), ...sits(other, ends), ...sits(OPPOSITE[faces], n - 2 * ends)]
}

function facingPair(sits: (side: Side, n: number) => Seat[], [one, other]: [Side, Side], n: number): Seat[] {
  return [...sits(one, Math.ceil(n / 2)), ...sits(other, Math.floor(n / 2))]
}

/** `n` chairs round a table: on the longer sides first, those there is no room for at its ends. */
function allRound(chairs: (side: Side, n: number) => Seat[], sides: readonly Side[], box: Bounds, n: number): Seat[] {
  const longOf = (side: Side) => (side === 'front' || side === 'rear' ? box.y1 - box.y0 : box.x1 - box.x0)
  const wanted = (side: Side, left: number, i: number) =>
    Math.min(Math.floor(longOf(side) / CHAIR.wide), i === 0 ? Math.ceil(n / 2) : left)
  return sides.reduce<Seat[]>((seated, side, i) => [...seated, ...chairs(side, wanted(side, n - seated.length, i))], [])
}

/** `n` seats along one side of a box, backs to it, so far in from it. */
function row(id: string, { x0, y0, x1, y1 }: Bounds, side: Side, n: number, deep: number): Seat[] {
  const looks = OPPOSITE[side]
  const [dx, dy] = TOWARDS[looks]
  const edge: Point =
    side === 'front' ? [x0, y0] : side === 'rear' ? [x1, y0] : side === 'off-door' ? [x0, y0] : [x0, y1]
  const long = dx ? y1 - y0 : x1 - x0
  return Array.from({ length: n }, (_, i): Seat => {
    const share = ((i + 0.5) / n) * long
    return { id, at: [edge[0] + dx * deep + (dx ? 0 : share), edge[1] + dy * deep + (dx ? share : 0)], looks }
  })
}

/** Where the chair of someone at a table stands, from its edge outwards. */
function chair({ at, looks }: Seat): Shape {
  const [dx, dy] = TOWARDS[looks]
  return boxFrom([at[0] - dx * BEFORE_TABLE, at[1] - dy * BEFORE_TABLE], [-dx, -dy], CHAIR)
}

/** Where the feet of someone on a sofa are, from its front edge on. */
function legs({ at, looks }: Seat, box: Bounds): Shape {
  const [dx, dy] = TOWARDS[looks]
  const edge: Point = dx ? [dx > 0 ? box.x1 : box.x0, at[1]] : [at[0], dy > 0 ? box.y1 : box.y0]
  return boxFrom(edge, [dx, dy], FEET)
}

function boxFrom([x, y]: Point, [dx, dy]: Point, { deep, wide }: { deep: number; wide: number }): Shape {
  const half = wide / 2
  if (dx) return { rect: [dx > 0 ? x : x - deep, y - half, deep, wide] }
  return { rect: [x - half, dy > 0 ? y : y - deep, wide, deep] }
}

/** Chairs and sofas are what one sits on; under a table and a desk the knees go. */
const goesUnder = (kind: FixtureKind): boolean =>
  LOUNGE_KINDS.includes(kind) || kind === 'stool' || kind === 'table' || kind === 'bar' || kind === 'desk'

/** Whether nothing stands where somebody's chair or feet are. */
function hasRoom({ bodies, solid }: Around, own: Fixture, zone: Shape): boolean {
  return (
    !bodies.some(
      ({ id, shape, fixture }) =>
        id !== own.id && !(fixture && goesUnder(fixture.kind)) && overlapDepth(shape, zone) > TAPE,
    ) && !solid.some((shape) => overlapDepth(shape, zone) > TAPE)
  )
}
