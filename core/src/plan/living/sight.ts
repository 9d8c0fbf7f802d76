import { FIXTURE_KINDS } from '../../readings/catalogue'
import { flag } from '../../readings/reading'
import { apart, entersAt } from '../shape/distance'
import { facesOf, OPPOSITE, TOWARDS } from '../facing'
import { wallShape } from '../overlap'
import type { Berth, Plan } from '../plan'
import { seatsAt, type Seat } from './seats'
import { shellAt } from '../shell'
import { bounds, middleOf, type Point, type Shape } from '../shape/shape'
import { bodiesAt, type TimeOfDay } from '../times'

/** How one seat sees one TV. Degrees and inches. */
export interface SightLine {
  seat: Seat
  tv: string
  /** How far the head turns away from where the seat looks. */
  turn: number
  /** How far from straight on the screen is seen; a swivel mount turns it away. */
  slant: number
  distance: number
  /** What stands between, by id. */
  blockedBy?: string
  from: Point
  to: Point
}

/**
 * Eyes of someone seated, above the floor, inches (ANSUR II, 2012, sitting eye height on a seat of 18 in, from
 * memory).
 */
const EYES = 47
/** A swivel mount turns the screen this far from where it faces, degrees (common practice). */
const SWIVEL = 90

/** Where the eyes of someone are who sits up in bed, from the head end: the back is at the wall, inches (common practice). */
const PROPPED = 15

/** From every seat to every TV. */
export const sightLines = (plan: Plan, time: TimeOfDay, made: readonly string[] = []): SightLine[] =>
  sightsFrom(seatsAt(plan, time, made), plan, time, made)

/** From a bed to every TV, by somebody who sits up in the middle of its head end and looks to its foot. */
export function sightsFromBed({ id, shape, head }: Berth, plan: Plan, time: TimeOfDay): SightLine[] {
  const { x0, x1, y0, y1 } = bounds(shape)
  const [ux, uy] = TOWARDS[OPPOSITE[head]]
  const [mx, my] = [(x0 + x1) / 2, (y0 + y1) / 2]
  const half = ux !== 0 ? (x1 - x0) / 2 : (y1 - y0) / 2
  const back = Math.max(0, half - PROPPED)
  return sightsFrom([{ id, at: [mx - ux * back, my - uy * back], looks: OPPOSITE[head] }], plan, time, [])
}

function sightsFrom(seats: readonly Seat[], plan: Plan, time: TimeOfDay, made: readonly string[]): SightLine[] {
  const bodies = bodiesAt(plan, time, made)
  const walls = [...plan.walls.map((wall) => ({ id: wall.id, shape: wallShape(wall) })), ...shellAt(plan, time)]
  return bodies
    .filter(({ fixture }) => fixture?.kind === 'tv')
    .flatMap((tv) => {
      const to = middleOf(tv.shape)
      const screen = tv.band[0] + (tv.band[1] - tv.band[0]) / 2
      const [low, high] = [Math.min(EYES, screen), Math.max(EYES, screen)]
      const normal = TOWARDS[facesOf(plan, tv.fixture!, bounds(tv.shape))]
      const swivels = flag(tv.fixture!.readings, 'swivel') === true
      return seats.map((seat): SightLine => {
        const between: { id: string; shape: Shape }[] = [
          ...bodies.filter(
            ({ id, band, fixture }) =>
              id !== tv.id &&
              id !== seat.id &&
              band[0] < high &&
              band[1] > low &&
              !(fixture && 'on' in FIXTURE_KINDS[fixture.kind]),
          ),
          ...walls,
        ]
        const hit = nearestHit(between, seat.at, to)
        const slant = angle(normal, [seat.at[0] - to[0], seat.at[1] - to[1]])
        return {
          seat,
          tv: tv.id,
          turn: angle(TOWARDS[seat.looks], [to[0] - seat.at[0], to[1] - seat.at[1]]),
          slant: swivels ? Math.max(0, slant - SWIVEL) : slant,
          distance: apart(seat.at, to),
          ...(hit && { blockedBy: hit.id }),
          from: seat.at,
          to,
        }
      })
    })
}

/** The first that a line meets. */
function nearestHit<T extends { shape: Shape }>(things: readonly T[], from: Point, to: Point): T | undefined {
  let first: { thing: T; at: number } | undefined
  for (const thing of things) {
    const at = entersAt(thing.shape, from, to)
    if (at !== undefined && (!first || at < first.at)) first = { thing, at }
  }
  return first?.thing
}

/** Between two directions, degrees from 0 to 180. */
function angle([ax, ay]: Point, [bx, by]: Point): number {
  const [a, b] = [Math.hypot(ax, ay), Math.hypot(bx, by)]
  return a && b ? (Math.acos(Math.max(-1, Math.min(1, (ax * bx + ay * by) / (a * b)))) * 180) / Math.PI : 0
}
