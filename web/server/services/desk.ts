import type { Match } from '@hitchet/core/match/match'
import { tapeList } from '@hitchet/core/match/tapeList'
import { trailerName, type Trailer } from '@hitchet/core/trailer/trailer'
import type { KeptHousehold } from '../db/households'
import { allTrailers, type StockedTrailer } from '../db/trailers'
import { rankYardFor } from './matching'

export interface HouseholdInHand {
  kept: KeptHousehold
  /** Units with nothing against them, of all. */
  left: number
  all: number
  best?: Trailer
}

export interface UnitToMeasure {
  stock: string
  name: string
  /** In words: `Upper bunk: weight limit`. */
  readings: string[]
  /** Households whose answer waits for it. */
  households: number
}

/** What is on the desk today: how the yard stands for each household, and what they wait for. */
export async function deskFor(
  households: readonly KeptHousehold[],
): Promise<{ inHand: HouseholdInHand[]; toMeasure: UnitToMeasure[] }> {
  const [trailers, rankings] = await Promise.all([
    allTrailers(),
    rankYardFor(households.map(({ household }) => household)),
  ])
  const inHand = households.map((kept, i): HouseholdInHand => {
    const matches = rankings[i]!
    return {
      kept,
      left: matches.filter(({ standing }) => standing === 'fits' || standing === 'measure').length,
      all: matches.length,
      best: trailers.find(({ id }) => id === matches[0]?.id)?.trailer,
    }
  })
  return { inHand, toMeasure: unitsToMeasure(trailers, households, rankings) }
}

/** Units on which a reading could change some household's answer, the most waited-for first. */
function unitsToMeasure(
  trailers: readonly StockedTrailer[],
  households: readonly KeptHousehold[],
  rankings: readonly Match[][],
): UnitToMeasure[] {
  const units = trailers.map(({ id, trailer }) => {
    const asked = households.map(({ household }, i) => ({
      household,
      answers: rankings[i]!.find((match) => match.id === id)?.answers ?? {},
    }))
    const waited = tapeList(trailer, asked).filter(({ households: waiting }) => waiting.length)
    return {
      stock: trailer.stock,
      name: trailerName(trailer),
      readings: waited.map(({ name }) => name),
      households: new Set(waited.flatMap(({ households: waiting }) => waiting)).size,
    }
  })
  return units
    .filter(({ readings }) => readings.length)
    .sort((a, b) => b.households - a.households || (a.stock < b.stock ? -1 : 1))
}
