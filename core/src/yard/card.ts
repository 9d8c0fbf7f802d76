import { extentOf, type Extent } from '../plan/extent'
import { MEASURE_SYSTEMS, type MeasureSystem } from '../quantity/format'
import { best } from '../readings/reading'
import type { TrailerKey } from '../readings/catalogue'
import type { Trailer } from '../trailer/trailer'
import type { LikeFigures } from './againstLike'
import { planText } from './planText'
import { yardUnit, type YardUnit } from './unit'

/** A unit as lists show it, without its document: what it is searched by, how far its drawing reaches, what that shows. */
export interface YardCard {
  unit: YardUnit
  extent: Extent
  /** The length of the box, inches. */
  box: number
  /** Its drawing, parked, in words. */
  text: Record<MeasureSystem, string>
  like: LikeFigures
}

/** By what cards were made: raised whenever one would come out otherwise. */
export const CARD_VERSION = 3

export const yardCard = (trailer: Trailer): YardCard => ({
  unit: yardUnit(trailer),
  extent: extentOf(trailer.plan),
  box: trailer.plan.box.length,
  text: Object.fromEntries(
    MEASURE_SYSTEMS.map((system) => [system, planText(trailer, 'parked', system)]),
  ) as YardCard['text'],
  like: likeFiguresOf(trailer),
})

const LIKE_READINGS = {
  length: 'overallLength',
  uvw: 'uvw',
  cargoCapacity: 'cargoCapacity',
  hitchWeight: 'hitchWeight',
  askingPrice: 'askingPrice',
} as const satisfies Partial<Record<keyof LikeFigures, TrailerKey>>

/** What a unit is held against others by. */
function likeFiguresOf({ stock, layout, readings }: Trailer): LikeFigures {
  const figures = Object.entries(LIKE_READINGS).flatMap(([name, key]) => {
    const value = best(readings[key])?.value
    return typeof value === 'number' ? [[name, value]] : []
  })
  return { stock, layout, ...Object.fromEntries(figures) }
}
