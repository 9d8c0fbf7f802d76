import { readingName } from '@hitchet/core/readings/names'
import { trailerName } from '@hitchet/core/trailer/trailer'
import type { KeptHousehold } from '../db/households'
import { allTrailers } from '../db/trailers'
import { rankYard } from './matching'

export interface UnitToMeasure {
  stock: string
  name: string
  /** In words: `Upper bunk: weight limit`. */
  readings: string[]
  /** Households whose answer waits for it. */
  households: number
}

/** Units that some open household's answer waits for, most waited-for first. Readings of the household itself are not the lot's to take. */
export async function unitsToMeasure(households: readonly KeptHousehold[]): Promise<UnitToMeasure[]> {
  const [trailers, rankings] = await Promise.all([allTrailers(), Promise.all(households.map(({ household }) => rankYard(household)))])
  const units = trailers.map(({ id, trailer }) => {
    const missing = rankings.map((matches) => Object.values(matches.find((match) => match.id === id)?.answers ?? {}).flatMap((answer) => answer.missing).filter((key) => !key.startsWith('household.')))
    const keys = [...new Set(missing.flat())]
    return { stock: trailer.stock, name: trailerName(trailer), readings: keys.map((key) => readingName(trailer, key)), households: missing.filter((keysOfOne) => keysOfOne.length).length }
  })
  return units.filter(({ readings }) => readings.length).sort((a, b) => b.households - a.households || (a.stock < b.stock ? -1 : 1))
}
