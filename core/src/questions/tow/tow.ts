import { says, type Phrase } from '../../quantity/phrase'
import { pounds, quantity } from '../../quantity/quantity'
import { knownProduct, knownSum } from '../../quantity/sum'
import { figure } from '../../readings/reading'
import { TOW_RULES, type TowRules } from './rules'
import { trailerFigure, type Trailer } from '../../trailer/trailer'
import { answerOf } from '../answer'
import type { Question } from '../question'
import { marginOf, measure, reason, verdictOf, type Reason } from '../reason'
import { weights, type Stowed } from '../../stowing/stowed'
import { loadOf, ratingsOf, type Load, type VehicleRatings } from './load'

/** Pounds; absent: not read. */
export interface TowFacts {
  uvw?: number
  gvwr?: number
  hitchWeight?: number
  /** All axles together. */
  axles?: number
  /** All tires together. */
  tires?: number
  coupler?: number
  /** Fresh water, gallons, all tanks; undefined when any is not known. */
  freshGallons?: number
  /** Propane in full cylinders. Makers' UVW leaves it out (common practice). */
  propane?: number
  /** Coupler to the front wall, and from there to the middle between the axles where read; inches. */
  couplerToWall: number
  axle?: number
}

export interface TowNeed {
  load: Load
  ratings: VehicleRatings
  vehicle: string
  rules: TowRules
}

/** The estimated rig on the road, pounds. Tongue as a range, since nobody knows how they will load. */
export interface TowEstimate {
  loaded: number
  tongueLow: number
  tongueHigh: number
  /** The tongue to reckon with: the empty share kept, at least the least share. */
  tongue?: number
}

/**
 * Can they pull it: the loaded trailer, its tongue and the family in the vehicle against every rating; the
 * lowest governs.
 */
export const tow: Question<'tow', TowFacts, TowNeed, TowRules> = {
  id: 'tow',
  words: {
    asks: 'Can they pull it?',
    short: 'Pull it',
    topic: 'towing',
    against: 'too much to pull',
  },
  version: 1,
  rules: TOW_RULES,
  baked: [],
  weight: 4,
  living: false,
  cautions: ['ratings', 'fuel'],
  facts: towFacts,
  need: (household, rules) => ({
    load: loadOf(household, rules),
    ratings: ratingsOf(household),
    vehicle: household.vehicle.name,
    rules,
  }),
  judge: ({ facts, need, shared: { stowing } }) => {
    const { uvw } = facts
    if (uvw === undefined) {
      return answerOf(
        [measure(says`The dry weight is not known; nothing can be said before the label is read.`, ['readings.uvw'])],
        ['ratings'],
      )
    }
    const placed = placedGear(facts, stowing)
    const estimate = estimateOf({ ...facts, uvw }, need, placed)
    return answerOf(
      [
        ...trailerReasons(facts, need, estimate),
        ...(placed ? gearReason(need, estimate, placed) : []),
        ...vehicleReasons(need, estimate),
      ],
      ['ratings', ...(need.load.carriesFuel ? (['fuel'] as const) : [])],
    )
  },
}

/**
 * Loaded weight = UVW + propane + fresh water + belongings + gear. Tongue: common practice 10-15 % of the
 * loaded trailer, at least 10 % by SAE J2807 (from memory); reckoned at the share the empty trailer has.
 * Gear whose bay and the axles are known bears on the coupler by its lever instead (statics, exact).
 */
export function estimateOf(
  facts: TowFacts & { uvw: number },
  { load, rules }: Pick<TowNeed, 'load' | 'rules'>,
  placed: PlacedGear = { weight: 0, onTongue: 0 },
): TowEstimate {
  const water = (facts.freshGallons ?? 0) * load.freshShare * rules.waterPerGallon
  const loaded = facts.uvw + (facts.propane ?? 0) + water + load.belongings + load.gearInTrailer
  const share = facts.hitchWeight === undefined ? undefined : Math.max(rules.tongueLeast, facts.hitchWeight / facts.uvw)
  return {
    loaded,
    tongueLow: loaded * rules.tongueLeast,
    tongueHigh: loaded * rules.tongueMost,
    ...(share !== undefined && {
      tongue: Math.max(loaded * rules.tongueLeast, (loaded - placed.weight) * share + placed.onTongue),
    }),
  }
}

/**
 * Gear that rides in known places: pounds in all, and how much of it the coupler bears; less than nothing
 * behind the axles.
 */
export interface PlacedGear {
  weight: number
  onTongue: number
}

