import { entersAt } from '../shape/distance'
import { wallShape } from '../overlap'
import type { Door, Plan, Wall } from '../plan'
import type { Point, Shape } from '../shape/shape'
import { shellAt } from '../shell'
import type { Body, TimeOfDay } from '../times'

/** A door that slides and has nowhere to slide to. Inches. */
export interface NoPocket {
  door: string
  /** How wide it is, and how much room there is beside it on the better side. */
  needs: number
  room: number
  /** What stops it there, by id; none for a pocket door: its wall ends. */
  stoppedBy?: string
  /** Between which points it stays in its doorway, opened as far as it goes. */
  shut: [Point, Point]
}

/** A leaf that hangs before its wall stands off it so far, inches. */
const OFF = 1.25
/** Walls whose middles lie this close to a doorway's line belong to it, inches. */
const IN_LINE = 1.5
/** A leaf has this much play, inches. */
const PLAY = 1
/** From the floor up. */
const DOORWAY = [1, 72] as const

/**
 * Sliding and pocket doors that cannot slide. A pocket door goes into the wall it stands in, which must be as long
 * beside it; a sliding one hangs before the wall on either face, in one leaf or in two halves that part.
 */
export function withoutPocket(plan: Plan, time: TimeOfDay, bodies: readonly Body[]): NoPocket[] {
  return plan.doors.flatMap((door): NoPocket[] => {
    if (door.kind !== 'pocket' && door.kind !== 'sliding') return []
    const needs = Math.hypot(door.to[0] - door.from[0], door.to[1] - door.from[1])
    const { room, stoppedBy, at } =
      door.kind === 'pocket' ? pocketBeside(plan, door, needs) : runBeside(plan, time, bodies, door, needs)
    if (room >= needs - PLAY) return []
    const { jamb, way } = sidesOf(door, needs)[at]!
    const left = needs - room
    return [
      {
        door: door.id,
        needs,
        room: Math.floor(room),
        ...(stoppedBy && { stoppedBy }),
        shut: [jamb, [jamb[0] - way[0] * left, jamb[1] - way[1] * left]],
      },
    ]
  })
}

/** Both ways along a doorway's line from its jambs: past the second, then past the first. */
function sidesOf({ from, to }: Door, long: number): { jamb: Point; way: Point }[] {
  const way: Point = [(to[0] - from[0]) / long, (to[1] - from[1]) / long]
  return [
    { jamb: to, way },
    { jamb: from, way: [-way[0], -way[1]] },
  ]
}

/** How far the wall goes on in line beside the doorway, on its better side. */
function pocketBeside(plan: Plan, door: Door, long: number): Run {
  const [one, other] = sidesOf(door, long).map(({ jamb, way }) => {
    const stretches = plan.walls.flatMap((wall) => {
      const [a, b] = [along(jamb, way, wall.from), along(jamb, way, wall.to)]
      return Math.max(Math.abs(a.off), Math.abs(b.off)) <= IN_LINE
        ? [[Math.min(a.at, b.at), Math.max(a.at, b.at)] as const]
        : []
    })
    let end = 0
    for (const [a, b] of stretches.sort((one, other) => one[0] - other[0])) if (a <= end + PLAY) end = Math.max(end, b)
    return end
  }) as [number, number]
  return one >= other ? { room: one, at: 0 } : { room: other, at: 1 }
}

/** How far a leaf slides before its wall: all to one side, or its halves to both. */
function runBeside(plan: Plan, time: TimeOfDay, bodies: readonly Body[], door: Door, long: number): Run {
  const thick = wallBeside(plan, door, long)?.thickness ?? 2
  const things: { id: string; shape: Shape }[] = [
    ...bodies.filter(({ band }) => band[0] < DOORWAY[1] && band[1] > DOORWAY[0]),
    ...plan.walls.map((wall) => ({ id: wall.id, shape: wallShape(wall) })),
    ...shellAt(plan, time),
  ]
  const faces = [1, -1].map((face) => {
    const [one, other] = sidesOf(door, long).map(({ jamb: [x, y], way: [dx, dy] }, side) => {
      const off = face * (thick / 2 + OFF) * (dx + dy > 0 ? 1 : -1)
      const at: Point = [x - dy * off, y + dx * off]
      return { ...freeRun(things, at, [at[0] + dx * long, at[1] + dy * long], long), at: side }
    }) as [Run, Run]
    const better = one.room >= other.room ? one : other
    return { ...better, room: Math.max(better.room, Math.min(long, 2 * Math.min(one.room, other.room))) }
  })
  return faces.reduce((best, one) => (one.room > best.room ? one : best))
}

interface Run {
  room: number
  stoppedBy?: string
  /** Past which jamb, of `sidesOf`. */
  at: number
}

/** How far a line goes before it meets something, and what. */
const freeRun = (
  things: readonly { id: string; shape: Shape }[],
  from: Point,
  to: Point,
  long: number,
): Omit<Run, 'at'> =>
  things.reduce<Omit<Run, 'at'>>(
    (least, { id, shape }) => {
      const share = entersAt(shape, from, to)
      return share !== undefined && share * long < least.room ? { room: share * long, stoppedBy: id } : least
    },
    { room: long },
  )

const wallBeside = (plan: Plan, door: Door, long: number): Wall | undefined =>
  plan.walls.find((wall) =>
    sidesOf(door, long).some(({ jamb, way }) =>
      [wall.from, wall.to].every((point) => Math.abs(along(jamb, way, point).off) <= IN_LINE),
    ),
  )

/** A point by how far along a line it lies, and how far off. */
const along = ([x, y]: Point, [dx, dy]: Point, [px, py]: Point): { at: number; off: number } => ({
  at: (px - x) * dx + (py - y) * dy,
  off: (px - x) * dy - (py - y) * dx,
})
