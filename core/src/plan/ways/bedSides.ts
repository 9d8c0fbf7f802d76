import { SEAT } from './bedAisles'
import { EIGHTHS } from '../floor/clearance'
import { frontsOf } from '../fronts'
import type { Side } from '../plan'
import { startCells, type Floor } from './reach'
import { standsAt } from '../floor/stands'
import type { WayRules } from '../wayRules'
import { walkable } from '../floor/floorSearch'

/**
 * For each berth that is made up, the sides from which one lies down: those that it is open to, where somebody who
 * comes in from an entry door gets to enough floor before the edge.
 *
 *      +----------------+
 *      | head           |       16 in to the wall: open.
 *      +----------------+
 *       ##nightstand 2 in      Floor before 60 in of the edge, a way to it: open. A wall 3 in off: not.
 */
export function bedSides(floor: Floor, { sideways }: WayRules): Map<string, Side[]> {
  const { places, clearance, tall } = floor
  const reached = walkable(clearance, startCells(floor, 'entry'), sideways)
  const most = sideways * EIGHTHS
  return new Map(
    places
      .filter(({ use }) => use === 'bed')
      .map((place) => [
        place.id,
        place.sides.filter((side) => {
          const { cells, needs } = standsAt(clearance, { ...place, fronts: frontsOf(place.shape, [side]) }, tall)
          const along =
            side === 'door' || side === 'off-door'
              ? (cell: number) => cell % clearance.columns
              : (cell: number) => Math.floor(cell / clearance.columns)
          const stretch = new Set<number>()
          for (let i = 0; i < cells.length; i++)
            if (reached[cells[i]!] && needs[i]! <= most) stretch.add(along(cells[i]!))
          return stretch.size >= SEAT
        }),
      ]),
  )
}
