import { says } from '../../quantity/phrase'
import { pounds } from '../../quantity/quantity'
import { measure, no, reason, type Reason } from '../reason'
import type { PlacedGear, TowEstimate } from './estimate'
import type { TowFacts } from './facts'
import { rated, type Rated } from './rated'
import type { TowRules } from './rules'

/** The trailer's own limits: what it may weigh and carry, what its axles, tires and coupler bear. */
export function trailerReasons(
  facts: TowFacts & { uvw: number },
  rules: TowRules,
  { loaded, cargo, tongue }: TowEstimate,
): Reason[] {
  const onAxles = loaded - tongue.least
  const limits: Rated[] = [
    {
      name: 'GVWR',
      rating: facts.gvwr,
      asked: loaded,
      words: says`Loaded it weighs about ${pounds(loaded)}; its GVWR is`,
      rests: ['readings.gvwr'],
    },
    {
      name: 'What the cargo label allows',
      rating: facts.cargo,
      asked: cargo,
      words: says`About ${pounds(cargo)} of water, propane, belongings and gear; its cargo label allows`,
      rests: ['readings.cargoCapacity'],
    },
    {
      name: 'What its axles carry',
      rating: facts.axles,
      asked: onAxles,
      words: says`About ${pounds(onAxles)} rest on axles that carry`,
      rests: ['readings.axleRating', 'readings.axles'],
      missing: facts.unread.axles,
    },
    {
      name: 'What its tires carry',
      rating: facts.tires,
      asked: onAxles,
      words: says`About ${pounds(onAxles)} rest on tires that carry`,
      rests: ['readings.tireRating', 'readings.tires'],
      missing: facts.unread.tires,
    },
    {
      name: 'The coupler’s rating',
      rating: facts.coupler,
      asked: loaded,
      words: says`Loaded about ${pounds(loaded)}, on a coupler rated`,
      rests: ['readings.couplerRating'],
    },
  ]
  return [
    ...limits.map((limit) => rated(limit, rules.reserve)),
    shareReason(facts.uvw, facts.hitchWeight, rules),
    ...inTheSum(facts),
  ]
}

/** What weighs and is not in the sum, because nobody noted it, or its size. */
function inTheSum({ propane, freshGallons, lookedFor }: TowFacts): Reason[] {
  const [gas, water] = ['equipment.lp-cylinder.size', 'equipment.fresh-tank.capacity']
  return [
    ...(propane !== undefined
      ? []
      : lookedFor.propane
        ? [measure(says`The LP cylinders’ size is not known, so their propane is not in the sum.`, [gas])]
        : [measure(says`Nobody has noted LP cylinders yet, so their propane is not in the sum.`, [gas])]),
    ...(freshGallons !== undefined
      ? []
      : lookedFor.fresh
        ? [measure(says`The fresh tank’s size is not known, so its water is not in the sum.`, [water])]
        : [measure(says`Nobody has noted a fresh tank yet, so its water is not in the sum.`, [water])]),
  ]
}

/** The share on the hitch when empty: 10-15 % is what pulls straight (common practice). */
function shareReason(uvw: number, hitchWeight: number | undefined, rules: TowRules): Reason {
  if (hitchWeight === undefined)
    return measure(says`The hitch weight is not known: weigh the tongue.`, ['readings.hitchWeight'])
  const share = hitchWeight / uvw
  const short = rules.tongueLeast * uvw - hitchWeight
  const words =
    share < rules.tongueLeast
      ? says`Empty, ${percent(share)} of it is on the hitch, ${pounds(short)} short of 10 %: it may sway. Load forward, and weigh it.`
      : share > rules.tongueMost
        ? says`Empty, ${percent(share)} of it is on the hitch, more than 15 %: load behind the axles, and weigh it.`
        : says`Empty, ${percent(share)} of it is on the hitch, inside 10-15 %.`
  return reason(share < rules.tongueLeast || share > rules.tongueMost ? 'tight' : 'fits', words, {
    brief: `${percent(share)} on the hitch`,
    rests: ['readings.uvw', 'readings.hitchWeight'],
  })
}

/** What the bays do to the tongue, and whether the loaded share is still one that pulls straight. */
export function gearReason(
  { tongueLeast, tongueMost }: TowRules,
  { loaded, tongue }: TowEstimate,
  { weight, onTongue }: PlacedGear,
): Reason[] {
  if (weight === 0 || tongue.missing.includes('readings.hitchWeight')) return []
  const gear = says`Their gear, ${pounds(weight)} in its bays`
  const [least, most] = [tongue.least / loaded, tongue.most / loaded]
  if (onTongue === undefined) {
    if (least >= tongueLeast && most <= tongueMost) return []
    const words = says`${gear}, bears on the hitch by where the axles are: measure that before anything is promised.`
    return [measure(words, tongue.missing)]
  }
  const does =
    onTongue >= 0
      ? says`${gear}, puts about ${pounds(onTongue)} on the hitch`
      : says`${gear}, takes about ${pounds(-onTongue)} off the hitch`
  const rests = ['readings.axleCenter', 'readings.hitchWeight']
  if (least <= 0) {
    const words = says`${does}: nothing would be left on it. Do not pull it so; move weight forward, and weigh it.`
    return [no(words, { brief: 'nothing on the hitch', rests })]
  }
  const of = says`${does}: ${percent(least)} of the loaded trailer`
  const brief = `${percent(least)} on the hitch`
  if (least < tongueLeast) {
    const short = pounds(tongueLeast * loaded - tongue.least)
    return [reason('tight', says`${of}, ${short} less than 10 %; move weight forward, and weigh it.`, { brief, rests })]
  }
  if (most > tongueMost)
    return [reason('tight', says`${of}, more than 15 %; move weight back, and weigh it.`, { brief, rests })]
  return [reason('fits', says`${of}. Weigh it before the first trip.`, { rests })]
}

const percent = (share: number): string => `${(share * 100).toFixed(1)} %`
