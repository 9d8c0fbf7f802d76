import { EIGHTHS, type Clearance } from './clearance'

/**
 * Floor on which a walker of at least `width` inches has room: runs of cells, each from `x` at `y` for `long`
 * inches, `deep` inches deep.
 */
export interface HeatBand {
  width: number
  deep: number
  runs: { x: number; y: number; long: number }[]
}

/** Rows are taken two at a time: the eye does not see an inch. */
export const HEAT_ROW = 2

/**
 * The free floor sorted by how wide it is there, from narrow to wide: each cell in the widest band whose width
 * it has.
 */
export function heatBands({ x0, y0, columns, rows, wide }: Clearance, widths: readonly number[]): HeatBand[] {
  const bands = [...widths].sort((a, b) => a - b).map((width): HeatBand => ({ width, deep: HEAT_ROW, runs: [] }))
  const bandOf = (cell: number): number => {
    if (wide[cell] === 0) return -1
    const inches = wide[cell]! / EIGHTHS
    let band = -1
    for (const [i, { width }] of bands.entries()) if (inches >= width) band = i
    return band
  }
  for (let row = 0; row < rows; row += HEAT_ROW) {
    for (let column = 0; column < columns;) {
      const band = bandOf(row * columns + column)
      let end = column + 1
      while (end < columns && bandOf(row * columns + end) === band) end++
      if (band >= 0) bands[band]!.runs.push({ x: x0 + column, y: y0 + row, long: end - column })
      column = end
    }
  }
  return bands
}
