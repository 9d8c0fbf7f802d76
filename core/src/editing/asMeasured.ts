import { besideToilet } from '../plan/living/elbow'
import { facesOf, TOWARDS } from '../plan/facing'
import type { MeasuredApart } from '../plan/findings/measuredApart'
import type { Plan } from '../plan/plan'
import { bounds, type Bounds, type Point, type Shape } from '../plan/shape/shape'
import { inside } from '../plan/times'
import { figure } from '../readings/reading'
import { withBounds } from './item'

/** What the drawing can do about a figure that was measured otherwise: how the button says it, and the plan then. */
export interface Redrawn {
  does: 'move the wall' | 'draw it so'
  plan: Plan
}

/** Pieces of one wall, and what stands in its gaps, lie this close to one line and to each other, inches. */
const IN_LINE = 0.75
const GAP = 2

/** An inside wall, or a door in one. */
interface Stretch {
  from: Point
  to: Point
  thickness?: number
}

/** How thick an inside wall is beside a door, inches. */
const USUAL = 2

/** The plan as it was measured: a wall beside the toilet moved, a stall, a bed or a door drawn as large as it is. */
export function asMeasured(plan: Plan, apart: MeasuredApart): Redrawn | undefined {
  const { list, id, reading, measured, drawn } = apart
  if (reading === 'room') return wallMoved(plan, id, measured - drawn)
  if (list === 'outside')
    return {
      does: 'draw it so',
      plan: { ...plan, outside: plan.outside.map((one) => (one.id === id ? { ...one, length: measured } : one)) },
    }
  const one = list === 'fixtures' ? plan.fixtures.find((it) => it.id === id) : plan.berths.find((it) => it.id === id)
  if (!one || 'polygon' in one.shape) return undefined
  const axis = axisOf(plan, one, reading)
  return { does: 'draw it so', plan: withBounds(plan, { list, id }, grown(plan, one.shape, axis, measured - drawn)) }
}

/** Which of its sides a reading measures: 0 along the trailer, 1 across. */
function axisOf(plan: Plan, one: Plan['fixtures'][number] | Plan['berths'][number], reading: string): 0 | 1 {
  const { x0, y0, x1, y1 } = bounds(one.shape)
  if ('head' in one) {
    const lengthwise = one.head === 'front' || one.head === 'rear'
    return lengthwise === (reading === 'mattressLength') ? 0 : 1
  }
  if (reading === 'diagonal') return TOWARDS[facesOf(plan, one)][0] ? 1 : 0
  const longer = x1 - x0 === y1 - y0 ? (TOWARDS[facesOf(plan, one)][0] ? 1 : 0) : x1 - x0 > y1 - y0 ? 0 : 1
  const [length, width] = [figure(one.readings, 'length'), figure(one.readings, 'width')]
  const isLonger = length !== undefined && width !== undefined && length < width ? 'width' : 'length'
  return reading === isLonger ? longer : longer === 0 ? 1 : 0
}

/** Larger or smaller along one axis; the side that is nearer to an outer wall stays where it is. */
function grown(plan: Plan, shape: Shape, axis: 0 | 1, by: number): Bounds {
  const own = bounds(shape)
  const room = inside(plan)
  if (axis === 0)
    return own.x0 - room.x0 <= room.x1 - own.x1 ? { ...own, x1: own.x1 + by } : { ...own, x0: own.x0 - by }
  return own.y0 - room.y0 <= room.y1 - own.y1 ? { ...own, y1: own.y1 + by } : { ...own, y0: own.y0 - by }
}

/** The inside wall beside a toilet, with its doors, the walls that end at it and the rooms it bounds, so far aside. */
function wallMoved(plan: Plan, toilet: string, by: number): Redrawn | undefined {
  for (const { towards, by: id } of besideToilet(plan, toilet)) {
    // A door that is shut is part of its wall.
    const wall = plan.walls.find((one) => one.id === id) ?? plan.doors.find((one) => one.id === id)
    if (!wall || !isAcross(wall, towards)) continue
    const axis = towards[0] ? 0 : 1
    const shift = by * towards[axis]
    return { does: 'move the wall', plan: shifted(plan, wall, axis, shift) }
  }
  return undefined
}

/** Straight across the way one looks at it. */
const isAcross = ({ from, to }: Stretch, towards: Point): boolean =>
  towards[0] ? Math.abs(from[0] - to[0]) < IN_LINE : Math.abs(from[1] - to[1]) < IN_LINE

function shifted(plan: Plan, wall: Stretch, axis: 0 | 1, shift: number): Plan {
  const other = axis === 0 ? 1 : 0
  const line = wall.from[axis]
  const thick = wall.thickness ?? USUAL
  const span = (one: Stretch): [number, number] => [
    Math.min(one.from[other], one.to[other]),
    Math.max(one.from[other], one.to[other]),
  ]
  // All pieces of the wall, from one to the next over its doorways.
  const stretches = [...plan.walls, ...plan.doors].filter(
    (one) => Math.abs(one.from[axis] - line) < IN_LINE && Math.abs(one.to[axis] - line) < IN_LINE,
  )
  const whole = new Set<object>([wall])
  let [low, high] = span(wall)
  for (let grew = true; grew;) {
    grew = false
    for (const one of stretches) {
      const [a, b] = span(one)
      if (whole.has(one) || a > high + GAP || b < low - GAP) continue
      whole.add(one)
      ;[low, high, grew] = [Math.min(low, a), Math.max(high, b), true]
    }
  }
  const move = ([x, y]: Point): Point => (axis === 0 ? [x + shift, y] : [x, y + shift])
  const endsThere = (point: Point, thickness: number): boolean =>
    Math.abs(point[axis] - line) <= thick / 2 + thickness && point[other] >= low - GAP && point[other] <= high + GAP
  const stretched = <T extends { from: Point; to: Point }>(one: T, thickness: number): T =>
    whole.has(one)
      ? { ...one, from: move(one.from), to: move(one.to) }
      : Math.abs(one.from[other] - one.to[other]) < IN_LINE
        ? {
            ...one,
            from: endsThere(one.from, thickness) ? move(one.from) : one.from,
            to: endsThere(one.to, thickness) ? move(one.to) : one.to,
          }
        : one
  return {
    ...plan,
    walls: plan.walls.map((one) => stretched(one, one.thickness / 2)),
    doors: plan.doors.map((one) => (whole.has(one) ? stretched(one, 0) : one)),
    rooms: plan.rooms.map((room) => ('rect' in room.shape ? { ...room, shape: roomTo(room.shape.rect) } : room)),
  }

  /** A room's edge along the wall goes with it. */
  function roomTo(rect: [number, number, number, number]): Shape {
    const [at, long] = axis === 0 ? [rect[0], rect[2]] : [rect[1], rect[3]]
    const [from, to] = axis === 0 ? [rect[1], rect[1] + rect[3]] : [rect[0], rect[0] + rect[2]]
    if (to <= low || from >= high) return { rect }
    const near = (edge: number) => Math.abs(edge - line) <= thick + IN_LINE
    const [start, end] = [near(at) ? at + shift : at, near(at + long) ? at + long + shift : at + long]
    return { rect: axis === 0 ? [start, rect[1], end - start, rect[3]] : [rect[0], start, rect[2], end - start] }
  }
}
