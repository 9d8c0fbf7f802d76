import { weights, type Stowed } from '../../stowing/stowed'
import type { TowFacts } from './facts'
import type { Load } from './load'
import type { TowRules } from './rules'

/** The estimated rig on the road, pounds. */
export interface TowEstimate {
  loaded: number
  /** What rides in the trailer beyond its dry weight: what the cargo label is about. */
  cargo: number
  tongue: Tongue
}

/** What bears on the coupler, between least and most; the same while all is known. Nothing or less lifts it. */
export interface Tongue {
  least: number
  most: number
  /** Readings that nobody took and that it hangs on. */
  missing: string[]
}

/**
 * Loaded weight = UVW + propane + fresh water + belongings + gear. Tongue: the share that the empty trailer has
 * (common practice: the rest is spread as the trailer itself is), never lifted to what it should be; while nobody
 * weighed it, 10 to 15 %. Gear in the bays bears on the coupler by its lever instead (statics, exact); where the
 * axles stand unmeasured, by anything between all of it taken off and all of it put on.
 */
export function estimateOf(
  facts: TowFacts & { uvw: number },
  { load, rules }: { load: Load; rules: TowRules },
  placed: PlacedGear = NOTHING_PLACED,
): TowEstimate {
  const water = (facts.freshGallons ?? 0) * load.freshShare * rules.waterPerGallon
  const cargo = (facts.propane ?? 0) + water + load.belongings + load.gearInTrailer
  const loaded = facts.uvw + cargo
  const spread = loaded - placed.weight
  const [least, most] =
    facts.hitchWeight === undefined
      ? [spread * rules.tongueLeast, spread * rules.tongueMost]
      : [spread * (facts.hitchWeight / facts.uvw), spread * (facts.hitchWeight / facts.uvw)]
  const missing = [
    ...(facts.hitchWeight === undefined ? ['readings.hitchWeight'] : []),
    ...(placed.onTongue === undefined ? ['readings.axleCenter'] : []),
  ]
  const tongue = {
    least: least + (placed.onTongue ?? -placed.weight),
    most: most + (placed.onTongue ?? placed.weight),
    missing,
  }
  return { loaded, cargo, tongue }
}

/** Gear that rides in bays whose place along the trailer is drawn. */
export interface PlacedGear {
  weight: number
  /** How much of it the coupler bears; less than nothing behind the axles; undefined while the axles are not measured. */
  onTongue?: number
}

const NOTHING_PLACED: PlacedGear = { weight: 0, onTongue: 0 }

/** A load w at x from the front wall bears on the coupler with w (axle - x) / (axle + coupler to wall). */
export function placedGear(
  { axle, couplerToWall }: Pick<TowFacts, 'axle' | 'couplerToWall'>,
  stowed: Stowed,
): PlacedGear {
  const sums = { weight: 0, onTongue: 0 }
  for (const [id, weight] of weights(stowed)) {
    const at = stowed.holds.find((hold) => hold.id === id)?.at
    if (at === undefined) continue
    sums.weight += weight
    if (axle !== undefined) sums.onTongue += (weight * (axle - at)) / (axle + couplerToWall)
  }
  if (sums.weight === 0) return NOTHING_PLACED
  return axle === undefined ? { weight: sums.weight } : sums
}