/**
 * A load w at x from the front wall bears on the coupler with w (axle - x) / (axle + coupler to wall).
 * Undefined while the axles or no bay's place is known.
 */
export function placedGear(
  { axle, couplerToWall }: Pick<TowFacts, 'axle' | 'couplerToWall'>,
  stowed: Stowed,
): PlacedGear | undefined {
  if (axle === undefined) return undefined
  const sums = { weight: 0, onTongue: 0 }
  for (const [id, weight] of weights(stowed)) {
    const at = stowed.holds.find((hold) => hold.id === id)?.at
    if (at === undefined) continue
    sums.weight += weight
    sums.onTongue += (weight * (axle - at)) / (axle + couplerToWall)
  }
  return sums.weight > 0 ? sums : undefined
}

function towFacts(trailer: Trailer): TowFacts {
  const fresh = trailer.equipment
    .filter(({ kind }) => kind === 'fresh-tank')
    .map(({ readings }) => figure(readings, 'capacity'))
  const propane = trailer.equipment
    .filter(({ kind }) => kind === 'lp-cylinder')
    .map(({ readings }) => knownProduct(figure(readings, 'size'), figure(readings, 'count')))
  return {
    uvw: trailerFigure(trailer, 'uvw'),
    gvwr: trailerFigure(trailer, 'gvwr'),
    hitchWeight: trailerFigure(trailer, 'hitchWeight'),
    axles: knownProduct(trailerFigure(trailer, 'axleRating'), trailerFigure(trailer, 'axles')),
    tires: knownProduct(trailerFigure(trailer, 'tireRating'), trailerFigure(trailer, 'tires')),
    coupler: trailerFigure(trailer, 'couplerRating'),
    freshGallons: knownSum(fresh),
    propane: knownSum(propane),
    couplerToWall: trailer.plan.box.tongue,
    axle: trailerFigure(trailer, 'axleCenter'),
  }
}

/** The trailer's own limits: what it may weigh, what its axles, tires and coupler carry. */
function trailerReasons(facts: TowFacts, { rules }: TowNeed, { loaded, tongue, tongueLow }: TowEstimate): Reason[] {
  const onAxles = loaded - (tongue ?? tongueLow)
  const reasons: Reason[] = [
    rated('GVWR', facts.gvwr, loaded, rules, says`Loaded about ${pounds(loaded)}, may weigh`, 'readings.gvwr'),
  ]
  if (facts.axles !== undefined)
    reasons.push(
      rated(
        'The axles',
        facts.axles,
        onAxles,
        rules,
        says`About ${pounds(onAxles)} on axles that carry`,
        'readings.axleRating',
      ),
    )
  if (facts.tires !== undefined)
    reasons.push(
      rated(
        'The tires',
        facts.tires,
        onAxles,
        rules,
        says`About ${pounds(onAxles)} on tires that carry`,
        'readings.tireRating',
      ),
    )
  if (facts.coupler !== undefined)
    reasons.push(
      rated(
        'The coupler',
        facts.coupler,
        loaded,
        rules,
        says`About ${pounds(loaded)} on a coupler rated`,
        'readings.couplerRating',
      ),
    )
  if (facts.uvw !== undefined) reasons.push(shareReason(facts.uvw, facts.hitchWeight, rules))
  if (facts.propane === undefined)
    reasons.push(
      measure(says`The LP cylinders’ size is not known, so their propane is not in the sum.`, [
        'equipment.lp-cylinder.size',
      ]),
    )
  if (facts.freshGallons === undefined)
    reasons.push(
      measure(says`The fresh tank’s size is not known, so its water is not in the sum.`, [
        'equipment.fresh-tank.capacity',
      ]),
    )
  return reasons
}

/** The share on the hitch when empty: 10-15 % is what pulls straight (common practice). */
function shareReason(uvw: number, hitchWeight: number | undefined, rules: TowRules): Reason {
  if (hitchWeight === undefined)
    return measure(says`The hitch weight is not known; weigh the tongue.`, ['readings.hitchWeight'])
  const percent = `${((hitchWeight / uvw) * 100).toFixed(1)} %`
  const inside = hitchWeight / uvw >= rules.tongueLeast && hitchWeight / uvw <= rules.tongueMost
  const words = inside
    ? says`Empty, ${percent} of it is on the hitch, inside 10-15 %.`
    : says`Empty, ${percent} of it is on the hitch, outside 10-15 %: loading has to put that right, on a scale.`
  return reason(inside ? 'fits' : 'tight', words, {
    brief: `${percent} on the hitch`,
    rests: ['readings.uvw', 'readings.hitchWeight'],
  })
}

