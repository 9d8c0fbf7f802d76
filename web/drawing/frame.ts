import { extentOf, type Extent } from '@hitchet/core/plan/extent'
import { MARGIN } from '@hitchet/core/plan/margin'
import type { Plan, Side } from '@hitchet/core/plan/plan'
import type { Bounds } from '@hitchet/core/plan/shape/shape'

/**
 * What a strip shows along the ruler: inches before the coupler, and from the coupler on. Shared by all strips
 * on a screen.
 */
export interface Frame {
  before: number
  after: number
}

/** The frame that holds all of these plans, couplers in line, and what stands out behind them. */
export function frameFor(plans: readonly Plan[], behind: readonly { zone: Bounds }[] = []): Frame {
  return frameOf(
    plans.map((plan) => {
      const { before, after } = extentOf(plan)
      return { before, after: Math.max(after, ...behind.map(({ zone }) => zone.x1 + plan.box.tongue)) }
    }),
  )
}

/** The same of what is known of plans that are not here. */
export const frameOf = (extents: readonly Pick<Extent, 'before' | 'after'>[]): Frame => ({
  before: Math.max(0, ...extents.map(({ before }) => before)) + MARGIN,
  after: Math.max(0, ...extents.map(({ after }) => after)) + MARGIN,
})

/** Top and bottom of a plan's drawing, inches: slides out, steps down. */
export const heightFor = (plan: Plan): Pick<Extent, 'top' | 'bottom'> => {
  const { top, bottom } = extentOf(plan)
  return { top, bottom }
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
