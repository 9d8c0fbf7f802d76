import type { ComfortRules } from './comfortRules'
import type { BerthAt, Disturbance, NightCosts } from './assignment'
import type { NightFacts } from './facts'
import type { FloorThing } from './floorThings'
import { onFloor } from './onFloor'
import type { Sleeper } from './need'

/**
 * What a night costs that only the whole of it tells: no way to the toilet at all, brushing past beds that are
 * slept in on the way to the
 * toilet, a long way for those who are up at night, others in a room that should be one's own, floor for cribs, crates and dog beds.
 * `open`: bits over the options, 0 for what is always there, then the conversions in order.
 */
// eslint-disable-next-line complexity -- one fork for each cost, added up in one order
export function nightCosts(
  facts: NightFacts,
  sleepers: readonly Sleeper[],
  things: readonly FloorThing[],
  berthAt: readonly (readonly number[])[],
  open: number,
  rules: ComfortRules,
): NightCosts {
  const { berths, conversions, nights } = facts
  const made = conversions.filter((_, i) => open & (1 << (i + 1))).map(({ id }) => id)
  const night = nights.find((one) => one.made.length === made.length && one.made.every((id) => made.includes(id)))
  const at = (berth: number): BerthAt | undefined => {
    const option = berthAt.findIndex((list) => list.includes(berth))
    return open & (1 << option) ? [option, berthAt[option]!.indexOf(berth)] : undefined
  }
  const places = new Map(berths.map(({ id }, i) => [id, at(i)] as const))
  const disturbances: Disturbance[] = []
  const each = (points: (sleeper: Sleeper) => number) => (mask: number) => {
    let sum = 0
    for (let i = 0; i < sleepers.length; i++) if (mask & (1 << i)) sum += points(sleepers[i]!)
    return sum
  }
  const passing = each(({ nightTrips }) => rules.passing * (nightTrips ? rules.nightTrips : 1))
  const far = each(({ nightTrips }) => (nightTrips ? rules.farToilet : 0))
  for (const { berth, length, passes } of night?.ways ?? []) {
    const here = places.get(berth)
    if (!here) continue
    for (const id of passes) {
      const by = places.get(id)
      if (by) disturbances.push({ at: here, by, cost: passing })
    }
    if (length > rules.longWay) disturbances.push({ at: here, cost: far })
  }
  const shut = each(() => rules.noWay)
  if (night?.ways.length)
    for (const { id } of berths) {
      const here = places.get(id)
      if (here && !night.ways.some(({ berth }) => berth === id)) disturbances.push({ at: here, cost: shut })
    }
  if (sleepers.some(({ ownRoom }) => ownRoom)) {
    const shared = each(({ ownRoom }) => (ownRoom ? rules.ownRoomShared : 0))
    for (const a of berths) {
      for (const b of berths) {
        const [here, by] = [places.get(a.id), places.get(b.id)]
        if (a !== b && a.room === b.room && here && by) disturbances.push({ at: here, by, cost: shared })
      }
    }
  }
  const { left, inWay, open: unsure } = onFloor(facts, night, night ? things : [])
  const points = ({ kind }: FloorThing) => (kind === 'crib' ? rules.noCrib : rules.noFloor)
  const cost =
    [...inWay, ...unsure].reduce((sum, one) => sum + points(one), 0) +
    left.reduce((sum, one) => sum + (one.infant ? rules.infantNoCrib : 2 * points(one)), 0)
  return { cost, disturbances }
}
