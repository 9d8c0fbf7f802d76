import { withJambs } from './jambs'
import { BERTH_KINDS, DOOR_KINDS, FIXTURE_KINDS, OUTSIDE_KINDS } from '../readings/catalogue'
import { OPPOSITE } from '../plan/facing'
import type { Plan, Side } from '../plan/plan'
import { bounds, moved, type Bounds, type Point, type Shape } from '../plan/shape/shape'
import { bay } from '../plan/times'
import { withId } from '../plan/withId'

/** The lists of a plan that are drawn and moved by hand. */
export const ITEM_LISTS = [
  'fixtures',
  'berths',
  'walls',
  'doors',
  'windows',
  'slides',
  'canvasEnds',
  'outside',
  'rooms',
] as const
export type ItemList = (typeof ITEM_LISTS)[number]

/** Something on the plan that can be taken in hand. */
export interface Item {
  list: ItemList
  id: string
  name: string
  bounds: Bounds
}

/** Everything on a plan that can be taken in hand, rooms last: they lie under all else. */
export function itemsOf(plan: Plan): Item[] {
  const shaped = (list: ItemList, id: string, name: string, shape: Shape): Item => ({
    list,
    id,
    name,
    bounds: bounds(shape),
  })
  const stretch = (list: ItemList, id: string, name: string, from: Point, to: Point): Item => ({
    list,
    id,
    name,
    bounds: {
      x0: Math.min(from[0], to[0]),
      x1: Math.max(from[0], to[0]),
      y0: Math.min(from[1], to[1]),
      y1: Math.max(from[1], to[1]),
    },
  })
  return [
    ...plan.fixtures.map(({ id, kind, name, shape }) =>
      shaped('fixtures', id, name ?? FIXTURE_KINDS[kind].name, shape),
    ),
    ...plan.berths.map(({ id, name, kind, shape }) => shaped('berths', id, name || BERTH_KINDS[kind].name, shape)),
    ...plan.walls.map(({ id, from, to }) => stretch('walls', id, 'Inside wall', from, to)),
    ...plan.doors.map(({ id, kind, from, to }) => stretch('doors', id, DOOR_KINDS[kind].name, from, to)),
    ...plan.windows.map(({ id, kind, from, to }) =>
      stretch('windows', id, kind === 'exit' ? 'Exit window' : 'Window', from, to),
    ),
    ...plan.slides.map((slide): Item => ({ list: 'slides', id: slide.id, name: 'Slide', bounds: bay(plan, slide) })),
    ...plan.canvasEnds.map((end): Item => ({
      list: 'canvasEnds',
      id: end.id,
      name: 'Canvas end',
      bounds: bay(plan, end),
    })),
    ...plan.outside.map(({ id, kind, wall, start, length }): Item => ({
      list: 'outside',
      id,
      name: OUTSIDE_KINDS[kind].name,
      bounds: onWall(plan, wall, start, length),
    })),
    ...plan.rooms.map(({ id, name, shape }) => shaped('rooms', id, name, shape)),
  ]
}

/** An item put where its bounds are asked to be: moved, stretched, or both. What rides on a wall stays on it. */
export function withBounds(plan: Plan, { list, id }: Pick<Item, 'list' | 'id'>, to: Bounds): Plan {
  if (list === 'slides' || list === 'canvasEnds' || list === 'outside')
    return { ...plan, [list]: alter(plan[list] as WallItem[], id, (one) => alongWall(plan, one, to)) }
  if (list === 'walls') {
    const was = withId(plan.walls, id)
    const is = { ...was, ...stretchedTo(was, to) }
    return withJambs({ ...plan, walls: alter(plan.walls, id, () => is) }, was, is)
  }
  if (list === 'doors' || list === 'windows')
    return { ...plan, [list]: alter(plan[list] as Stretch[], id, (one) => ({ ...one, ...stretchedTo(one, to) })) }
  return {
    ...plan,
    [list]: alter(plan[list] as { id: string; shape: Shape }[], id, (one) => ({
      ...one,
      shape: shapeTo(one.shape, to),
    })),
  }
}

