import type { Plan } from './plan'
import { best, type Readings } from '../readings/reading'

/** Of all that is read on a plan, what its drawing shows. */
const SHOWN = ['bowls', 'burners', 'mattressLength', 'mattressWidth'] as const

/** A plan with no more readings than its drawing needs: a yard sends hundreds of them to the screen. */
export function drawnPlan(plan: Plan): Plan {
  const drawn = <T extends { readings?: Readings }>({ readings, ...rest }: T): T => {
    const kept = SHOWN.flatMap((key) => {
      const reading = best(readings?.[key])
      return reading ? [[key, [{ value: reading.value, source: reading.source }]] as const] : []
    })
    return (kept.length ? { ...rest, readings: Object.fromEntries(kept) } : rest) as T
  }
  return {
    ...plan,
    fixtures: plan.fixtures.map(drawn),
    berths: plan.berths.map(drawn),
    slides: plan.slides.map(drawn),
    outside: plan.outside.map(drawn),
    compartments: [],
  }
}
