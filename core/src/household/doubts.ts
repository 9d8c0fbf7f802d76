import { CM_PER_INCH, LB_PER_KG } from '../quantity/parse'
import { inches, pounds } from '../quantity/quantity'
import { VEHICLE_READS, type VehicleKey } from '../readings/vehicleReads'
import { oddFigure, oddReading, type Doubt } from '../readings/doubt'
import { best, type ReadingSpec } from '../readings/reading'
import { centiles } from './growth'
import { inOrder } from './inOrder'
import type { Household, Person } from './household'
import { oddOther, otherFigures } from './otherFigures'

/** What a grown person usually is: inches and pounds, wide (ANSUR II, 2012, beyond the 1st and 99th, from memory). */
const GROWN = { height: [54, 81], weight: [80, 420] } as const
/** Under two, where the growth table is silent. */
const INFANT = { height: [14, 40], weight: [3, 42] } as const

/** The figures of a household that are odd and were not confirmed. */
export function householdDoubts(household: Household): Doubt[] {
  const { people, vehicle } = household
  const ofPeople = people.flatMap((person) =>
    (['height', 'weight'] as const).flatMap((measure): Doubt[] => {
      const value = person[measure]
      if (value === undefined || person.sure?.includes(measure)) return []
      const label = `${person.name}, ${person.age}: ${measure}`
      const odd = oddFigure(label, value, usualFor(person, measure), measure === 'height' ? inches : pounds)
      return odd ? [{ key: `household.people.${person.id}.${measure}`, says: odd }] : []
    }),
  )
  const ofVehicle = Object.entries(vehicle.readings).flatMap(([key, readings]): Doubt[] => {
    const reading = best(readings)
    const spec: ReadingSpec | undefined = VEHICLE_READS[key as VehicleKey]
    const odd = reading && spec && oddReading(spec, reading)
    return odd ? [{ key: `household.vehicle.${key}`, says: odd }] : []
  })
  return [...ofPeople, ...ofVehicle, ...doubtsOfOthers(household)]
}

function doubtsOfOthers(household: Household): Doubt[] {
  return otherFigures(household).flatMap((one): Doubt[] => {
    const sure = household.sure?.some(({ figure, value }) => figure === one.figure && value === one.value)
    const odd = sure ? undefined : oddOther(one, one.value)
    return odd ? [{ key: `household.${one.figure}`, says: odd }] : []
  })
}

/** Well beyond the 3rd and 97th centile of both sexes (CDC growth charts, United States, 2000). */
export function usualFor(
  { age, sex }: Pick<Person, 'age' | 'sex'>,
  measure: 'height' | 'weight',
): readonly [number, number] {
  if (age >= 20) return GROWN[measure]
  if (age < 2) return INFANT[measure]
  const [name, per] = measure === 'height' ? (['stature', CM_PER_INCH] as const) : (['weight', 1 / LB_PER_KG] as const)
  const rows = (sex ? [sex] : (['female', 'male'] as const)).map((one) => centiles(one, name, age))
  const [low, high] = [Math.min(...rows.map(([p3]) => p3)), Math.max(...rows.map(([, , p97]) => p97))]
  const slack = measure === 'height' ? 0.12 : 0.4
  return [Math.round((low * (1 - slack)) / per), Math.round((high * (1 + slack)) / per)]
}

/**
 * The household without what is doubted of its people and its vehicle, its lists in one order: a figure nobody stands by counts as not
 * asked. What is doubted besides keeps its place; the questions that it enters wait for it (`match/doubting`).
 */
export function trustedHousehold(given: Household): Household {
  const household = inOrder(given)
  const doubted = new Set(
    householdDoubts(household)
      .map(({ key }) => key)
      .filter((key) => /^household\.(people|vehicle)\./.test(key)),
  )
  if (doubted.size === 0) return household
  const { people, vehicle } = household
  return {
    ...household,
    people: people.map((person) => ({
      ...person,
      height: doubted.has(`household.people.${person.id}.height`) ? undefined : person.height,
      weight: doubted.has(`household.people.${person.id}.weight`) ? undefined : person.weight,
    })),
    vehicle: {
      ...vehicle,
      readings: Object.fromEntries(
        Object.entries(vehicle.readings).filter(([key]) => !doubted.has(`household.vehicle.${key}`)),
      ),
    },
  }
}
