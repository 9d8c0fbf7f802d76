import { OPPOSITE } from '../plan/facing'
import type { Plan, Side } from '../plan/plan'
import type { Reading } from '../readings/reading'
import type { Point, Shape } from '../plan/shape/shape'

/** Which way a plan is turned over: hitch for rear, or door side for off-door side. */
export type Turnover = 'front to rear' | 'side to side'

/** The plan as its mirror image: what was built the other way round. */
export function mirrored(plan: Plan, over: Turnover): Plan {
  const { length, width } = plan.box
  const along = over === 'front to rear'
  const point = ([x, y]: Point): Point => (along ? [length - x, y] : [x, width - y])
  const side = (one: Side): Side => ((one === 'front' || one === 'rear') === along ? OPPOSITE[one] : one)
  const shape = (one: Shape): Shape => {
    if ('polygon' in one) return { polygon: one.polygon.map(point) }
    const [x, y, alongX, alongY] = one.rect
    return { rect: along ? [length - x - alongX, y, alongX, alongY] : [x, width - y - alongY, alongX, alongY] }
  }
  const onWall = <T extends { wall: Side; start: number; length: number }>(one: T): T => {
    const runsAlong = one.wall === 'door' || one.wall === 'off-door'
    return {
      ...one,
      wall: side(one.wall),
      start: runsAlong === along ? (along ? length : width) - one.start - one.length : one.start,
    }
  }
  const turned = (hinge: Reading): Reading => {
    const to = side(String(hinge.value).replace(' side', '') as Side)
    return { ...hinge, value: to === 'door' || to === 'off-door' ? `${to} side` : to }
  }
  const ends = <T extends { from: Point; to: Point }>(one: T): T => ({
    ...one,
    from: point(one.from),
    to: point(one.to),
  })
  return {
    ...plan,
    rooms: plan.rooms.map((one) => ({ ...one, shape: shape(one.shape) })),
    walls: plan.walls.map(ends),
    doors: plan.doors.map((one) => ({ ...ends(one), ...(one.opens && { opens: side(one.opens) }) })),
    windows: plan.windows.map(ends),
    slides: plan.slides.map(onWall),
    canvasEnds: plan.canvasEnds.map(onWall),
    fixtures: plan.fixtures.map((one) => ({
      ...one,
      shape: shape(one.shape),
      ...(one.faces && { faces: side(one.faces) }),
      ...(one.readings?.hinge && { readings: { ...one.readings, hinge: one.readings.hinge.map(turned) } }),
    })),
    berths: plan.berths.map((one) => ({
      ...one,
      shape: shape(one.shape),
      head: side(one.head),
      access: one.access.map(side),
    })),
    outside: plan.outside.map(onWall),
    compartments: plan.compartments.map((one) => ({
      ...one,
      ...(along && one.at !== undefined && { at: length - one.at }),
      openings: one.openings.map((opening) => ({
        ...opening,
        wall: opening.wall === 'top' ? 'top' : side(opening.wall),
      })),
    })),
  }
}
