import type { LoadingFacts } from './facts'
import type { LoadingRules } from './rules'
import type { MomentId, Weight, Weights } from './weights'

/** The trailer at one moment. Pounds. */
export interface Moment {
  id: MomentId
  /** Empty, and what it bears. */
  total: number
  weights: Weight[]
  tongue: Tongue
  /** Readings without which something that weighs is not in it. */
  missing: string[]
}

/** What bears on the coupler, between least and most; the same while all is known. Nothing or less lifts it. */
export interface Tongue {
  least: number
  most: number
  /** Readings that nobody took and that it hangs on. */
  missing: string[]
}

/** What the empty trailer weighs, pounds, and how much of it is on the hitch, if that was weighed. */
export interface Empty {
  uvw: number
  hitchWeight?: number
}

/** While nobody weighed the tongue: shares of the empty trailer. */
export interface TongueShares {
  tongueLeast: number
  tongueMost: number
}

/**
 * The trailer as a beam on its axles and its coupler (statics, exact): a weight w at x inches behind the front wall bears
 * on the coupler with w (axle - x) / (axle + coupler to wall), and on the axles with the rest.
 *
 *      coupler              x          axle
 *        o===================w===========A=======
 *        |<-- to the wall -->|
 *
 * The empty trailer bears what it was weighed at. Where the axles or a tank are not measured, the least and the most
 * that any place of them gives.
 */
export function momentOf(
  id: MomentId,
  { coupler, box, axle }: Pick<LoadingFacts, 'coupler' | 'box' | 'axle'>,
  { uvw, hitchWeight }: Empty,
  { weights, missing }: Weights,
  rules: LoadingRules & TongueShares,
): Moment {
  const [near, far] = axle === undefined ? [box * rules.axleLeast, box * rules.axleMost] : [axle, axle]
  let least = hitchWeight ?? uvw * rules.tongueLeast
  let most = hitchWeight ?? uvw * rules.tongueMost
  let total = uvw
  const unread = new Set<string>()
  for (const { pounds, from, to, unread: where } of weights) {
    if (where !== undefined) unread.add(where)
    total += pounds
    // Farther back an axle leaves more of any weight on the coupler.
    least += (pounds * (near - to)) / (near + coupler)
    most += (pounds * (far - from)) / (far + coupler)
  }
  return {
    id,
    total,
    weights,
    missing,
    tongue: {
      least,
      most,
      missing: [
        ...(hitchWeight === undefined ? ['readings.hitchWeight'] : []),
        ...(axle === undefined && weights.length > 0 ? ['readings.axleCenter'] : []),
        ...unread,
      ],
    },
  }
}
