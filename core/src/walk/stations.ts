import { FEATURE_IDS, FEATURES } from '../features/catalogue'
import { PLACES, type Feature, type Place } from '../features/feature'
import { distanceTo } from '../plan/shape/distance'
import type { OutsideItem, Plan, Room, Side } from '../plan/plan'
import { middleOf, type Point, type Shape } from '../plan/shape/shape'
import { outlineOf } from './outline'
import { best } from '../readings/reading'
import { nameIn } from '../trailer/readingName'
import { thingsOf, type Thing } from '../trailer/things'
import type { Trailer } from '../trailer/trailer'
import { standingAt, standingIn } from './standing'
import type { Seen, Station } from './station'
import { IN_KITCHEN, READ_AT, STANDS_AT } from './whereSeen'
import { EQUIPMENT_KINDS, type EquipmentKind, type TrailerKey } from '../readings/catalogue'
import { equipmentOf } from '../trailer/equipment'
import { withId } from '../plan/withId'

/** An arm and a step off the wall, inches. */
const OFF = 30
const SIDE_PLACES: Record<Side, Place> = { front: 'hitch', rear: 'rear', door: 'door', 'off-door': 'off-door' }
const ROOM_PLACES: Partial<Record<Room['kind'], Place>> = { bedroom: 'bedroom', 'bunk room': 'bunks', bath: 'bath' }

/**
 * The stations of a unit from its plan: hitch, off-door side, under it at the axles, rear, door side; inside the door, then
 * kitchen, living room and every other room; the papers last. Each thing that can be read or told stands at exactly one.
 */
export function stationsOf(trailer: Trailer): Station[] {
  const { plan } = trailer
  const stations = [...outsideOf(trailer), ...insideOf(plan), papersOf(plan)]
  const at = new Map(stations.map((station) => [station.id, station]))
  const put = (station: string, seen: Seen): void => void at.get(station)!.things.push(seen)
  for (const thing of thingsOf(trailer)) {
    if (thing.path === 'features') continue
    for (const [key, spec] of Object.entries(thing.specs)) {
      const path = `${thing.path}.${key}`
      const place = placeOf(thing, key, trailer)
      const reading = best(thing.readings?.[key])
      put(place.station, {
        key: path,
        name: nameIn(thing, spec),
        spec,
        ...(reading && { reading }),
        ...(place.at && { at: place.at }),
      })
    }
  }
  for (const id of FEATURE_IDS) {
    const { place, why, ...spec }: Feature = FEATURES[id]
    const station = stationOf(place, plan)
    const reading = best(trailer.features?.[id])
    if (station) put(station, { key: `features.${id}`, name: spec.label, spec, why, ...(reading && { reading }) })
  }
  for (const kind of Object.keys(EQUIPMENT_KINDS) as EquipmentKind[])
    if (equipmentOf(trailer, kind) === undefined)
      put(STANDS_AT[kind], { key: `equipment.${kind}`, name: EQUIPMENT_KINDS[kind].name, unnoted: kind })
  for (const station of stations) station.things = inOrder(station)
  return stations
}

/** Of a place in the catalogue the station on this unit; none where it has no such room, once its rooms are drawn. */
export function stationOf(place: Place, { rooms }: Plan): string | undefined {
  const room = rooms.find(({ kind }) => ROOM_PLACES[kind] === place)
  if (room) return room.id
  if (place !== 'bath' && place !== 'bedroom' && place !== 'bunks') return place
  return place === 'bunks' ? undefined : 'living'
}

function outsideOf({ plan, readings }: Trailer): Station[] {
  const { box } = plan
  const { x0, x1, y0, y1 } = outlineOf(plan)
  const axle = best(readings['axleCenter'])?.value
  const middle = box.width / 2
  const station = (id: Place, at: Point): Station => ({ id, name: PLACES[id], inside: false, at, things: [] })
  return [
    station('hitch', [x0 - OFF, middle]),
    station('off-door', [box.length / 3, y0 - OFF]),
    station('under', [typeof axle === 'number' ? axle : box.length * 0.6, y0 - OFF]),
    station('rear', [x1 + OFF, middle]),
    station('door', [box.length / 2, y1 + OFF]),
  ]
}

