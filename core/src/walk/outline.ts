import type { Plan, Side } from '../plan/plan'
import type { Bounds } from '../plan/shape/shape'

/** What stands out of a parked unit, coupler, slides, canvas ends and bumper: nobody walks through it. Inches. */
export function outlineOf({ box, slides, canvasEnds }: Plan): Bounds {
  const out = (side: Side): number =>
    Math.max(0, ...[...slides, ...canvasEnds].filter(({ wall }) => wall === side).map(({ depth }) => depth))
  return {
    x0: -Math.max(box.tongue, out('front')),
    x1: box.length + Math.max(box.bumper, out('rear')),
    y0: -out('off-door'),
    y1: box.width + out('door'),
  }
}
