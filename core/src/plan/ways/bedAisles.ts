import { EIGHTHS } from '../floor/clearance'
import { frontsOf } from '../fronts'
import type { Side } from '../plan'
import type { Place } from '../floor/places'
import { squeezedBetween, waysFrom, type Floor, type Start } from './reach'
import { standsAt } from '../floor/stands'
import type { WayRules } from '../wayRules'
import { cellCenter } from './ways'

/** Before so much of a side there must be floor to lie down from it, inches: as wide as somebody who sits (common practice). */
export const SEAT = 18

/** How wide the way is to the second side of a bed, inches, and what it is narrowest between, by id. */
export interface SecondSide {
  width: number
  between: [string, string]
}

/**
 * Two in a bed get in from two sides: beside both long edges where floor leads along both, else past the foot. How wide
 * the narrower of the two is, for each bed that has a second side; `widest` is over ways, so no way to that side is wider.
 *
 *       16 in  ------------------+
 *      +----------------+        |     The bed itself is reached at 24 in; who sleeps at the
 *      | head           |  24 in |     far side goes along 16 in.
 *      +----------------+        |
 */
export function secondSides(floor: Floor, start: Start, { sideways }: WayRules): Map<string, SecondSide> {
  const { widest, squeeze } = waysFrom(floor, start)
  const found = new Map<string, SecondSide>()
  for (const place of floor.places) {
    const berth = floor.plan.berths.find(({ id }) => place.use === 'bed' && id === place.id)
    if (!berth) continue
    const long: readonly Side[] =
      berth.head === 'front' || berth.head === 'rear' ? ['door', 'off-door'] : ['front', 'rear']
    const open = place.sides
      .flatMap((side) => {
        const cell = alongSide(floor, place, side, widest)
        return cell === undefined ? [] : [{ side, cell, width: widest[cell]! / EIGHTHS }]
      })
      .filter(({ width }) => width >= sideways)
    const beside = open.filter(({ side }) => long.includes(side))
    const [, second] = (beside.length > 1 ? beside : open).sort((a, b) => b.width - a.width)
    if (second)
      found.set(place.id, {
        width: second.width,
        between: squeezedBetween(floor, cellCenter(floor.clearance, squeeze[second.cell]!)),
      })
  }
  return found
}

/** The cell up to which one has to come to lie down from a side: of the easiest stretch as long as a seat the hardest. */
function alongSide({ clearance, tall }: Floor, place: Place, side: Side, widest: Int16Array): number | undefined {
  const { cells, needs } = standsAt(clearance, { ...place, fronts: frontsOf(place.shape, [side]) }, tall)
  const lengthwise = side === 'door' || side === 'off-door'
  const best = new Int32Array(lengthwise ? clearance.columns : clearance.rows).fill(NONE)
  for (let i = 0; i < cells.length; i++) {
    const cell = cells[i]!
    if (widest[cell]! === 0 || widest[cell]! < needs[i]!) continue
    const along = lengthwise ? cell % clearance.columns : Math.floor(cell / clearance.columns)
    if (best[along] === NONE || widest[cell]! > widest[best[along]!]!) best[along] = cell
  }
  return [...best.filter((cell) => cell !== NONE)].sort((a, b) => widest[b]! - widest[a]!)[SEAT - 1]
}

const NONE = -1