/** What the bays do to the tongue, and whether the loaded share is still one that pulls straight. */
function gearReason({ rules }: TowNeed, { loaded, tongue }: TowEstimate, { weight, onTongue }: PlacedGear): Reason[] {
  if (tongue === undefined) return []
  const share = tongue / loaded
  const inside = share > rules.tongueLeast && share <= rules.tongueMost
  const does =
    onTongue >= 0
      ? says`puts about ${pounds(onTongue)} on the hitch`
      : says`takes about ${pounds(-onTongue)} off the hitch`
  const percent = `${(share * 100).toFixed(1)} %`
  const leaves = inside
    ? `${percent} of the loaded trailer`
    : share > rules.tongueMost
      ? `${percent} of the loaded trailer, more than 15 %; move weight back`
      : 'less than 10 % of the loaded trailer would be on it; move weight forward'
  return [
    reason(
      inside ? 'fits' : 'tight',
      says`Their gear, ${pounds(weight)} in its bays, ${does}: ${leaves}, and weigh it.`,
      { ...(!inside && { brief: `${percent} on the hitch` }) },
    ),
  ]
}

/** The vehicle's limits. Payload carries the people, the pets, the hitch and the tongue. */
function vehicleReasons({ load, ratings, vehicle, rules }: TowNeed, estimate: TowEstimate): Reason[] {
  const { loaded, tongue, tongueLow } = estimate
  const aboard = load.people.known + load.pets.known + load.gearInVehicle + rules.hitchHardware
  const onTongue = tongue ?? tongueLow
  const unknownWeights = [...load.people.unknown, ...load.pets.unknown]
  const asked = aboard + onTongue
  const payload = rated(
    'Payload',
    ratings.payload,
    asked,
    rules,
    says`${vehicle} carries about ${pounds(asked)} with people, hitch and tongue; its payload is`,
    'household.vehicle.payload',
  )
  const combined = ratings.curbWeight === undefined ? undefined : ratings.curbWeight + aboard + loaded
  return [
    rated(
      'The tow rating',
      ratings.towRating,
      loaded,
      rules,
      says`Loaded about ${pounds(loaded)}, tow rating`,
      'household.vehicle.towRating',
    ),
    notSaferThan(payload, unknownWeights),
    combined === undefined
      ? measure(says`The curb weight is not known, so GCWR cannot be checked.`, [
          'household.vehicle.curbWeight',
          ...(ratings.gcwr === undefined ? ['household.vehicle.gcwr'] : []),
        ])
      : notSaferThan(
          rated(
            'GCWR',
            ratings.gcwr,
            combined,
            rules,
            says`Rig about ${pounds(combined)} all together, GCWR`,
            'household.vehicle.gcwr',
          ),
          unknownWeights,
        ),
    rated(
      'The receiver',
      ratings.hitchTongue,
      onTongue,
      rules,
      says`About ${pounds(onTongue)} on a receiver that carries`,
      'household.vehicle.hitchTongue',
    ),
    ...(ratings.hitchTrailer === undefined
      ? []
      : [
          rated(
            'The receiver',
            ratings.hitchTrailer,
            loaded,
            rules,
            says`About ${pounds(loaded)} on a receiver rated`,
            'household.vehicle.hitchTrailer',
          ),
        ]),
  ]
}

/** One rating against what is asked of it. */
function rated(
  name: string,
  rating: number | undefined,
  asked: number,
  rules: TowRules,
  words: Phrase,
  key: string,
): Reason {
  if (rating === undefined) return measure(says`${name} is not known: read it before anything is promised.`, [key])
  const spare = rating - asked
  return reason(verdictOf(spare, rating * rules.reserve), [...words, ' ', pounds(rating), '.'], {
    margin: marginOf(spare, 'lb', rating * 0.5),
    rests: [key],
  })
}

/** With weights unknown, what already fails still fails; what seems to fit has to wait. */
function notSaferThan(reason: Reason, unknown: string[]): Reason {
  if (unknown.length === 0 || reason.verdict === 'no' || reason.verdict === 'measure') return reason
  const { margin: _margin, ...rest } = reason
  return {
    ...rest,
    verdict: 'measure',
    says: says`${reason.says} The weight of ${quantity(unknown.length, 'person')} is still missing.`,
    missing: unknown,
  }
}