function insideOf(plan: Plan): Station[] {
  const { box, doors, fixtures, rooms } = plan
  const station = (id: string, name: string, at: Point): Station => ({ id, name, inside: true, at, things: [] })
  const middleOfAll = (shapes: readonly Shape[]): Point => {
    if (shapes.length === 0) return [box.length / 2, box.width / 2]
    const all = shapes.map(middleOf)
    const mean = (axis: 0 | 1) => all.reduce((sum, one) => sum + one[axis], 0) / all.length
    return [mean(0), Math.min(box.width - OFF / 2, Math.max(OFF / 2, mean(1)))]
  }
  const [entry] = doors.filter(({ kind }) => kind === 'entry')
  const inside: Point = entry
    ? [(entry.from[0] + entry.to[0]) / 2, Math.min(box.width - OFF, Math.max(OFF, (entry.from[1] + entry.to[1]) / 2))]
    : [box.length / 2, box.width - OFF]
  const own = (kitchen: boolean) =>
    fixtures
      .filter((one) => !otherRoom(plan, one.shape) && IN_KITCHEN.has(one.kind) === kitchen)
      .map(({ shape }) => shape)
  return [
    station('entry', PLACES.entry, standingAt(plan, inside)),
    station('kitchen', PLACES.kitchen, standingAt(plan, middleOfAll(own(true)))),
    station('living', PLACES.living, standingAt(plan, middleOfAll(own(false)))),
    ...rooms
      .filter(({ kind }) => kind !== 'living' && kind !== 'galley')
      .map((room) => station(room.id, room.name, standingIn(plan, room))),
  ]
}

/** Outside the door again, where one sits down. */
const papersOf = (plan: Plan): Station => ({
  id: 'papers',
  name: PLACES.papers,
  inside: false,
  at: [plan.box.length / 5, outlineOf(plan).y1 + OFF],
  things: [],
})

/** The bedroom, bath, bunk or cargo room that something stands in; nothing in the living room and the kitchen. */
function otherRoom({ rooms }: Plan, shape: Shape): Room | undefined {
  const middle = middleOf(shape)
  const nearest = [...rooms].sort((a, b) => distanceTo(a.shape, middle) - distanceTo(b.shape, middle))[0]
  return nearest && nearest.kind !== 'living' && nearest.kind !== 'galley' ? nearest : undefined
}

interface Found {
  station: string
  at?: Point
}

/** Where a reading of a thing is read. */
function placeOf({ path, id }: Thing, key: string, trailer: Trailer): Found {
  const [first, list] = path.split('.') as [string, string?]
  if (first === 'readings') return { station: READ_AT[key as TrailerKey] }
  if (first === 'equipment') {
    const kind = withId(trailer.equipment, id).kind
    return { station: STANDS_AT[kind as EquipmentKind] }
  }
  return DRAWN_AT[list as keyof typeof DRAWN_AT](trailer.plan, id)
}

/** Where a thing that is drawn is looked at, by the list of the plan it stands in. */
const DRAWN_AT: Record<
  'outside' | 'fixtures' | 'berths' | 'slides' | 'compartments',
  (plan: Plan, id?: string) => Found
> = {
  outside(plan, id) {
    const item = withId(plan.outside, id)
    return { station: SIDE_PLACES[item.wall], at: onWall(item, plan) }
  },
  fixtures(plan, id) {
    const fixture = withId(plan.fixtures, id)
    const room = otherRoom(plan, fixture.shape)
    const station = room?.id ?? (IN_KITCHEN.has(fixture.kind) ? 'kitchen' : 'living')
    return { station, at: middleOf(fixture.shape) }
  },
  berths(plan, id) {
    const berth = withId(plan.berths, id)
    const room = plan.rooms.find((one) => one.id === berth.room)
    const other = room && room.kind !== 'living' && room.kind !== 'galley' ? room.id : 'living'
    return { station: other, at: middleOf(berth.shape) }
  },
  slides(plan, id) {
    const at = onWall(withId(plan.slides, id), plan)
    return { station: otherRoom(plan, { rect: [at[0] - 1, at[1] - 1, 2, 2] })?.id ?? 'living', at }
  },
  compartments(plan, id) {
    const bay = withId(plan.compartments, id)
    const [opening] = bay.openings
    const along = bay.at ?? plan.box.length / 2
    const middle = plan.box.width / 2
    if (bay.place === 'outside' && opening && opening.wall !== 'top') {
      const station = SIDE_PLACES[opening.wall]
      return { station, at: [along, station === 'door' ? plan.box.width : station === 'off-door' ? 0 : middle] }
    }
    const room = otherRoom(plan, { rect: [along - 1, middle - 1, 2, 2] })
    return { station: room?.id ?? 'living', at: [along, middle] }
  },
}

function onWall({ wall, start, length }: Pick<OutsideItem, 'wall' | 'start' | 'length'>, { box }: Plan): Point {
  const far = start + length / 2
  if (wall === 'door') return [far, box.width]
  if (wall === 'off-door') return [far, 0]
  return [wall === 'front' ? 0 : box.length, far]
}

/**
 * Labels and what has no place first, then what has one, as one walks: to the rear along the off-door side, to the hitch
 * along the door side; inside by how far it is from where one stands.
 */
function inOrder({ id, inside, at, things }: Station): Seen[] {
  const far = ({ at: place }: Seen): number => {
    if (!place) return -Infinity
    if (inside) return Math.hypot(place[0] - at[0], place[1] - at[1])
    return id === 'door' ? -place[0] : id === 'rear' || id === 'hitch' ? place[1] : place[0]
  }
  return things
    .map((seen, i) => ({ seen, i }))
    .sort((a, b) => far(a.seen) - far(b.seen) || a.i - b.i)
    .map(({ seen }) => seen)
}
