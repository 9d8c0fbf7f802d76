import type { Berth, Conversion, Fixture, Plan } from '../plan/plan'
import { BERTH_KINDS, type BerthKind, type EquipmentKind, type FixtureKind } from '../readings/catalogue'
import type { ReadingValue } from '../readings/reading'
import { TRAILER_FORMAT, TRAILER_VERSION, type Equipment, type Trailer } from '../trailer/trailer'
import { unexplained } from '../trailer/drawn'
import { readings } from './someone'

/** An empty 20 ft box for tests: walls of 2 in, one entry door, nothing in it. */
export function emptyPlan(given: Partial<Plan> = {}): Plan {
  return {
    box: { length: 240, width: 96, wall: 2, tongue: 40, bumper: 8 },
    rooms: [{ id: 'room', name: 'Room', kind: 'living', shape: { rect: [2, 2, 236, 92] }, closedBy: 'nothing' }],
    walls: [],
    doors: [{ id: 'entry', kind: 'entry', from: [160, 96], to: [188, 96], hinge: 'to', opens: 'door' }],
    windows: [],
    slides: [],
    canvasEnds: [],
    fixtures: [],
    berths: [],
    conversions: [],
    outside: [],
    compartments: [],
    ...given,
  }
}

/** Axles, tires and coupler that carry whatever a test puts on them; the axles a little behind the middle of a 20 ft box. */
const STANDARD = {
  uvw: 3555,
  gvwr: 4800,
  hitchWeight: 440,
  overallLength: 288,
  askingPrice: 21000,
  axleCenter: 140,
  axles: 2,
  axleRating: 5200,
  tires: 4,
  tireRating: 2830,
  couplerRating: 12500,
  interiorHeight: 79,
  shorePower: '50 A',
  underbelly: 'enclosed',
}

/** The label: GVWR less UVW. */
const cargo = ({ gvwr, uvw }: Record<string, ReadingValue>): number =>
  Number(gvwr ?? STANDARD.gvwr) - Number(uvw ?? STANDARD.uvw)

/** A unit for tests, all that matters for towing read off its labels, and looked over: what is not drawn is not there. */
export function unit(
  plan: Partial<Plan> = {},
  figures: Record<string, ReadingValue> = {},
  equipment = standardEquipment(),
): Trailer {
  const drawn: Trailer = {
    format: TRAILER_FORMAT,
    version: TRAILER_VERSION,
    stock: 'X-1',
    make: 'Testmake',
    model: '20 T',
    year: 2026,
    condition: 'new',
    layout: 'bunkhouse',
    readings: readings({ ...STANDARD, cargoCapacity: cargo(figures), ...figures }),
    equipment,
    plan: emptyPlan(plan),
  }
  return { ...drawn, absent: unexplained(drawn).map((kind) => ({ kind, source: 'measured' })) }
}

export const standardEquipment = () => [
  equipment('fresh-tank', { capacity: 30, at: 120 }),
  equipment('lp-cylinder', { count: 1, size: 20 }),
  equipment('furnace', { heating: 20000 }),
  equipment('air-conditioner', { cooling: 13500 }),
  { ...equipment('water-heater', { fuel: 'gas' }), id: 'heater' },
]

export const equipment = (kind: EquipmentKind, values: Record<string, ReadingValue>): Equipment => ({
  id: kind,
  kind,
  readings: readings(values),
})

/** A berth by its mattress, high enough to sit up in; where it stands matters only to what excludes what. */
export function berth(
  kind: BerthKind,
  width: number | undefined,
  length: number | undefined,
  given: Partial<Berth> & { limit?: number; headroom?: number; guard?: number } = {},
): Berth {
  const { limit, headroom = 42, guard = 6, ...rest } = given
  const guardHeight = BERTH_KINDS[kind].upper ? guard : undefined
  const read = { mattressWidth: width, mattressLength: length, weightLimit: limit, headroom, guardHeight }
  const values = Object.entries(read).flatMap(([key, value]) => (value === undefined ? [] : [[key, value] as const]))
  return {
    id: kind,
    kind,
    name: kind,
    shape: { rect: [10, 10, length ?? 74, width ?? 30] },
    room: 'room',
    head: 'front',
    access: ['door'],
    readings: readings(Object.fromEntries(values)),
    ...rest,
  }
}

export const conversion = (id: string, given: Partial<Conversion> = {}): Conversion => ({
  id,
  name: id,
  uses: [],
  steps: [],
  minutes: 3,
  takes: [],
  excludes: [],
  ...given,
})

export const fixture = (
  kind: FixtureKind,
  rect: [number, number, number, number],
  values: Record<string, ReadingValue> = {},
  given: Partial<Fixture> = {},
): Fixture => ({
  id: kind,
  kind,
  shape: { rect },
  readings: readings(values, 'measured'),
  ...given,
})