/** Without some items, and without what speaks of them. */
export function without(plan: Plan, ids: readonly string[]): Plan {
  const gone = new Set(ids)
  const rest = <T extends { id: string }>(list: T[]): T[] => list.filter(({ id }) => !gone.has(id))
  const free = <T extends { slide?: string; canvasEnd?: string }>(one: T): T => ({
    ...one,
    ...(one.slide && gone.has(one.slide) && { slide: undefined }),
    ...(one.canvasEnd && gone.has(one.canvasEnd) && { canvasEnd: undefined }),
  })
  return tidied({
    ...plan,
    fixtures: rest(plan.fixtures).map(free),
    berths: rest(plan.berths).map(free),
    walls: rest(plan.walls),
    doors: rest(plan.doors),
    windows: rest(plan.windows),
    slides: rest(plan.slides),
    canvasEnds: rest(plan.canvasEnds),
    outside: rest(plan.outside),
    rooms: rest(plan.rooms),
    compartments: plan.compartments.map((one) =>
      one.shares ? { ...one, shares: one.shares.filter((id) => !gone.has(id)) } : one,
    ),
    conversions: plan.conversions
      .map((one) => ({
        ...one,
        uses: one.uses.filter((id) => !gone.has(id)),
        takes: one.takes.filter((id) => !gone.has(id)),
      }))
      .filter(({ id }) => !gone.has(id)),
  })
}

/**
 * A quarter turn to the right: what faced the rear faces the door side. Stretches turn on their middle; what
 * rides on a wall does not turn.
 */
export function turned(plan: Plan, { list, id, bounds: box }: Item): Plan {
  const [cx, cy, halfX, halfY] = [
    (box.x0 + box.x1) / 2,
    (box.y0 + box.y1) / 2,
    (box.x1 - box.x0) / 2,
    (box.y1 - box.y0) / 2,
  ]
  const to = { x0: cx - halfY, x1: cx + halfY, y0: cy - halfX, y1: cy + halfX }
  const turn = (side: Side): Side => NEXT[side]
  if (list === 'fixtures')
    return {
      ...plan,
      fixtures: alter(plan.fixtures, id, (one) => ({
        ...one,
        shape: turnedShape(one.shape, [cx, cy], to),
        ...(one.faces && { faces: turn(one.faces) }),
      })),
    }
  if (list === 'berths')
    return {
      ...plan,
      berths: alter(plan.berths, id, (one) => ({
        ...one,
        shape: turnedShape(one.shape, [cx, cy], to),
        head: turn(one.head),
        access: one.access.map(turn),
      })),
    }
  if (list === 'walls')
    return {
      ...plan,
      walls: alter(plan.walls, id, (one) => ({ ...one, from: about(one.from, [cx, cy]), to: about(one.to, [cx, cy]) })),
    }
  if (list === 'doors')
    return {
      ...plan,
      doors: alter(plan.doors, id, (one) => ({
        ...one,
        from: about(one.from, [cx, cy]),
        to: about(one.to, [cx, cy]),
        ...(one.opens && { opens: turn(one.opens) }),
      })),
    }
  return plan
}

/** Turned round on the spot: a fixture or a bed faces the other way, a door is hung on its other jamb. */
export function flipped(plan: Plan, { list, id }: Pick<Item, 'list' | 'id'>): Plan {
  if (list === 'fixtures')
    return {
      ...plan,
      fixtures: alter(plan.fixtures, id, (one) => ({ ...one, faces: one.faces ? OPPOSITE[one.faces] : 'rear' })),
    }
  if (list === 'berths')
    return {
      ...plan,
      berths: alter(plan.berths, id, (one) => ({
        ...one,
        head: OPPOSITE[one.head],
        access: one.access.map((side) => (side === OPPOSITE[one.head] ? one.head : side)),
      })),
    }
  if (list === 'doors')
    return { ...plan, doors: alter(plan.doors, id, (one) => ({ ...one, hinge: one.hinge === 'to' ? 'from' : 'to' })) }
  return plan
}

/** The same once more beside it, with an id of its own; its readings stay with the first. */
export function doubled(plan: Plan, { list, id }: Pick<Item, 'list' | 'id'>): { plan: Plan; id: string } {
  const one = withId(plan[list] as { id: string }[], id)
  const copy = { ...structuredClone(one), id: freshId(plan, id.replace(/-\d+$/, '')), readings: undefined }
  const next = { ...plan, [list]: [...(plan[list] as { id: string }[]), tidyOne(copy)] }
  const made = withId(itemsOf(next), copy.id)
  const aside = made.bounds.x1 - made.bounds.x0 > made.bounds.y1 - made.bounds.y0 ? { dx: 6, dy: 6 } : { dx: 6, dy: 0 }
  return { plan: withBounds(next, made, shift(made.bounds, aside.dx, aside.dy)), id: copy.id }
}

