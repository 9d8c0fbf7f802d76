import { LRUCache } from 'lru-cache'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { yardFacts } from '../db/facts'
import type { KeptHousehold } from '../db/households'
import { trailersById, yardDocuments, yardRevision } from '../db/trailers'
import { houseRules } from '../houseRules'
import { inWorker } from '../jobs/pool'
import type { Standing } from '../jobs/rank'
import type { DecisiveWaits } from '../jobs/tapeLists'

/** So many households lie on the desk at a time, those last touched first. */
export const ON_DESK = 12

export interface HouseholdInHand extends Omit<Standing, 'best'> {
  kept: KeptHousehold
  best?: Trailer
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

/** How the yard stands for each household. */
export async function inHand(households: readonly KeptHousehold[]): Promise<HouseholdInHand[]> {
  const found = await remembered(standings, households, async (some) => {
    const rules = houseRules()
    return inWorker('standings', { facts: await yardFacts(rules), households: some, rules })
  })
  const best = await trailersById(found.flatMap((one) => one.best ?? []))
  return households.map((kept, i) => {
    const { left, all, best: id } = found[i]!
    return { kept, left, all, best: best.find((one) => one.id === id)?.trailer }
  })
}

/**
 * Units on which readings decide, by what they decide: what comes first for a household counts one, what comes second a half,
 * what comes third a third. A unit that something speaks against already decides nothing, however much is missing on it.
 */
export async function toMeasure(households: readonly KeptHousehold[]): Promise<UnitToMeasure[]> {
  const found = await remembered(waits, households, async (some) => {
    const rules = houseRules()
    const [facts, documents] = await Promise.all([yardFacts(rules), yardDocuments()])
    const units = facts.flatMap(({ id, facts: text }) => {
      const document = documents.get(id)
      return document ? [{ document, facts: text }] : []
    })
    return inWorker('decisive', { units, households: some, rules, most: PLACES })
  })
  const units = new Map<string, { name: string; readings: Map<string, number>; waiting: UnitToMeasure['waiting'] }>()
  for (const [i, { household }] of households.entries()) {
    for (const { stock, name, waits: readings, place } of found[i]!) {
      const unit = units.get(stock) ?? { name, readings: new Map<string, number>(), waiting: [] }
      unit.waiting.push({ household: household.name, place })
      for (const { name: reading } of readings)
        unit.readings.set(reading, (unit.readings.get(reading) ?? 0) + 1 / place)
      units.set(stock, unit)
    }
  }
  const worth = ({ waiting }: UnitToMeasure) => waiting.reduce((sum, { place }) => sum + 1 / place, 0)
  return [...units]
    .map(([stock, { name, readings, waiting }]) => ({
      stock,
      name,
      readings: [...readings].sort(([, a], [, b]) => b - a).map(([reading]) => reading),
      waiting: waiting.sort((a, b) => a.place - b.place),
    }))
    .sort((a, b) => worth(b) - worth(a) || (a.stock < b.stock ? -1 : 1))
}

/** What was reckoned lately for a household as it is in the yard as it is, or is being reckoned now. */
const standings = new LRUCache<string, Promise<Standing>>({ max: 500 })
const waits = new LRUCache<string, Promise<DecisiveWaits[]>>({ max: 100 })

/** In the order of the households; those not known yet are reckoned together. */
async function remembered<Found>(
  known: LRUCache<string, Promise<Found>>,
  households: readonly KeptHousehold[],
  reckon: (some: KeptHousehold['household'][]) => Promise<Found[]>,
): Promise<Found[]> {
  const yard = await yardRevision()
  const keyOf = ({ id, version }: KeptHousehold) => `${yard} ${id} ${version}`
  const unknown = households.filter((one) => !known.has(keyOf(one)))
  if (unknown.length) {
    const reckoned = reckon(unknown.map(({ household }) => household))
    unknown.forEach((one, i) =>
      known.set(
        keyOf(one),
        reckoned.then((found) => found[i]!),
      ),
    )
    // What failed is not remembered: the next who asks tries anew.
    reckoned.catch(() => unknown.forEach((one) => known.delete(keyOf(one))))
  }
  return Promise.all(households.map((one) => known.get(keyOf(one))!))
}
