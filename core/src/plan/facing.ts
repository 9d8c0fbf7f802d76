import type { Fixture, Plan, Side } from './plan'
import { bounds, type Bounds, type Point } from './shape/shape'

/** A stretch of an outer wall, as of a door or a window. */
interface Opening {
  from: Point
  to: Point
}

/** An outer wall as a thing on the plan: no id that anybody gives has a space in it. */
export const outerId = (side: Side): string => `outer ${side}`

export const OPPOSITE: Record<Side, Side> = { front: 'rear', rear: 'front', door: 'off-door', 'off-door': 'door' }

/** One inch towards a side. */
export const TOWARDS: Record<Side, Point> = { front: [-1, 0], rear: [1, 0], 'off-door': [0, -1], door: [0, 1] }

/** In which outer wall an opening is. */
export function outerWall({ box }: Pick<Plan, 'box'>, { from, to }: Opening): Side {
  if (from[1] === to[1]) return from[1] > box.width / 2 ? 'door' : 'off-door'
  return from[0] > box.length / 2 ? 'rear' : 'front'
}

/** Away from the wall a thing stands nearest to: how it faces when nobody said. */
export function facesByDefault({ box }: Pick<Plan, 'box'>, { x0, y0, x1, y1 }: Bounds): Side {
  const gaps: [number, Side][] = [
    [y0, 'door'],
    [box.width - y1, 'off-door'],
    [x0, 'rear'],
    [box.length - x1, 'front'],
  ]
  return gaps.sort((a, b) => a[0] - b[0])[0]![1]
}

/** How a fixture faces: as noted; a U is open along its longer side; anything else looks away from its wall. */
export function facesOf(plan: Pick<Plan, 'box'>, { kind, shape, faces }: Fixture, box = bounds(shape)): Side {
  if (faces) return faces
  const away = facesByDefault(plan, box)
  if (kind !== 'u-dinette') return away
  const sides: [Side, Side] = box.x1 - box.x0 >= box.y1 - box.y0 ? ['off-door', 'door'] : ['front', 'rear']
  if (sides.includes(away)) return away
  const [low, high] = sides[0] === 'front' ? [box.x0, plan.box.length - box.x1] : [box.y0, plan.box.width - box.y1]
  return low > high ? sides[0] : sides[1]
}
