import { bandsMeet, overlapDepth, wallShape } from '../overlap'
import type { Plan } from '../plan'
import { bounds, meets, moved, type Shape } from '../shape/shape'
import { bodiesAt, TAPE, travelOf, type Body } from '../times'

/** What a slide runs into on its way in, though it would be clear where it ends. */
export interface SlidePast {
  slide: string
  /** What rides in it, and what stands in its way, by id. */
  a: string
  b: string
}

/** The way in is looked at every so many inches: nothing that stands is thinner. */
const STEP = 0.5

/**
 * Everything that rides in a slide goes over the floor between where it is out and where it is in:
 *
 *      sofa out   post   sofa in        clear at both ends, and it never gets there
 *      [====]      |      [====]
 */
export function pastOnTheWayIn(plan: Plan): SlidePast[] {
  const [out, road] = [bodiesAt(plan, 'parked'), bodiesAt(plan, 'road')]
  const rides = ({ fixture, berth }: Body) => fixture?.slide ?? berth?.slide
  const walls = plan.walls.map((wall): Body => ({ id: wall.id, shape: wallShape(wall), band: [0, 120] }))
  return plan.slides.flatMap((slide) => {
    const [dx, dy] = travelOf(slide)
    const steps = Math.ceil(slide.depth / STEP)
    const still = [...road.filter((one) => rides(one) === undefined), ...walls]
    return out
      .filter((one) => rides(one) === slide.id)
      .flatMap((one) => {
        const at = (n: number): Shape => moved(one.shape, (dx * n) / steps, (dy * n) / steps)
        const [from, to] = [bounds(one.shape), bounds(at(steps))]
        const swept = {
          x0: Math.min(from.x0, to.x0),
          x1: Math.max(from.x1, to.x1),
          y0: Math.min(from.y0, to.y0),
          y1: Math.max(from.y1, to.y1),
        }
        return still
          .filter((other) => bandsMeet(one, other) && meets(swept, bounds(other.shape)))
          .filter((other) => {
            const hits = (n: number) => overlapDepth(at(n), other.shape) > TAPE
            // What it stands in at either end is said there.
            if (hits(0) || hits(steps)) return false
            for (let n = 1; n < steps; n++) if (hits(n)) return true
            return false
          })
          .map((other) => ({ slide: slide.id, a: one.id, b: other.id }))
      })
  })
}
