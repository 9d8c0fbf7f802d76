import { loadingFacts } from '../../loading/facts'
import type { Quantity } from '../../quantity/quantity'
import { knownSum } from '../../quantity/sum'
import type { TrailerKey } from '../../readings/catalogue'
import { best, figure, type Source } from '../../readings/reading'
import { equipmentOf } from '../../trailer/equipment'
import type { Trailer } from '../../trailer/trailer'

/** One figure that everybody asks for; nothing: to be measured. */
export interface CardFigure {
  label: string
  value?: number
  unit: Quantity['unit']
  /** Lengths of rigs read in feet. */
  long?: boolean
  source?: Source | 'reckoned'
}

const READ: readonly [TrailerKey, string, Quantity['unit'], boolean?][] = [
  ['overallLength', 'Length', 'in', true],
  ['overallHeight', 'Height', 'in', true],
  ['uvw', 'Dry', 'lb'],
  ['gvwr', 'GVWR', 'lb'],
]
const TANKS = { 'fresh-tank': 'Fresh', 'gray-tank': 'Gray', 'black-tank': 'Black' } as const
type TankKind = keyof typeof TANKS

/** What nobody should quote from memory, each with where it comes from. */
export function cardFigures(trailer: Trailer): CardFigure[] {
  const of = (key: TrailerKey, label: string, unit: Quantity['unit'], long?: boolean): CardFigure => ({
    label,
    unit,
    ...(long && { long }),
    value: figure(trailer.readings, key),
    source: best(trailer.readings[key])?.source,
  })
  const read = READ.map((one) => of(...one))
  return [
    ...read,
    leftToLoad(trailer),
    of('hitchWeight', 'Hitch', 'lb'),
    ...Object.entries(TANKS).map(([kind, label]) => tank(trailer, kind as TankKind, label)),
  ]
}

/**
 * As the cargo label says, or else what the two weights leave; less whatever was fitted after the label, which nobody has
 * taken off it. To be measured while one of those was not weighed.
 */
function leftToLoad(trailer: Trailer): CardFigure {
  const label = 'Left to load'
  const { added, weighedSince, uvw } = loadingFacts(trailer)
  const fitted = knownSum(added.map(({ pounds }) => pounds))
  if (fitted === undefined) return { label, unit: 'lb' }
  const said = best(trailer.readings['cargoCapacity'])
  const gvwr = figure(trailer.readings, 'gvwr')
  if (typeof said?.value === 'number') {
    const since = fitted + weighedSince
    return { label, unit: 'lb', value: said.value - since, source: since > 0 ? 'reckoned' : said.source }
  }
  return uvw === undefined || gvwr === undefined
    ? { label, unit: 'lb' }
    : { label, unit: 'lb', value: gvwr - uvw - fitted, source: 'reckoned' }
}

/** All tanks of a kind together; 0 where somebody looked and found none, undefined while nobody knows. */
export function tankGallons(trailer: Trailer, kind: TankKind): number | undefined {
  const tanks = equipmentOf(trailer, kind)
  return tanks && knownSum(tanks.map(({ readings }) => figure(readings, 'capacity')))
}

function tank(trailer: Trailer, kind: TankKind, label: string): CardFigure {
  const first = equipmentOf(trailer, kind)?.[0]
  return {
    label,
    unit: 'gal',
    value: tankGallons(trailer, kind),
    source: first && best(first.readings?.['capacity'])?.source,
  }
}
