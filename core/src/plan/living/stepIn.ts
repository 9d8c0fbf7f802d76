import { frontsOf } from '../fronts'
import { SIDES, type Plan, type Side } from '../plan'
import { floorOf } from '../ways/reach'

/** How one gets into a shower or tub: by an opening this wide between what stands, inches; 0: by none. */
export interface StepIn {
  id: string
  wide: number
}

/** Where the foot stands before it steps in: from the edge out, inches. */
const FOOT = [1.5, 11] as const
/** A foot is about so wide, inches: less is no floor to stand on. */
const SOLE = 4

/**
 * For every shower and tub the longest stretch of its edge before which there is floor to stand on, on the side it is
 * said to be entered from, else on any.
 */
export function stepInsAt(plan: Plan): StepIn[] {
  const { clearance } = floorOf(plan, 'parked')
  const { x0, y0, columns, rows, wide } = clearance
  const isFloor = (x: number, y: number): boolean => {
    const [column, row] = [Math.floor(x - x0), Math.floor(y - y0)]
    return column >= 0 && row >= 0 && column < columns && row < rows && wide[row * columns + column]! > 0
  }
  return plan.fixtures
    .filter(({ kind }) => kind === 'shower' || kind === 'tub' || kind === 'wet-bath')
    .map(({ id, shape, faces }) => {
      const sides: readonly Side[] = faces && 'rect' in shape ? [faces] : SIDES
      let most = 0
      for (const { a, b, way } of frontsOf(shape, sides)) {
        const long = Math.hypot(b[0] - a[0], b[1] - a[1])
        let run = 0
        for (let s = 0.5; s < long; s++) {
          const [x, y] = [a[0] + ((b[0] - a[0]) * s) / long, a[1] + ((b[1] - a[1]) * s) / long]
          let free = true
          for (let t: number = FOOT[0]; free && t < FOOT[1]; t++) free = isFloor(x + way[0] * t, y + way[1] * t)
          run = free ? run + 1 : 0
          most = Math.max(most, run)
        }
      }
      return { id, wide: most >= SOLE ? most : 0 }
    })
}
