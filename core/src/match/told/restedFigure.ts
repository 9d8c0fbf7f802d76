import type { Household } from '../../household/household'
import { VEHICLE_READS, type VehicleKey } from '../../readings/vehicleReads'
import { best, type Reading, type ReadingSpec } from '../../readings/reading'
import { readingName } from '../../trailer/readingName'
import { thingAt } from '../../trailer/things'
import type { Trailer } from '../../trailer/trailer'

/** A figure that an answer rests on: what it is, and where it comes from. */
export interface RestedFigure {
  /** In words: `Upper bunk: weight limit`, `Maya: height`. */
  name: string
  spec: ReadingSpec
  /** As it is gone by; of a household's own figures nobody keeps more than what they said. */
  reading: Reading
  /** The household said so themselves. */
  theirs: boolean
}

/** The figure a key stands for, on the unit or of the household; undefined where nobody ever read it. */
export function restedFigure(key: string, trailer: Trailer, household: Household): RestedFigure | undefined {
  if (key.startsWith('household.')) return theirs(key.slice('household.'.length), household)
  const found = thingAt(trailer, key)
  const reading = found && best(found.thing.readings?.[key.slice(found.thing.path.length + 1)])
  return reading && { name: readingName(trailer, key), spec: found.spec, reading, theirs: false }
}

function theirs(key: string, { people, vehicle, limits }: Household): RestedFigure | undefined {
  const [of, second, third] = key.split('.') as [string, string, string?]
  if (of === 'vehicle') {
    const reading = best(vehicle.readings[second])
    const spec: ReadingSpec = VEHICLE_READS[second as VehicleKey]
    return reading && { name: `Their vehicle: ${spec.label}`, spec, reading, theirs: true }
  }
  if (of === 'limits') {
    const spec = LIMIT_SPECS[second as keyof typeof LIMIT_SPECS]
    return told(spec, spec.label, limits[second as keyof typeof LIMIT_SPECS])
  }
  // What else was looked at, such as a pet’s weight, is not told by itself yet; it may have the id of a person.
  if (of !== 'people') return undefined
  const person = people.find(({ id }) => id === second)
  const measure = third as 'height' | 'weight'
  return told(PERSON_SPECS[measure], `${person?.name}: ${measure}`, person?.[measure])
}

const told = (spec: ReadingSpec, name: string, value: number | undefined): RestedFigure | undefined =>
  value === undefined ? undefined : { name, spec, reading: { value, source: 'told' }, theirs: true }

const LIMIT_SPECS = {
  budget: { label: 'Budget', kind: 'number', unit: '$' },
  trailerLength: { label: 'Longest trailer', kind: 'number', unit: 'in' },
  rigLength: { label: 'Longest rig', kind: 'number', unit: 'in' },
} as const satisfies Record<string, ReadingSpec>

const PERSON_SPECS = {
  height: { label: 'Height', kind: 'number', unit: 'in' },
  weight: { label: 'Weight', kind: 'number', unit: 'lb' },
} as const satisfies Record<string, ReadingSpec>
