import type { Plan } from '../plan/plan'
import { bounds, corners, moved, type Point, type Shape } from '../plan/shape/shape'
import { inside } from '../plan/times'

/** What stands on a wall is drawn within this of it, inches. */
const ON_THE_WALL = 2

/**
 * The box made longer or wider (or less): what is in or stands on the rear and the door-side wall goes along with
 * it, doors, windows, fixtures, berths and what rides in their slides; inside walls and rooms that reach it are
 * drawn on to it. What stands on the wall across stays.
 */
export function resized(plan: Plan, size: Partial<Plan['box']>): Plan {
  const box = { ...plan.box, ...size }
  const [before, after] = [inside(plan), inside({ ...plan, box })]
  const [dx, dy] = [after.x1 - before.x1, after.y1 - before.y1]
  if (dx === 0 && dy === 0) return { ...plan, box }
  const slides = new Map([...plan.slides, ...plan.canvasEnds].map(({ id, wall }) => [id, wall]))
  const shift = (shape: Shape, carrier: string | undefined): Shape => {
    const { x0, x1, y0, y1 } = bounds(shape)
    const wall = carrier === undefined ? undefined : slides.get(carrier)
    const rear = wall ? wall === 'rear' : x1 >= before.x1 - ON_THE_WALL && x0 > before.x0 + ON_THE_WALL
    const door = wall ? wall === 'door' : y1 >= before.y1 - ON_THE_WALL && y0 > before.y0 + ON_THE_WALL
    return moved(shape, rear ? dx : 0, door ? dy : 0)
  }
  const point = ([x, y]: Point): Point => [
    x >= before.x1 - ON_THE_WALL ? x + dx : x,
    y >= before.y1 - ON_THE_WALL ? y + dy : y,
  ]
  const stretch = <T extends { from: Point; to: Point }>(one: T): T => ({
    ...one,
    from: point(one.from),
    to: point(one.to),
  })
  return {
    ...plan,
    box,
    rooms: plan.rooms.map((room) => ({ ...room, shape: drawnOn(room.shape, point) })),
    walls: plan.walls.map(stretch),
    doors: plan.doors.map(stretch),
    windows: plan.windows.map(stretch),
    fixtures: plan.fixtures.map((one) => ({ ...one, shape: shift(one.shape, one.slide) })),
    berths: plan.berths.map((one) => ({ ...one, shape: shift(one.shape, one.slide ?? one.canvasEnd) })),
  }
}

function drawnOn(shape: Shape, point: (at: Point) => Point): Shape {
  if ('polygon' in shape) return { polygon: shape.polygon.map(point) }
  const [from, , to] = corners(shape).map(point) as [Point, Point, Point, Point]
  return { rect: [from[0], from[1], to[0] - from[0], to[1] - from[1]] }
}
