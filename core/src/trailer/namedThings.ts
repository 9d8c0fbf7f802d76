import { EQUIPMENT_KINDS, FIXTURE_KINDS, OUTSIDE_KINDS } from '../readings/catalogue'
import type { Readings } from '../readings/reading'
import type { Trailer } from './trailer'

/** Something on a trailer that has readings. */
export interface NamedThing {
  /** Where it stands in the file, and of what kind it is there. */
  list: 'readings' | 'features' | 'equipment' | 'fixtures' | 'berths' | 'slides' | 'outside' | 'compartments'
  kind?: string
  /** What its readings' keys begin with: `readings`, `equipment.gray-1`, `plan.berths.upper`. */
  path: string
  /** Of the fixture, berth, slide ...; the unit as a whole has none. */
  id?: string
  name: string
  readings?: Readings
}

/** All that has readings on a trailer, the unit as a whole first; what can be read on each is in `things.ts`. */
export function namedThings({ readings, features, equipment, plan }: Trailer): NamedThing[] {
  const inPlan = (
    list: NamedThing['list'],
    { id, readings: read }: { id: string; readings?: Readings },
    name: string,
    kind?: string,
  ): NamedThing => ({ list, kind, path: `plan.${list}.${id}`, id, name, readings: read })
  return [
    { list: 'readings', path: 'readings', name: 'The unit', readings },
    { list: 'features', path: 'features', name: 'What it has', readings: features },
    ...equipment.map((one): NamedThing => ({
      list: 'equipment',
      kind: one.kind,
      path: `equipment.${one.id}`,
      id: one.id,
      name: one.name ?? EQUIPMENT_KINDS[one.kind].name,
      readings: one.readings,
    })),
    ...plan.fixtures.map((one) => inPlan('fixtures', one, one.name ?? FIXTURE_KINDS[one.kind].name, one.kind)),
    ...plan.berths.map((one) => inPlan('berths', one, one.name)),
    ...plan.slides.map((one) => inPlan('slides', one, 'Slide')),
    ...plan.outside.map((one) => inPlan('outside', one, OUTSIDE_KINDS[one.kind].name, one.kind)),
    ...plan.compartments.map((one) => inPlan('compartments', one, one.name)),
  ]
}
