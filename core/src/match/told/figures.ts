import type { Quantity } from '../../quantity/quantity'
import { TRAILER_READS, type TrailerKey } from '../../readings/catalogue'
import { best, contradicting, figure, type Reading, type ReadingSpec } from '../../readings/reading'
import type { Trailer } from '../../trailer/trailer'
import { bestFigures } from './best'
import { tankGallons } from './unitCard'

/** One figure over several units. */
export interface FigureRow {
  label: string
  unit: Quantity['unit']
  /** Lengths of rigs and rooms read in feet. */
  long: boolean
  differs: boolean
  /** What the best of them is called: `least`, `most`; absent where neither is better. */
  word?: 'least' | 'most'
  cells: FigureCell[]
}

/** Absent value: nobody read it. `contradicted`: another source says otherwise. */
export interface FigureCell {
  value?: number
  /** What it was read as; absent where it is several together. */
  reading?: Reading
  contradicted: boolean
  best: boolean
}

/** Readings of the unit that are figures everybody asks for, and where more or less of it is better. */
const FIGURES: Partial<Record<TrailerKey, 'more' | 'less' | 'neither'>> = {
  overallLength: 'neither',
  uvw: 'less',
  gvwr: 'neither',
  cargoCapacity: 'more',
  hitchWeight: 'neither',
  overallHeight: 'neither',
  interiorHeight: 'more',
  askingPrice: 'less',
}
export const FIGURE_KEYS = Object.keys(FIGURES) as TrailerKey[]
const TANKS = { 'fresh-tank': 'Fresh water', 'gray-tank': 'Gray tanks', 'black-tank': 'Black tanks' } as const

/** The plain figures buyers ask for, side by side; those that differ first, in the order of the label otherwise. */
export function figureRows(trailers: readonly Trailer[]): FigureRow[] {
  const read = FIGURE_KEYS.map((key): FigureRow => {
    const spec: ReadingSpec = TRAILER_READS[key]
    const cells = trailers.map(({ readings }) => ({
      value: figure(readings, key),
      reading: best(readings[key]),
      contradicted: contradicting(readings[key]).length > 0,
    }))
    return row({ label: spec.label, unit: spec.unit!, long: spec.unit === 'in' }, cells, FIGURES[key]!)
  })
  const tanks = Object.entries(TANKS).map(([kind, label]): FigureRow => {
    const cells = trailers.map((trailer) => ({
      value: tankGallons(trailer, kind as keyof typeof TANKS),
      contradicted: false,
    }))
    return row({ label, unit: 'gal', long: false }, cells, 'more')
  })
  const rows = [...read, ...tanks]
  return [...rows.filter(({ differs }) => differs), ...rows.filter(({ differs }) => !differs)]
}

function row(
  of: Pick<FigureRow, 'label' | 'unit' | 'long'>,
  cells: readonly Omit<FigureCell, 'best'>[],
  better: 'more' | 'less' | 'neither',
): FigureRow {
  const marks =
    better === 'neither'
      ? []
      : bestFigures(
          cells.map(({ value }) => value),
          better,
        )
  return {
    ...of,
    differs: cells.some(({ value }) => value !== cells[0]!.value),
    ...(marks.includes(true) && { word: better === 'more' ? 'most' : 'least' }),
    cells: cells.map((cell, i) => ({ ...cell, best: marks[i] ?? false })),
  }
}
