import { figure } from '../../readings/reading'
import { BUMPS } from '../floor/clearance'
import { convexParts, shared } from '../shape/convex'
import { facesOf, TOWARDS } from '../facing'
import { keptFrom } from '../ways/keptFrom'
import { overlapDepth } from '../overlap'
import type { Place } from '../floor/places'
import type { Fixture, Plan, Side } from '../plan'
import { bumpedInto, floorOf } from '../ways/reach'
import { bounds, corners, type Point, type Shape } from '../shape/shape'
import { TAPE } from '../times'
import type { WayRules } from '../wayRules'

/**
 * A seat that reclines, opened as far as it goes, or a lounge set as a dinette, on the floor as it stands parked. Inches.
 */
export interface Opened {
  id: string
  /** How far its footrest, or what is set before it, comes out past where it stands by itself. */
  out: number
  /** What stands where the footrest would come, and by how much. */
  stopped?: { by: string; short: number }
  /** What one does not get to past it. */
  lost: Place[]
}

/** What is drawn up to a seat moves out of a footrest's way. */
const MOVES = new Set<Fixture['kind']>(['stool', 'chair', 'table'])

/**
 * What every seat that reclines does to the room while it is opened:
 *
 *      wall |[ seat ]====footrest|  14 in  | island        past the footrest nobody goes to the bath
 */
export function openedAt(plan: Plan, rules: WayRules): Opened[] {
  const opened = plan.fixtures.flatMap((fixture) => {
    const footrest = footrestOf(plan, fixture)
    return footrest ? [{ fixture, ...footrest }] : []
  })
  if (opened.length === 0) return []
  const floor = floorOf(plan, 'parked')
  const lostBy = keptFrom(floor, [], rules)
  return opened.map(({ fixture: { id }, faces, out, shape }) => {
    const [worst] = bumpedInto(floor)
      .filter(
        (other) => other.id !== id && !MOVES.has(plan.fixtures.find((one) => one.id === other.id)?.kind ?? 'cabinet'),
      )
      .filter((other) => overlapDepth(other.shape, shape) > TAPE)
      .map((other) => ({ by: other.id, short: shortBy(other.shape, shape, faces) }))
      .sort((a, b) => b.short - a.short)
    return { id, out, ...(worst && { stopped: worst }), lost: lostBy(shape).filter((place) => place.id !== id) }
  })
}

/** The plan with every seat that reclines drawn opened, and every lounge set as a dinette. */
export const withOpened = (plan: Plan): Plan => ({
  ...plan,
  fixtures: plan.fixtures.map((fixture) => {
    const footrest = footrestOf(plan, fixture)
    return footrest ? { ...fixture, faces: footrest.faces, shape: joined(fixture.shape, footrest.shape) } : fixture
  }),
})

/** Where the footrest is, and how far it comes out; undefined where nobody measured it or it stays within the seat. */
function footrestOf(plan: Plan, fixture: Fixture): { faces: Side; out: number; shape: Shape } | undefined {
  const reaches = figure(fixture.readings, fixture.kind === 'convertible-lounge' ? 'asDinette' : 'opened')
  if (reaches === undefined || (fixture.band ?? [0, 40])[0] >= BUMPS[1]) return undefined
  const { x0, y0, x1, y1 } = bounds(fixture.shape)
  const faces = facesOf(plan, fixture)
  const [dx, dy] = TOWARDS[faces]
  const out = reaches - (dx ? x1 - x0 : y1 - y0)
  if (out <= 0) return undefined
  const shape: Shape = dx
    ? { rect: [dx > 0 ? x1 : x0 - out, y0, out, y1 - y0] }
    : { rect: [x0, dy > 0 ? y1 : y0 - out, x1 - x0, out] }
  return { faces, out, shape }
}

/** How much of the footrest, from its end back, something stands in. */
function shortBy(thing: Shape, footrest: Shape, faces: Side): number {
  const [dx, dy] = TOWARDS[faces]
  const along = ([x, y]: Point) => x * dx + y * dy
  const both = convexParts(thing).flatMap((one) => convexParts(footrest).flatMap((other) => shared(one, other)))
  const end = Math.max(...corners(footrest).map(along))
  return Math.max(0, end - Math.min(...both.map(along)))
}

function joined(seat: Shape, footrest: Shape): Shape {
  const [a, b] = [bounds(seat), bounds(footrest)]
  const [x0, y0] = [Math.min(a.x0, b.x0), Math.min(a.y0, b.y0)]
  return { rect: [x0, y0, Math.max(a.x1, b.x1) - x0, Math.max(a.y1, b.y1) - y0] }
}
