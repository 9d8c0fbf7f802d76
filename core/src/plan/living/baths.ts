import { DOOR_KINDS, type FixtureKind } from '../../readings/catalogue'
import { distanceTo, holds } from '../shape/distance'
import type { Plan, Room } from '../plan'
import { bounds, middleOf, type Point } from '../shape/shape'

/**
 * A full bath has toilet, shower and sink in one room; a wet bath in one stall; a walk-through bath lies on the
 * way from one room to another; a split bath is two rooms; a half bath has no shower.
 */
export type BathType = 'full' | 'wet' | 'walk-through' | 'split' | 'half'

export interface Bath {
  id: string
  name: string
  type: BathType
  toilet: boolean
  shower: boolean
  sink: boolean
  closedBy: Room['closedBy']
  /** The bedroom every door of it leads to, by id, where there is no other way in. */
  through?: string
}

/** A door is taken to lead into rooms no farther from its middle than this, inches. */
const AT_DOOR = 14

/** The bath rooms as they are used, from hitch to rear. What stands in no bath room is nobody's bath. */
export function bathsOf(plan: Plan): Bath[] {
  const rooms = plan.rooms.filter(({ kind }) => kind === 'bath').sort((a, b) => bounds(a.shape).x0 - bounds(b.shape).x0)
  const found = rooms.map((room): Bath => {
    const has = (...kinds: FixtureKind[]) =>
      plan.fixtures.some(({ kind, shape }) => kinds.includes(kind) && holds(room.shape, middleOf(shape)))
    const wet = has('wet-bath')
    const ways = waysInto(plan, room)
    const [toilet, shower, sink] = [wet || has('toilet'), wet || has('shower', 'tub'), has('vanity')]
    const type: BathType = wet
      ? 'wet'
      : ways.length > 1 && !ways.includes('outside')
        ? 'walk-through'
        : toilet && shower
          ? 'full'
          : toilet
            ? 'half'
            : 'split'
    const only = ways.length === 1 && ways[0] !== 'outside' ? plan.rooms.find(({ id }) => id === ways[0]) : undefined
    return {
      id: room.id,
      name: room.name,
      type,
      toilet,
      shower,
      sink,
      closedBy: room.closedBy,
      ...(only && (only.kind === 'bedroom' || only.kind === 'bunk room') && { through: only.id }),
    }
  })
  // A shower room beside a toilet room: one bath, split.
  const split =
    found.some(({ toilet, shower }) => shower && !toilet) && found.some(({ toilet, shower }) => toilet && !shower)
  return split
    ? found.map((one) => (one.type === 'half' || one.type === 'split' ? { ...one, type: 'split' } : one))
    : found
}

/** Whether a bath sink stands outside every bath room: then somebody brushes teeth while another showers. */
export function sinkOutside(plan: Plan): boolean {
  const baths = plan.rooms.filter(({ kind }) => kind === 'bath')
  return plan.fixtures.some(
    ({ kind, shape }) => kind === 'vanity' && !baths.some((room) => holds(room.shape, middleOf(shape))),
  )
}

/** The other sides of a room's doors: rooms by id, or outside, each once. */
function waysInto(plan: Plan, room: Room): string[] {
  const near = (one: Room, at: Point) => distanceTo(one.shape, at) <= AT_DOOR
  return [
    ...new Set(
      plan.doors.flatMap(({ kind, from, to }) => {
        const at: Point = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2]
        if (!near(room, at)) return []
        if (DOOR_KINDS[kind].outer) return ['outside']
        return plan.rooms
          .filter((other) => other !== room && near(other, at))
          .slice(0, 1)
          .map(({ id }) => id)
      }),
    ),
  ]
}
