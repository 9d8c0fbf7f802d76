import { readdirSync, readFileSync } from 'node:fs'
import { parseHousehold, parseTrailer } from '../../core/src/formats/document'
import type { Household } from '../../core/src/household/household'
import { chance } from '../../core/src/testing/assignments'
import type { Trailer } from '../../core/src/trailer/trailer'

const demo = (path: string) => new URL(`../../demo/${path}`, import.meta.url)
const read = (folder: string): string[] =>
  readdirSync(demo(folder))
    .filter((name) => name.endsWith('.json'))
    .sort()
    .map((name) => readFileSync(demo(`${folder}/${name}`), 'utf8'))

/** A lot of so many units, each like one of the demo's, its weights, price and mattresses a little different. */
export function unitsLikeTheDemos(count: number, seed = 500): Trailer[] {
  const models = read('yard').map((text) => parseTrailer(text).document!)
  const random = chance(seed)
  return Array.from({ length: count }, (_, i) => varied(models[i % models.length]!, `B-${i}`, random))
}

/** So many households, each like one of the demo's: older or younger, with another budget and another truck. */
export function householdsLikeTheDemos(count: number, seed = 200): Household[] {
  const models = read('households').map((text) => parseHousehold(text).document!)
  const random = chance(seed)
  return Array.from({ length: count }, (_, i) => {
    const one = structuredClone(models[i % models.length]!)
    one.name = `${one.name.slice(0, 60)} ${i}`
    if (one.limits.budget !== undefined) one.limits.budget = Math.round(one.limits.budget * (0.8 + 0.5 * random()))
    for (const key of ['payload', 'towRating'] as const) shift(one.vehicle.readings[key], 0.3, random)
    return one
  })
}

function varied(model: Trailer, stock: string, random: () => number): Trailer {
  const unit = structuredClone(model)
  unit.stock = stock
  delete unit.vin
  for (const key of ['uvw', 'askingPrice', 'overallLength', 'hitchWeight']) shift(unit.readings[key], 0.1, random)
  for (const berth of unit.plan.berths) shift(berth.readings?.mattressLength, 0.08, random)
  return unit
}

function shift(list: { value: unknown }[] | undefined, share: number, random: () => number): void {
  list?.forEach((reading) => {
    if (typeof reading.value === 'number') reading.value = Math.round(reading.value * (1 + share * (random() - 0.5)))
  })
}
