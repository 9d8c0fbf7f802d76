import type { Plan, Room, Side } from '../plan'
import { bounds, type Bounds } from '../shape/shape'

/** How air goes through a room while its windows stand open. */
export interface Breeze {
  room: string
  /** Walls with a window that opens. */
  walls: Side[]
  /** `across`: in at one side and out at another; `one side`: hardly; `none`: not at all. */
  goes: 'across' | 'one side' | 'none'
}

/** So far behind a window its room begins, inches. */
const INSIDE = 14

/**
 * Cross breeze without AC, room by room: air crosses where windows that open stand in two walls of a room, or of rooms that
 * nothing shuts from each other (common practice).
 * A window in a slide counts to the room that the slide opens into.
 */
export function breezes({ box, rooms, windows }: Pick<Plan, 'box' | 'rooms' | 'windows'>): Breeze[] {
  const opens = windows.filter(({ kind }) => kind !== 'fixed')
  const at = opens.map(({ from, to }) => {
    const [x, y] = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2]
    const wall = wallOf(x, y, box)
    return {
      wall,
      x: Math.max(INSIDE, Math.min(box.length - INSIDE, x)),
      y: Math.max(INSIDE, Math.min(box.width - INSIDE, y)),
    }
  })
  const within = rooms.filter(({ shape }) => isOfTheBox(bounds(shape), box))
  const wallsOf = (some: readonly Room[]): Side[] => {
    const areas = some.map(({ shape }) => bounds(shape))
    return [...new Set(at.filter(({ x, y }) => areas.some((area) => isIn(x, y, area))).map(({ wall }) => wall))]
  }
  const open = within.filter(({ closedBy }) => closedBy === 'nothing')
  return within.map((room) => {
    const walls = wallsOf(room.closedBy === 'nothing' ? open : [room])
    return { room: room.name, walls, goes: walls.length > 1 ? 'across' : walls.length === 1 ? 'one side' : 'none' }
  })
}

/** Canvas is all window. */
const isOfTheBox = ({ x0, x1 }: Bounds, { length }: Plan['box']): boolean => x0 > -INSIDE && x1 < length + INSIDE

const isIn = (x: number, y: number, { x0, x1, y0, y1 }: Bounds): boolean => x >= x0 && x <= x1 && y >= y0 && y <= y1

/** The outer wall a window stands in; beyond a long wall it stands in a slide’s. */
function wallOf(x: number, y: number, { length, width }: Plan['box']): Side {
  const near: [Side, number][] = [
    ['off-door', y],
    ['door', width - y],
    ['front', x],
    ['rear', length - x],
  ]
  return near.reduce((a, b) => (b[1] < a[1] ? b : a))[0]
}
