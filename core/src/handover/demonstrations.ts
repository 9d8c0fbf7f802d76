import { nameOnPlan, small } from '../plan/naming'
import type { TimeOfDay } from '../plan/times'
import { says, type Phrase } from '../quantity/phrase'
import type { Trailer } from '../trailer/trailer'
import { awning, slides } from './living'

/** Something that is done before their eyes at a station, rather than told. */
export interface Demonstration {
  id: string
  title: string
  /** Absent: nobody wrote down how long it takes. */
  minutes?: number
  steps: Phrase[]
  /** What it is done with, by id on the plan. */
  with: string[]
  /** In words: what one cannot get at meanwhile. */
  takes: string[]
  /** How the plan shows it when it is done. */
  shows: { time: TimeOfDay; made: string[] }
}

/** What can be demonstrated on a unit: each bed that is made up, each slide run in, the awning run out. */
export function demonstrations(trailer: Trailer): Demonstration[] {
  const { plan } = trailer
  const name = (id: string): string => small(nameOnPlan(plan, id))
  return [
    ...plan.conversions.map(({ id, name: title, minutes, steps, uses, takes }): Demonstration => ({
      id: `conversion ${id}`,
      title: `${title} made into a bed`,
      minutes,
      steps: steps.map((step) => says`${step}.`),
      with: uses,
      takes: takes.map(name),
      shows: { time: 'night', made: [id] },
    })),
    ...plan.slides.map(({ id }): Demonstration => ({
      id: `slide ${id}`,
      title: plan.slides.length > 1 ? `${nameOnPlan(plan, id)} run in` : 'The slide run in',
      steps: slides(trailer).steps.map((step) => step.says),
      with: plan.fixtures.filter(({ slide }) => slide === id).map((one) => one.id),
      takes: [],
      shows: { time: 'road', made: [] },
    })),
    ...plan.outside
      .filter(({ kind }) => kind === 'awning')
      .map(({ id }): Demonstration => ({
        id: `awning ${id}`,
        title: 'The awning run out',
        steps: awning(trailer).steps.map((step) => step.says),
        with: [],
        takes: [],
        shows: { time: 'parked', made: [] },
      })),
  ]
}

/** The station at which one stands for it: where the bed, the slide or the awning is. */
export function demonstratedAt(
  { id }: Demonstration,
  { plan }: Trailer,
  stationOf: (path: string) => string | undefined,
) {
  const [kind, what] = id.split(' ') as [string, string]
  if (kind === 'slide') return stationOf(`plan.slides.${what}`)
  if (kind === 'awning') return stationOf(`plan.outside.${what}`)
  const bed = plan.berths.find(({ conversion }) => conversion === what)
  return bed && stationOf(`plan.berths.${bed.id}`)
}
