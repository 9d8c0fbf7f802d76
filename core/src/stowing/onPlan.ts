import type { Plan } from '../plan/plan'
import type { Bounds } from '../plan/shape/shape'
import type { Stowed } from './stowed'

/** So many of one kind. */
export interface Things {
  name: string
  count: number
}

/** What rides in each hold, by the hold's id. */
export function thingsInHolds({ holds, gear, packing }: Stowed): Record<string, Things[]> {
  const inHold = (id: string): Things[] =>
    gear
      .map((one) => ({
        name: one.name,
        count: packing.placed.filter(({ hold, piece }) => hold === id && piece === one.id).length,
      }))
      .filter(({ count }) => count > 0)
      .sort((a, b) => b.count - a.count)
  return Object.fromEntries(holds.map(({ id }) => [id, inHold(id)]))
}

/** A bay or a rack as it lies in the plan, and what rides in it. */
export interface HoldOnPlan {
  id: string
  name: string
  /** Inches on the plan. */
  zone: Bounds
  /** What rides in it, the most of one first: `4 bikes`. */
  things: Things[]
}

/**
 * Every bay whose place along the trailer is known: as long and as wide as it is inside, at the wall that its door is in, in
 * the middle where it goes through or opens to the inside.
 */
export function baysOnPlan(
  { box }: Pick<Plan, 'box'>,
  { holds }: Pick<Stowed, 'holds'>,
  things: Record<string, Things[]>,
): HoldOnPlan[] {
  return holds.flatMap(({ id, name, at, size: [long, wide], openings }) => {
    if (at === undefined) return []
    const walls = new Set(openings.map(({ wall }) => wall))
    const y0 =
      walls.has('door') === walls.has('off-door')
        ? (box.width - wide) / 2
        : walls.has('door')
          ? box.width - box.wall - wide
          : box.wall
    const zone = { x0: at - long / 2, x1: at + long / 2, y0, y1: y0 + wide }
    return [{ id, name, zone, things: things[id] ?? [] }]
  })
}
