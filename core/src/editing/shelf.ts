import {
  DOOR_KINDS,
  FIXTURE_KINDS,
  OUTSIDE_KINDS,
  type BerthKind,
  type DoorKind,
  type FixtureKind,
  type OutsideKind,
} from '../readings/catalogue'
import type { Side } from '../plan/plan'

/** Something on the shelf, in its usual size: inches along the box and across it (common practice). */
export type ShelfEntry =
  | {
      list: 'fixtures'
      kind: FixtureKind
      name: string
      size: [number, number]
      faces?: Side
      /** Round a corner: as deep as this along both arms. */
      arms?: number
    }
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
      bed('bed', 'Queen set crosswise', 60, 80, 'off-door', ['door', 'front', 'rear']),
      bed('bed', 'Twin', 75, 38, 'front', ['door']),
      bed('flip-bunk', 'Bunk that folds down', 76, 30, 'rear', ['door']),
      bed('loft', 'Loft', 84, 48, 'rear', ['front']),
      bed('floor-mat', 'Floor mat', 72, 28, 'front', ['door']),
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
      fixture('air-sofa', 72, 36, 'door'),
      fixture('futon', 70, 34, 'door'),
      fixture('convertible-lounge', 76, 30, 'door'),
      fixture('theater-seats', 56, 36, 'door'),
      fixture('chair', 24, 26, 'door'),
      fixture('bar', 48, 16, 'door'),
      fixture('stool', 14, 14),
      fixture('desk', 36, 20, 'door'),
      fixture('tv', 32, 4, 'off-door'),
      fixture('fireplace', 36, 10, 'off-door'),
    ],
  },
  {
    title: 'Kitchen',
    entries: [
      fixture('counter', 60, 24),
      { ...fixture('counter', 72, 60), name: 'Counter round a corner', arms: 24 } as ShelfEntry,
      fixture('island', 40, 26),
      fixture('sink', 24, 17),
      fixture('cooktop', 20, 18),
      fixture('oven', 20, 18),
      fixture('fridge', 28, 28, 'door'),
      fixture('pantry', 24, 20, 'door'),
      { ...fixture('pantry', 48, 36, 'door'), name: 'Walk-in pantry' },
      fixture('hood', 20, 18),
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
      fixture('washer', 26, 26, 'door'),
      fixture('water-heater', 16, 18),
      fixture('ladder', 16, 6),
      fixture('tie-downs', 12, 34),
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
      outside('power-inlet', 6),
      outside('lp-connect', 6),
      outside('outside-shower', 12),
      outside('tv-bracket', 16),
      outside('speakers', 10),
      outside('furnace-vent', 8),
      outside('receiver', 3),
    ],
  },
]
