import type { FixtureKind } from '../readings/catalogue'
import { figure } from '../readings/reading'
import { facesByDefault, OPPOSITE, TOWARDS } from './facing'
import type { Fixture, Plan, Side } from './plan'
import { bounds, type Bounds, type Point } from './shape'
import { bodiesAt, type TimeOfDay } from './times'

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

/** What makes up into a bed. */
export const CONVERTIBLE_KINDS = [
  'booth',
  'u-dinette',
  'jackknife-sofa',
  'tri-fold-sofa',
  'air-sofa',
  'futon',
  'convertible-lounge',
] as const satisfies FixtureKind[]
export type ConvertibleKind = (typeof CONVERTIBLE_KINDS)[number]

/** Where nobody counted the seats, one is drawn for every so many inches of bench (common practice). */
const EACH = 22
/** From the bench's back edge to the eyes, inches; at a table one sits outside its edge. */
const BACK = 10
const BEFORE_TABLE = -8

/** Every seat at a time of day, spread evenly over what it belongs to. */
export function seatsAt(plan: Plan, time: TimeOfDay, made: readonly string[] = []): Seat[] {
  return bodiesAt(plan, time, made).flatMap(({ fixture, shape }) =>
    fixture ? seatsOf(plan, fixture, bounds(shape)) : [],
  )
}

function seatsOf(plan: Plan, fixture: Fixture, box: Bounds): Seat[] {
  const count = (long: number) => figure(fixture.readings, 'seats') ?? Math.floor(long / EACH)
  const sits = (side: Side, n: number): Seat[] =>
    row(fixture.id, box, side, n, fixture.kind === 'table' || fixture.kind === 'bar' ? BEFORE_TABLE : BACK)
  const [alongX, alongY] = [box.x1 - box.x0, box.y1 - box.y0]
  const faces = fixture.faces ?? facesByDefault(plan, box)
  const lengthwise: [Side, Side] = alongX >= alongY ? ['front', 'rear'] : ['off-door', 'door']
  const crosswise: [Side, Side] = alongX >= alongY ? ['off-door', 'door'] : ['front', 'rear']
  if (LOUNGE_KINDS.includes(fixture.kind))
    return sits(OPPOSITE[faces], count(faces === 'door' || faces === 'off-door' ? alongX : alongY))
  if (fixture.kind === 'booth') return facingPair(sits, lengthwise, count(2 * Math.min(alongX, alongY)))
  if (fixture.kind === 'table') return facingPair(sits, crosswise, count(2 * Math.max(alongX, alongY)))
  if (fixture.kind === 'bar') return sits(faces, count(faces === 'door' || faces === 'off-door' ? alongX : alongY))
  if (fixture.kind !== 'u-dinette') return []
  // The bench runs round three sides; the aisle is on the side that looks into the room.
  const aisle = crosswise.includes(faces)
    ? faces
    : facesByDefault(plan, box) === crosswise[0]
      ? crosswise[0]
      : crosswise[1]
  const n = count(alongX + alongY)
  const ends = Math.floor(n / 3)
  return [...sits(lengthwise[0], ends), ...sits(lengthwise[1], ends), ...sits(OPPOSITE[aisle], n - 2 * ends)]
}

function facingPair(sits: (side: Side, n: number) => Seat[], [one, other]: [Side, Side], n: number): Seat[] {
  return [...sits(one, Math.ceil(n / 2)), ...sits(other, Math.floor(n / 2))]
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
