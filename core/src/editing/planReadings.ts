import type { Plan } from '../plan/plan'
import type { Readings } from '../readings/reading'

const LISTS = ['fixtures', 'berths', 'slides', 'outside', 'compartments'] as const
interface Read {
  id: string
  kind?: string
  readings?: Readings
}

/** A plan without what was read on it: its sizes are a start for another unit, its readings are not. */
export const withoutReadings = (plan: Plan): Plan => inLists(plan, ({ readings: _readings, ...rest }) => rest)

/**
 * A plan with the readings of another of the same unit: those taken while it was being drawn. Drawing changes no
 * reading, so the other's are all there are; a thing that is new on the plan has none, one of another kind
 * keeps its own.
 */
export function withReadingsOf(plan: Plan, other: Plan): Plan {
  const known = new Map(
    LISTS.flatMap((list) =>
      (other[list] as Read[]).map((one) => [`${list} ${one.id} ${one.kind}`, one.readings] as const),
    ),
  )
  return inLists(plan, (one, list) => {
    const readings = known.get(`${list} ${one.id} ${one.kind}`)
    return readings ? { ...one, readings } : one
  })
}

/** Whether two plans are drawn alike, whatever was read on them. */
export const drawnAlike = (a: Plan, b: Plan): boolean =>
  JSON.stringify(withoutReadings(a)) === JSON.stringify(withoutReadings(b))

function inLists(plan: Plan, change: (one: Read, list: (typeof LISTS)[number]) => Read): Plan {
  return {
    ...plan,
    ...Object.fromEntries(LISTS.map((list) => [list, (plan[list] as Read[]).map((one) => change(one, list))])),
  }
}