/** An id that nothing on the plan has. */
export function freshId(plan: Plan, wanted: string): string {
  const taken = new Set(
    [...ITEM_LISTS, 'conversions' as const, 'compartments' as const].flatMap((list) =>
      (plan[list] as { id: string }[]).map(({ id }) => id),
    ),
  )
  if (!taken.has(wanted)) return wanted
  for (let n = 2; ; n++) if (!taken.has(`${wanted}-${n}`)) return `${wanted}-${n}`
}

export const shift = ({ x0, y0, x1, y1 }: Bounds, dx: number, dy: number): Bounds => ({
  x0: x0 + dx,
  x1: x1 + dx,
  y0: y0 + dy,
  y1: y1 + dy,
})

const NEXT: Record<Side, Side> = { front: 'off-door', 'off-door': 'rear', rear: 'door', door: 'front' }

interface Stretch {
  id: string
  from: Point
  to: Point
}

interface WallItem {
  id: string
  wall: Side
  start: number
  length: number
  depth?: number
}

const alter = <T extends { id: string }>(list: T[], id: string, change: (one: T) => T): T[] =>
  list.map((one) => (one.id === id ? change(one) : one))

/** Shallow things outside are drawn this deep, so that they can be taken in hand. */
const OUTSIDE_DEEP = 8

function onWall({ box }: Plan, wall: Side, start: number, length: number): Bounds {
  const end = start + length
  if (wall === 'off-door') return { x0: start, x1: end, y0: -OUTSIDE_DEEP, y1: 0 }
  if (wall === 'door') return { x0: start, x1: end, y0: box.width, y1: box.width + OUTSIDE_DEEP }
  if (wall === 'front') return { x0: -OUTSIDE_DEEP, x1: 0, y0: start, y1: end }
  return { x0: box.length, x1: box.length + OUTSIDE_DEEP, y0: start, y1: end }
}

/** Start, length and, for what moves out, depth, read off the bounds asked for. */
function alongWall(plan: Plan, one: WallItem, to: Bounds): WallItem {
  const lengthwise = one.wall === 'door' || one.wall === 'off-door'
  const [start, length] = lengthwise ? [to.x0, to.x1 - to.x0] : [to.y0, to.y1 - to.y0]
  const was = bay(plan, { ...one, depth: one.depth ?? 0 })
  const grown = lengthwise ? to.y1 - to.y0 - (was.y1 - was.y0) : to.x1 - to.x0 - (was.x1 - was.x0)
  return { ...one, start, length, ...(one.depth !== undefined && { depth: Math.max(1, one.depth + grown) }) }
}

function stretchedTo({ from, to }: Stretch, box: Bounds): Pick<Stretch, 'from' | 'to'> {
  const x = (value: number) => (from[0] === to[0] ? box.x0 : value === Math.min(from[0], to[0]) ? box.x0 : box.x1)
  const y = (value: number) => (from[1] === to[1] ? box.y0 : value === Math.min(from[1], to[1]) ? box.y0 : box.y1)
  return { from: [x(from[0]), y(from[1])], to: [x(to[0]), y(to[1])] }
}

/** A rectangle takes the bounds; a polygon is moved and stretched into them. */
function shapeTo(shape: Shape, to: Bounds): Shape {
  const own = bounds(shape)
  if ('rect' in shape) return { rect: [to.x0, to.y0, Math.max(0.5, to.x1 - to.x0), Math.max(0.5, to.y1 - to.y0)] }
  const [sx, sy] = [(to.x1 - to.x0) / (own.x1 - own.x0 || 1), (to.y1 - to.y0) / (own.y1 - own.y0 || 1)]
  if (sx === 1 && sy === 1) return moved(shape, to.x0 - own.x0, to.y0 - own.y0)
  return { polygon: shape.polygon.map(([x, y]) => [to.x0 + (x - own.x0) * sx, to.y0 + (y - own.y0) * sy]) }
}

function turnedShape(shape: Shape, middle: Point, to: Bounds): Shape {
  return 'rect' in shape
    ? { rect: [to.x0, to.y0, to.x1 - to.x0, to.y1 - to.y0] }
    : { polygon: shape.polygon.map((point) => about(point, middle)) }
}

const about = ([x, y]: Point, [cx, cy]: Point): Point => [cx - (y - cy), cy + (x - cx)]

/** JSON knows no undefined: keys that hold none are left out, as the schema wants it. */
function tidied(plan: Plan): Plan {
  return { ...plan, fixtures: plan.fixtures.map(tidyOne), berths: plan.berths.map(tidyOne) }
}

function tidyOne<T extends object>(one: T): T {
  return Object.fromEntries(Object.entries(one).filter(([, value]) => value !== undefined)) as T
}
