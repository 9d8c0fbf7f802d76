import { MARGIN } from './margin'
import type { Plan, Side } from './plan'
import { bay } from './times'

/** How far a plan's drawing reaches with slides out and steps down: before and behind the coupler, and across, inches. */
export interface Extent {
  before: number
  after: number
  top: number
  bottom: number
}

/** Steps below the door, inches. */
const STEPS = 18

export function extentOf(plan: Plan): Extent {
  const { box } = plan
  const sills = plan.windows.flatMap(({ from, to }) => [from[1], to[1]])
  return {
    before: -box.tongue - Math.min(-box.tongue, ...outward(plan, 'front')),
    after: Math.max(box.length + box.bumper, ...outward(plan, 'rear')) + box.tongue,
    top: Math.min(0, ...outward(plan, 'off-door'), ...sills) - MARGIN,
    bottom: Math.max(box.width + STEPS, ...outward(plan, 'door'), ...sills) + MARGIN,
  }
}

/** How far slides and canvas ends of one side reach, wall and all. */
function outward(plan: Plan, side: Side): number[] {
  return [...plan.slides, ...plan.canvasEnds]
    .filter(({ wall }) => wall === side)
    .map((carrier) => {
      const { x0, x1, y0, y1 } = bay(plan, carrier)
      return {
        front: x0 - plan.box.wall,
        rear: x1 + plan.box.wall,
        'off-door': y0 - plan.box.wall,
        door: y1 + plan.box.wall,
      }[side]
    })
}
