import {
  DOOR_KINDS,
  FIXTURE_KINDS,
  OUTSIDE_KINDS,
  type BerthKind,
  type DoorKind,
  type FixtureKind,
  type OutsideKind,
} from '../readings/catalogue'
import type { Plan, Side } from '../plan/plan'
import type { Point } from '../plan/shape'
import { inside } from '../plan/times'
import { freshId } from './item'

/** Something on the shelf, in its usual size: inches along the box and across it (common practice). */
export type ShelfEntry =
  | { list: 'fixtures'; kind: FixtureKind; name: string; size: [number, number]; faces?: Side }
  | { list: 'berths'; kind: BerthKind; name: string; size: [number, number]; head: Side; access: Side[] }
  | { list: 'walls'; name: string; size: [number, number] }
  | { list: 'doors'; kind: DoorKind; name: string; size: [number, number] }
  | { list: 'windows'; kind: 'fixed' | 'opening' | 'exit'; name: string; size: [number, number] }
  | { list: 'slides' | 'canvasEnds' | 'rooms'; name: string; size: [number, number] }
  | { list: 'outside'; kind: OutsideKind; name: string; size: [number, number] }

const fixture = (kind: FixtureKind, alongX: number, alongY: number, faces?: Side): ShelfEntry => ({
  list: 'fixtures',
  kind,
  name: FIXTURE_KINDS[kind].name,
  size: [alongX, alongY],
  ...(faces && { faces }),
})
const bed = (
  kind: BerthKind,
  name: string,
  alongX: number,
  alongY: number,
  head: Side,
  access: Side[],
): ShelfEntry => ({ list: 'berths', kind, name, size: [alongX, alongY], head, access })
const door = (kind: DoorKind, wide: number): ShelfEntry => ({
  list: 'doors',
  kind,
  name: DOOR_KINDS[kind].name,
  size: [wide, 0],
})
const outside = (kind: OutsideKind, long: number): ShelfEntry => ({
  list: 'outside',
  kind,
  name: OUTSIDE_KINDS[kind].name,
  size: [long, 0],
})

export const SHELF: readonly { title: string; entries: readonly ShelfEntry[] }[] = [
  {
    title: 'Shell',
    entries: [
      { list: 'walls', name: 'Inside wall', size: [0, 40] },
      door('entry', 28),
      door('swing', 24),
      door('sliding', 26),
      door('pocket', 24),
      door('curtain', 40),
      door('cargo', 30),
      door('ramp', 84),
      { list: 'windows', kind: 'opening', name: 'Window', size: [36, 0] },
      { list: 'windows', kind: 'exit', name: 'Exit window', size: [34, 0] },
      { list: 'slides', name: 'Slide', size: [120, 36] },
      { list: 'canvasEnds', name: 'Canvas end', size: [56, 74] },
      { list: 'rooms', name: 'Room', size: [60, 44] },
    ],
  },
  {
    title: 'Beds',
    entries: [
      bed('bed', 'Queen', 80, 60, 'front', ['door', 'off-door', 'rear']),
      bed('bed', 'Short queen', 74, 60, 'front', ['door', 'off-door', 'rear']),
      bed('bed', 'Double bed', 74, 52, 'off-door', ['rear']),
      bed('bunk', 'Bunk', 74, 30, 'rear', ['front']),
      bed('upper-bunk', 'Upper bunk', 74, 30, 'rear', ['front']),
      bed('canvas-end', 'Canvas bed', 56, 74, 'off-door', ['rear']),
    ],
  },
  {
    title: 'Living',
    entries: [
      fixture('booth', 70, 40),
      fixture('u-dinette', 80, 42),
      fixture('table', 40, 28),
      fixture('tri-fold-sofa', 72, 36, 'door'),
      fixture('jackknife-sofa', 68, 28, 'door'),
      fixture('theater-seats', 56, 36, 'door'),
      fixture('chair', 24, 26, 'door'),
      fixture('tv', 32, 4, 'off-door'),
      fixture('fireplace', 36, 10, 'off-door'),
    ],
  },
  {
    title: 'Kitchen',
    entries: [
      fixture('counter', 60, 24),
      fixture('island', 40, 26),
      fixture('sink', 24, 17),
      fixture('cooktop', 20, 18),
      fixture('oven', 20, 18),
      fixture('fridge', 28, 28, 'door'),
      fixture('pantry', 24, 20, 'door'),
      fixture('microwave', 22, 14),
      fixture('overhead', 40, 12),
    ],
  },
  {
    title: 'Bath and storage',
    entries: [
      fixture('toilet', 19, 22, 'door'),
      fixture('shower', 34, 30),
      fixture('tub', 38, 28),
      fixture('wet-bath', 36, 30),
      fixture('vanity', 26, 16, 'door'),
      fixture('linen', 16, 16, 'door'),
      fixture('wardrobe', 26, 20, 'door'),
      fixture('cabinet', 30, 16),
      fixture('tall-cabinet', 20, 20),
      fixture('nightstand', 16, 14),
    ],
  },
  {
    title: 'Outside',
    entries: [
      outside('awning', 180),
      outside('steps', 28),
      outside('outside-kitchen', 48),
      outside('pass-through', 28),
      outside('bay', 30),
      outside('hookups', 12),
      outside('dump-valve', 8),
    ],
  },
]

/** The plan with one thing more, its middle at a point; what belongs on a wall goes to the nearest one. */
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
            shape: rect,
            ...(entry.faces && { faces: entry.faces }),
          }),
        },
      }
    case 'berths':
      return {
        id,
        plan: {
          ...withRoom(plan),
          berths: added(plan.berths, {
            id,
            kind: entry.kind,
            name: entry.name,
            shape: rect,
            room: withRoom(plan).rooms[0]!.id,
            head: entry.head,
            access: entry.access,
          }),
        },
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
