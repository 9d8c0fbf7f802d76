import type { Plan, Side } from '@hitchet/core/plan/plan'
import { bay } from '@hitchet/core/plan/times'
import type { Bounds } from '@hitchet/core/plan/shape'

/**
 * What a strip shows along the ruler: inches before the coupler, and from the coupler on. Shared by all strips
 * on a screen.
 */
export interface Frame {
  before: number
  after: number
}

/** Room for the coupler's ring and for the steps below the door, inches. */
const MARGIN = 5
const STEPS = 18

/** The frame that holds all of these plans, couplers in line, and what stands out behind them. */
export function frameFor(plans: readonly Plan[], behind: readonly { zone: Bounds }[] = []): Frame {
  const ends = plans.map((plan) => {
    const [left, right] = [
      Math.min(-plan.box.tongue, ...outward(plan, 'front')),
      Math.max(plan.box.length + plan.box.bumper, ...outward(plan, 'rear'), ...behind.map(({ zone }) => zone.x1)),
    ]
    return { before: -plan.box.tongue - left, after: right + plan.box.tongue }
  })
  return {
    before: Math.max(0, ...ends.map(({ before }) => before)) + MARGIN,
    after: Math.max(0, ...ends.map(({ after }) => after)) + MARGIN,
  }
}

/** Top and bottom of a plan's drawing, inches: slides out, steps down. */
export function heightFor(plan: Plan): { top: number; bottom: number } {
  const sills = plan.windows.flatMap(({ from, to }) => [from[1], to[1]])
  return {
    top: Math.min(0, ...outward(plan, 'off-door'), ...sills) - MARGIN,
    bottom: Math.max(plan.box.width + STEPS, ...outward(plan, 'door'), ...sills) + MARGIN,
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

/**
 * A thing's own frame, so that each is drawn once: back edge along the top, front edge below,
 * whichever way it faces on the plan. `across` is its width along the back, `deep` from back to front.
 */
export interface Facing {
  across: number
  deep: number
  transform: string
}

export function facing({ x0, y0, x1, y1 }: Bounds, faces: Side): Facing {
  const [dx, dy] = [x1 - x0, y1 - y0]
  if (faces === 'door') return { across: dx, deep: dy, transform: `translate(${x0} ${y0})` }
  if (faces === 'off-door') return { across: dx, deep: dy, transform: `translate(${x1} ${y1}) rotate(180)` }
  if (faces === 'rear') return { across: dy, deep: dx, transform: `translate(${x0} ${y1}) rotate(-90)` }
  return { across: dy, deep: dx, transform: `translate(${x1} ${y0}) rotate(90)` }
}
