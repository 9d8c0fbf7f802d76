import type { Quantity } from '../quantity/quantity'
import { knownSum } from '../quantity/sum'
import { TRAILER_READS, type TrailerKey } from '../readings/catalogue'
import { best, contradicting, figure, type ReadingSpec, type Source } from '../readings/reading'
import type { Trailer } from '../trailer/trailer'

/** One figure over several units. */
export interface FigureRow {
  label: string
  unit: Quantity['unit']
  /** Lengths of rigs and rooms read in feet. */
  long: boolean
  differs: boolean
  cells: FigureCell[]
}

/** Absent value: nobody read it. `contradicted`: another source says otherwise. */
export interface FigureCell {
  value?: number
  source?: Source
  contradicted: boolean
}

/** Readings of the unit that are figures everybody asks for. */
export const FIGURE_KEYS: TrailerKey[] = [
  'overallLength',
  'uvw',
  'gvwr',
  'cargoCapacity',
  'hitchWeight',
  'overallHeight',
  'interiorHeight',
  'askingPrice',
]
const TANKS = { 'fresh-tank': 'Fresh water', 'gray-tank': 'Gray tanks', 'black-tank': 'Black tanks' } as const

/** The plain figures buyers ask for, side by side; those that differ first, in the order of the label otherwise. */
export function figureRows(trailers: readonly Trailer[]): FigureRow[] {
  const read = FIGURE_KEYS.map((key): FigureRow => {
    const spec: ReadingSpec = TRAILER_READS[key]
    const cells = trailers.map(({ readings }): FigureCell => ({
      value: figure(readings, key),
      source: best(readings[key])?.source,
      contradicted: contradicting(readings[key]).length > 0,
    }))
    return { label: spec.label, unit: spec.unit!, long: spec.unit === 'in', differs: differ(cells), cells }
  })
  const tanks = Object.entries(TANKS).map(([kind, label]): FigureRow => {
    const cells = trailers.map((trailer): FigureCell => ({ value: gallons(trailer, kind), contradicted: false }))
    return { label, unit: 'gal', long: false, differs: differ(cells), cells }
  })
  const rows = [...read, ...tanks]
  return [...rows.filter(({ differs }) => differs), ...rows.filter(({ differs }) => !differs)]
}

const differ = (cells: FigureCell[]): boolean => cells.some(({ value }) => value !== cells[0]!.value)

/** All tanks of a kind together; undefined when there is none or one is not read. */
function gallons({ equipment }: Trailer, kind: string): number | undefined {
  const each = equipment.filter((one) => one.kind === kind).map(({ readings }) => figure(readings, 'capacity'))
  return each.length === 0 ? undefined : knownSum(each)
}
