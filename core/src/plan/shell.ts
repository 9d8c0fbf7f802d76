import { outerId } from './facing'
import type { Plan, Side } from './plan'
import type { Bounds, Shape } from './shape/shape'
import { bay, inside, type TimeOfDay } from './times'

/** A stretch of what lies round the floor: of an outer wall, as `outer door`, or of a slide that is out, by its id. */
export interface ShellPart {
  id: string
  shape: Shape
}

/** An inch of it is enough: nobody looks at it from outside. */
const THICK = 1
/** Shorter stretches are rounding, inches. */
const HAIR = 0.02

/**
 * What lies round the floor: the outer walls but where a slide opens them, and the slides' own ends and backs.
 *
 *            +--slide--+
 *            |         |          y < y0
 *      ------+         +-------   y0, the inside face
 */
export function shellAt(plan: Plan, time: TimeOfDay): ShellPart[] {
  const room = inside(plan)
  const bays =
    time === 'road'
      ? []
      : plan.slides.map(({ id, wall, ...rest }) => ({ id, wall, at: bay(plan, { id, wall, ...rest }) }))
  const sides = (['off-door', 'door', 'front', 'rear'] as const).flatMap((side) => {
    const [from, to] = isLong(side) ? [room.x0 - THICK, room.x1 + THICK] : [room.y0, room.y1]
    const open = bays
      .filter(({ wall }) => wall === side)
      .map(({ at }): [number, number] => (isLong(side) ? [at.x0, at.x1] : [at.y0, at.y1]))
    return between(from, to, open).flatMap(([a, b]) => strip(outerId(side), beside(room, side, a, b)))
  })
  const ends = bays.flatMap(({ id, wall, at }) => [
    ...(isLong(wall)
      ? [
          ...strip(id, { ...at, x0: at.x0 - THICK, x1: at.x0 }),
          ...strip(id, { ...at, x0: at.x1, x1: at.x1 + THICK }),
          ...strip(id, beside(at, wall, at.x0, at.x1)),
        ]
      : [
          ...strip(id, { ...at, y0: at.y0 - THICK, y1: at.y0 }),
          ...strip(id, { ...at, y0: at.y1, y1: at.y1 + THICK }),
          ...strip(id, beside(at, wall, at.y0, at.y1)),
        ]),
  ])
  return [...sides, ...ends]
}

const isLong = (side: Side): boolean => side === 'door' || side === 'off-door'

/** A strip along the outside of one side of a box, from `a` to `b` along it. */
function beside({ x0, y0, x1, y1 }: Bounds, side: Side, a: number, b: number): Bounds {
  if (side === 'off-door') return { x0: a, x1: b, y0: y0 - THICK, y1: y0 }
  if (side === 'door') return { x0: a, x1: b, y0: y1, y1: y1 + THICK }
  if (side === 'front') return { x0: x0 - THICK, x1: x0, y0: a, y1: b }
  return { x0: x1, x1: x1 + THICK, y0: a, y1: b }
}

/** What is left of a stretch between its gaps. */
function between(from: number, to: number, gaps: readonly [number, number][]): [number, number][] {
  const left: [number, number][] = []
  let at = from
  for (const [a, b] of [...gaps].sort((p, q) => p[0] - q[0])) {
    left.push([at, a])
    at = Math.max(at, b)
  }
  return [...left, [at, to]]
}

const strip = (id: string, { x0, y0, x1, y1 }: Bounds): ShellPart[] =>
  x1 - x0 > HAIR && y1 - y0 > HAIR ? [{ id, shape: { rect: [x0, y0, x1 - x0, y1 - y0] } }] : []
