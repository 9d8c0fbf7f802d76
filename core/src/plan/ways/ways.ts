import { EIGHTHS, type Clearance } from '../floor/clearance'
import { shortestWalk, type Ways } from '../floor/floorSearch'
import type { Point } from '../shape/shape'
import type { Stands } from '../floor/stands'

/** One way: how wide its narrowest squeeze is, where that is, and how it goes. Inches. */
export interface Way {
  width: number
  narrowest: Point
  length: number
  path: Point[]
}

/** The width of the widest way to a goal, inches, and the narrowest cell on it; undefined when none leads there. */
export function widthTo(
  { widest, squeeze }: Ways,
  { cells, needs }: Stands,
): { width: number; squeeze: number } | undefined {
  let best = -1
  for (let i = 0; i < cells.length; i++) {
    const cell = cells[i]!
    if (widest[cell]! > 0 && widest[cell]! >= needs[i]! && (best < 0 || widest[cell]! > widest[best]!)) best = cell
  }
  return best < 0 ? undefined : { width: widest[best]! / EIGHTHS, squeeze: squeeze[best]! }
}

/**
 * The widest way to any of some cells, or undefined when there is none; of all as wide as that the one with the
 * fewest steps. `enough`: nobody goes round for a way wider than this, inches.
 */
export function wayTo(ways: Ways, goal: Stands, enough = Infinity): Way | undefined {
  const found = widthTo(ways, goal)
  if (!found) return undefined
  const endsFor = (width: number): number[] => {
    const ends: number[] = []
    for (let i = 0; i < goal.cells.length; i++) if (goal.needs[i]! <= width * EIGHTHS) ends.push(goal.cells[i]!)
    return ends
  }
  const walk = (width: number) => shortestWalk(ways, ways.starts, [endsFor(width)], width)
  // Whoever is narrower stands nearer; where that is not to be, the way for the widest is shown.
  const cells = walk(Math.min(found.width, enough)) ?? walk(found.width)!
  const path = cells.map((cell) => cellCenter(ways, cell))
  return {
    width: found.width,
    narrowest: cellCenter(ways, narrowestOf(cells, ways.wide)),
    length: path.length - 1,
    path: turnsOf(path),
  }
}

/** A squeeze is often as narrow for some way: the middle of that stretch, around the narrowest cell. */
function narrowestOf(cells: readonly number[], wide: Int16Array): number {
  const free = cells.map((cell) => wide[cell]!)
  const least = Math.min(...free)
  const first = free.indexOf(least)
  let last = first
  while (last + 1 < free.length && free[last + 1]! < least + EIGHTHS / 2) last++
  return cells[Math.floor((first + last) / 2)]!
}

export const cellCenter = ({ x0, y0, columns }: Pick<Clearance, 'x0' | 'y0' | 'columns'>, cell: number): Point => [
  x0 + (cell % columns) + 0.5,
  y0 + Math.floor(cell / columns) + 0.5,
]

/** The way with only its turns kept. */
function turnsOf(path: Point[]): Point[] {
  return path.filter((point, i) => {
    const [before, after] = [path[i - 1], path[i + 1]]
    return (
      !before || !after || point[0] - before[0] !== after[0] - point[0] || point[1] - before[1] !== after[1] - point[1]
    )
  })
}
