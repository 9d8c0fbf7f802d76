import type { Gear } from '../../household/household'
import { turned } from '../../packing/piece'
import { listed, says, type Phrase } from '../../quantity/phrase'
import { inches, pounds } from '../../quantity/quantity'
import type { HoldFact } from '../../stowing/facts'
import { bayName, named, stowed, type Stowed } from '../../stowing/stowed'
import type { StowFacts } from './facts'
import type { LoadingRules } from '../../loading/rules'
import { withId } from '../../plan/withId'

/** When something stays home: what would let it in, each tried by itself on everything they bring. */
export function wouldGoIn(
  { receiver }: Pick<StowFacts, 'receiver'>,
  what: Stowed,
  { rack }: Pick<LoadingRules, 'rack'>,
): Phrase[] {
  const { left } = what.packing
  const { gear, facts } = what
  const { holds } = facts
  if (left.length === 0) return []
  const whole = (changed: HoldFact[]) => stowed({ ...facts, holds: changed }, gear).packing.left.length === 0
  const changes: Phrase[] = []
  const used = what.holds.filter((hold) => hold.limit !== undefined)
  if (used.length && whole(holds.map((hold) => ({ ...hold, limit: undefined }))))
    changes.push(says`if ${bayName(used[0]!.name)} were allowed to carry more than ${pounds(used[0]!.limit!)}`)
  for (const hold of what.holds) {
    const wider = holds.map((one) => (one === hold ? { ...one, openings: [] } : one))
    if (hold.openings.length === 0 || !whole(wider)) continue
    const door = leastDoor(
      gear.filter(({ id }) => left.some(({ piece }) => piece === id)),
      hold,
    )
    if (door) changes.push(says`if a door of ${bayName(hold.name)} were ${inches(door[0])} by ${inches(door[1])}`)
  }
  const outside = left
    .map(({ piece, count }) => ({ ...withId(gear, piece), count }))
    .filter(({ fuel, keep }) => !fuel && keep !== 'inside')
  const weight = outside.reduce((sum, one) => sum + one.weight * one.count, 0)
  if (receiver !== undefined && outside.length === left.length) {
    const weighs = says`they weigh ${pounds(weight)}`
    changes.push(
      weight + rack <= receiver
        ? says`on a rack at the rear receiver, which carries ${pounds(receiver)}: ${weighs}, the rack about ${pounds(rack)}`
        : says`a rack at the rear receiver carries ${pounds(receiver)} with the rack; ${weighs}`,
    )
  }
  changes.push(
    says`with ${listed(left.map(({ piece, count }) => named(gear, piece, count)))} in the tow vehicle, against its payload`,
  )
  return changes
}

/** The smallest door that the largest of them goes through, end first. */
function leastDoor(gear: readonly Gear[], hold: HoldFact): [number, number] | undefined {
  const needed = gear.flatMap(({ size, turns }): [number, number][] => {
    const ways = turned({ size: [size!.length, size!.width, size!.height], turns: turns ?? 'any' }).filter((way) =>
      way.every((side, axis) => side <= hold.size[axis]!),
    )
    const ends = ways.map(([l, w, h]): [number, number] => [Math.min(l, w), h])
    return ends.sort((a, b) => a[0] * a[1] - b[0] * b[1]).slice(0, 1)
  })
  return needed.length === gear.length
    ? [Math.max(...needed.map(([across]) => across)), Math.max(...needed.map(([, high]) => high))]
    : undefined
}
