import { BERTH_KINDS, DOOR_KINDS, FIXTURE_KINDS } from '../readings/catalogue'
import { small } from '../plan/naming'
import type { Plan, Side } from '../plan/plan'
import type { Point, Shape } from '../plan/shape/shape'
import { inside } from '../plan/times'
import { freshId } from './item'
import type { ShelfEntry } from './shelf'

/** The plan with one thing more, its middle at a point; what belongs on a wall goes to the nearest one. */
// eslint-disable-next-line max-lines-per-function, complexity -- a case for each list of the plan, each one literal
export function placed(plan: Plan, entry: ShelfEntry, [x, y]: Point): { plan: Plan; id: string } {
  const [long, deep] = entry.size
  const id = freshId(
    plan,
    entry.name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, ''),
  )
  const rect = { rect: [Math.round(x - long / 2), Math.round(y - deep / 2), long, deep] } as {
    rect: [number, number, number, number]
  }
  const added = <T>(list: readonly T[], one: T): T[] => [...list, one]
  switch (entry.list) {
    case 'fixtures':
      return {
        id,
        plan: {
          ...plan,
          fixtures: added(plan.fixtures, {
            id,
            kind: entry.kind,
            shape: entry.arms ? roundCorner(rect.rect, entry.arms) : rect,
            ...(named(entry) && { name: entry.name }),
            ...(entry.faces && { faces: entry.faces }),
          }),
        },
      }
    case 'berths': {
      const conversion = BERTH_KINDS[entry.kind].converted ? madeUp(plan, id, entry.name) : undefined
      return {
        id,
        plan: {
          ...withRoom(plan),
          ...(conversion && { conversions: added(plan.conversions, conversion) }),
          berths: added(plan.berths, {
            id,
            kind: entry.kind,
            name: entry.name,
            shape: rect,
            room: withRoom(plan).rooms[0]!.id,
            head: entry.head,
            access: entry.access,
            ...(conversion && { conversion: conversion.id }),
          }),
        },
      }
    }
    case 'walls':
      return {
        id,
        plan: {
          ...plan,
          walls: added(plan.walls, {
            id,
            from: [Math.round(x), Math.round(y - deep / 2)],
            to: [Math.round(x), Math.round(y + deep / 2)],
            thickness: 2,
          }),
        },
      }
    case 'windows': {
      const [from, to] = onOuterWall(plan, [x, y], long)
      return { id, plan: { ...plan, windows: added(plan.windows, { id, kind: entry.kind, from, to }) } }
    }
    case 'doors': {
      if (!DOOR_KINDS[entry.kind].outer)
        return {
          id,
          plan: {
            ...plan,
            doors: added(plan.doors, {
              id,
              kind: entry.kind,
              from: [Math.round(x), Math.round(y - long / 2)],
              to: [Math.round(x), Math.round(y + long / 2)],
              ...(entry.kind === 'swing' && { hinge: 'from', opens: 'rear' }),
            }),
          },
        }
      const [from, to] = entry.kind === 'ramp' ? onRear(plan, long) : onOuterWall(plan, [x, y], long)
      return {
        id,
        plan: {
          ...plan,
          doors: added(plan.doors, { id, kind: entry.kind, from, to, hinge: 'to', opens: nearestSide(plan, [x, y]) }),
        },
      }
    }
    case 'slides':
      return {
        id,
        plan: {
          ...plan,
          slides: added(plan.slides, {
            id,
            wall: y > plan.box.width / 2 ? 'door' : 'off-door',
            start: Math.round(x - long / 2),
            length: long,
            depth: deep,
          }),
        },
      }
    case 'canvasEnds':
      return {
        id,
        plan: {
          ...plan,
          canvasEnds: added(plan.canvasEnds, {
            id,
            wall: x > plan.box.length / 2 ? 'rear' : 'front',
            start: Math.round((plan.box.width - deep) / 2),
            length: deep,
            depth: long,
          }),
        },
      }
    case 'rooms':
      return {
        id,
        plan: {
          ...plan,
          rooms: added(plan.rooms, { id, name: entry.name, kind: 'bath', shape: rect, closedBy: 'door' }),
        },
      }
    case 'outside':
      return {
        id,
        plan: {
          ...plan,
          outside: added(plan.outside, {
            id,
            kind: entry.kind,
            wall: y > plan.box.width / 2 ? 'door' : 'off-door',
            start: Math.round(x - long / 2),
            length: long,
          }),
        },
      }
  }
}

/** An L with its back in the front off-door corner. */
const roundCorner = ([x, y, alongX, alongY]: [number, number, number, number], deep: number): Shape => ({
  polygon: [
    [x, y],
    [x + alongX, y],
    [x + alongX, y + deep],
    [x + deep, y + deep],
    [x + deep, y + alongY],
    [x, y + alongY],
  ],
})

/** What goes by another name than its kind. */
const named = (entry: ShelfEntry & { list: 'fixtures' }): boolean => entry.name !== FIXTURE_KINDS[entry.kind].name

/** A bed that is not there by day is folded down or laid out. */
const madeUp = (plan: Plan, berth: string, name: string): Plan['conversions'][number] => ({
  id: freshId(plan, `make-${berth}`.slice(0, 38)),
  name: `Make up the ${small(name)}`,
  uses: [],
  steps: [/mat/i.test(name) ? 'Lay it out' : 'Fold it down and let the latches click'],
  minutes: 2,
  takes: [],
  excludes: [],
})

/** A bed lies in a room; a plan that has none yet gets one as large as the box. */
function withRoom(plan: Plan): Plan {
  if (plan.rooms.length) return plan
  const { x0, y0, x1, y1 } = inside(plan)
  return {
    ...plan,
    rooms: [
      {
        id: 'living',
        name: 'Living',
        kind: 'living',
        shape: { rect: [x0, y0, x1 - x0, y1 - y0] },
        closedBy: 'nothing',
      },
    ],
  }
}

function nearestSide({ box }: Plan, [x, y]: Point): Side {
  const gaps: [number, Side][] = [
    [y, 'off-door'],
    [box.width - y, 'door'],
    [x, 'front'],
    [box.length - x, 'rear'],
  ]
  return gaps.sort((a, b) => a[0] - b[0])[0]![1]
}

/** A stretch of the nearest outer wall, its middle as near as can be. */
function onOuterWall(plan: Plan, at: Point, long: number): [Point, Point] {
  const { box } = plan
  const side = nearestSide(plan, at)
  const lengthwise = side === 'door' || side === 'off-door'
  const room = lengthwise ? box.length : box.width
  const start = Math.round(Math.max(0, Math.min(room - long, (lengthwise ? at[0] : at[1]) - long / 2)))
  const across = { door: box.width, 'off-door': 0, front: 0, rear: box.length }[side]
  return lengthwise
    ? [
        [start, across],
        [start + long, across],
      ]
    : [
        [across, start],
        [across, start + long],
      ]
}

const onRear = ({ box }: Plan, long: number): [Point, Point] => [
  [box.length, Math.round((box.width - long) / 2)],
  [box.length, Math.round((box.width + long) / 2)],
]
