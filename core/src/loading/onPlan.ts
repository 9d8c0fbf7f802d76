import type { Plan } from '../plan/plan'
import type { HoldOnPlan } from '../stowing/onPlan'
import type { LoadedRack } from './racks'
import type { LoadingRules } from './rules'

/** Nobody measures a rack: two bikes stand across it, as far along the trailer on either side of its middle. Inches. */
const ACROSS = 68
const EITHER_SIDE = 13

/**
 * Every rack that something rides on, where it stands: across behind the bumper, across the tongue, along the roof. One of
 * which nobody read where it stands is drawn nowhere.
 */
export function racksOnPlan(
  { box }: Pick<Plan, 'box'>,
  racks: readonly LoadedRack[],
  { acrossAtMost }: Pick<LoadingRules, 'acrossAtMost'>,
): HoldOnPlan[] {
  return racks.flatMap(({ id, title, stands, things, weight: { from, to } }) => {
    if (stands === undefined || from !== to) return []
    const half = stands === 'roof' ? acrossAtMost / 2 : EITHER_SIDE
    const wide = stands === 'roof' ? box.width / 2 : ACROSS
    const y0 = (box.width - wide) / 2
    return [{ id, name: title, zone: { x0: from - half, x1: from + half, y0, y1: y0 + wide }, things }]
  })
}
