import type { YardStanding } from '../db/answers'
import type { KeptHousehold } from '../db/households'
import { cardsById, type KeptCard } from './cards'
import { standingsFor, standingsOnceReckoned } from './cache/answerCache'
import { pendingReadingsFor } from './cache/pendingReadings'

/** So many households lie on the desk at a time, those last touched first. */
export const ON_DESK = 12

export interface HouseholdInHand {
  kept: KeptHousehold
  /** Units with nothing against them, of all; so many of them are reckoned. */
  left: number
  all: number
  known: number
  /** The one that matches best. */
  best?: KeptCard
}

export interface UnitToMeasure {
  stock: string
  name: string
  /** In words: `Upper bunk: weight limit`, what decides most first. */
  readings: string[]
  /** Whose answer hangs on it, and in which place it stands for them, the best first. */
  waiting: { household: string; place: number }[]
}

/** So many places of each household's match are looked at: nobody measures the twentieth choice today. */
const PLACES = 8

/** How the yard stands for each household, as far as it is reckoned. */
export async function inHandSoFar(households: readonly KeptHousehold[]): Promise<HouseholdInHand[]> {
  return withBest(households, await standingsFor(households, 1))
}

/** How the yard stands for each household; whoever asks waits for what is not reckoned yet. */
export async function inHand(households: readonly KeptHousehold[]): Promise<HouseholdInHand[]> {
  return withBest(households, await standingsOnceReckoned(households, 1))
}

async function withBest(
  households: readonly KeptHousehold[],
  { all, standings }: { all: number; standings: YardStanding[] },
): Promise<HouseholdInHand[]> {
  const cards = await cardsById()
  return households.map((kept, i) => {
    const { left, known, first } = standings[i]!
    const best = first[0] && cards.get(first[0].id)
    return { kept, left, all, known, ...(best && { best }) }
  })
}

/**
 * Units on which readings decide, by what they decide: what comes first for a household counts one, what comes second a half,
 * what comes third a third. A unit that something speaks against already decides nothing, however much is missing on it.
 * `open`: so many places are still being looked at.
 */
export async function toMeasure(
  households: readonly KeptHousehold[],
): Promise<{ units: UnitToMeasure[]; open: number }> {
  const [{ all, standings }, cards] = await Promise.all([standingsOnceReckoned(households, PLACES), cardsById()])
  const places = standings.flatMap(({ first }, i) =>
    first.flatMap(({ id, standing }, n) =>
      standing === 'measure' ? [{ household: households[i]!, unit: id, place: n + 1 }] : [],
    ),
  )
  const found = await pendingReadingsFor(places.map(({ household, unit }) => ({ household: household.id, unit })))
  const units = new Map<string, { readings: Map<string, number>; waiting: UnitToMeasure['waiting'] }>()
  for (const [i, { household, unit, place }] of places.entries()) {
    const waits = found[i]?.waits ?? []
    if (waits.length === 0) continue
    const entry = units.get(unit) ?? { readings: new Map<string, number>(), waiting: [] }
    entry.waiting.push({ household: household.household.name, place })
    for (const { name } of waits) entry.readings.set(name, (entry.readings.get(name) ?? 0) + 1 / place)
    units.set(unit, entry)
  }
  const worth = ({ waiting }: UnitToMeasure) => waiting.reduce((sum, { place }) => sum + 1 / place, 0)
  return {
    units: [...units]
      .flatMap(([id, { readings, waiting }]): UnitToMeasure[] => {
        const card = cards.get(id)
        if (!card) return []
        return [
          {
            stock: card.unit.stock,
            name: card.unit.name,
            readings: [...readings].sort(([, a], [, b]) => b - a).map(([reading]) => reading),
            waiting: waiting.sort((a, b) => a.place - b.place),
          },
        ]
      })
      .sort((a, b) => worth(b) - worth(a) || (a.stock < b.stock ? -1 : 1)),
    open: found.filter((one) => one?.old ?? true).length + standings.filter(({ known }) => known < all).length,
  }
}
