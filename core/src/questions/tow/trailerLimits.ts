import { small } from '../../plan/naming'
import { says } from '../../quantity/phrase'
import { pounds } from '../../quantity/quantity'
import { measure, no, note, reason, type Reason } from '../reason'
import { gallonsOf } from '../../loading/facts'
import type { Moment } from '../../loading/moments'
import type { TowEstimate } from './estimate'
import type { TowFacts } from './facts'
import { exactly, offAxles } from './asked'
import { rated, type Rated } from './rated'
import type { TowRules } from './rules'
import { bothLimits, limitText, percent, unlessSaid, type TongueShares } from './share'

/** The trailer's own limits: what it may weigh and carry, what its axles, tires and coupler bear. */
export function trailerReasons(
  facts: TowFacts & { uvw: number },
  rules: TowRules,
  { leaving, cargo, open }: TowEstimate,
): Reason[] {
  const { total: loaded, tongue } = leaving
  const { added, weighedSince } = facts.loading
  const fitted = added.length || weighedSince ? 'what was fitted later, ' : ''
  const limit = (one: Rated): Reason => rated(one, rules.reserve)
  return [
    limit({
      name: 'GVWR',
      rating: facts.gvwr,
      asked: exactly(loaded, open),
      words: (amount) => says`Loaded it weighs ${amount}; its GVWR is`,
      rests: ['readings.gvwr'],
    }),
    limit({
      name: 'What the cargo label allows',
      rating: facts.cargo,
      asked: exactly(cargo, open),
      words: (amount) => says`${amount} of water, propane, ${fitted}belongings and gear; its cargo label allows`,
      rests: ['readings.cargoCapacity'],
    }),
    limit({
      name: 'What its axles carry',
      rating: facts.axles,
      asked: offAxles(loaded, tongue, open),
      words: (amount) => says`${amount} rest on axles that carry`,
      rests: ['readings.axleRating', 'readings.axles'],
      missing: facts.unread.axles,
    }),
    limit({
      name: 'What its tires carry',
      rating: facts.tires,
      asked: offAxles(loaded, tongue, open),
      words: (amount) => says`${amount} rest on tires that carry`,
      rests: ['readings.tireRating', 'readings.tires'],
      missing: facts.unread.tires,
    }),
    limit({
      name: 'The coupler’s rating',
      rating: facts.coupler,
      asked: exactly(loaded, open),
      words: (amount) => says`Loaded ${amount}, on a coupler rated`,
      rests: ['readings.couplerRating'],
    }),
    shareReason(facts.uvw, facts.hitchWeight, staysInside(leaving, rules), rules),
    ...inTheSum(facts),
    ...facts.loading.added
      .filter(({ pounds: weight }) => weight === undefined)
      .map(({ id, name }) =>
        measure(says`What ${small(name)}, fitted after the label, weighs is not in the sum.`, [
          `equipment.${id}.weight`,
        ]),
      ),
  ]
}

/** What weighs and is not in the sum, because nobody noted it, or its size. */
function inTheSum({ loading }: TowFacts): Reason[] {
  const { propane, lookedFor } = loading
  const [gas, water] = ['equipment.lp-cylinder.size', 'equipment.fresh-tank.capacity']
  return [
    ...(propane !== undefined
      ? []
      : lookedFor.propane
        ? [measure(says`The LP cylinders’ size is not known, so their propane is not in the sum.`, [gas])]
        : [measure(says`Nobody has noted LP cylinders yet, so their propane is not in the sum.`, [gas])]),
    ...(gallonsOf(loading, 'fresh-tank') !== undefined
      ? []
      : lookedFor.fresh
        ? [measure(says`The fresh tank’s size is not known, so its water is not in the sum.`, [water])]
        : [measure(says`Nobody has noted a fresh tank yet, so its water is not in the sum.`, [water])]),
  ]
}

/** Whether as they leave it surely is inside the limits. */
export const staysInside = (
  { total, tongue }: Pick<Moment, 'total' | 'tongue'>,
  { tongueLeast, tongueMost }: TongueShares,
): boolean =>
  !tongue.missing.includes('readings.hitchWeight') &&
  tongue.least >= tongueLeast * total &&
  tongue.most <= tongueMost * total

/** The share on the hitch when empty: what pulls straight. What they pack may put it right. */
function shareReason(uvw: number, hitchWeight: number | undefined, insideLoaded: boolean, rules: TowRules): Reason {
  if (hitchWeight === undefined)
    return measure(says`The hitch weight is not known: weigh the tongue.`, ['readings.hitchWeight'])
  const share = hitchWeight / uvw
  const told = percent(share, rules)
  const short = rules.tongueLeast * uvw - hitchWeight
  if (insideLoaded && (share < rules.tongueLeast || share > rules.tongueMost))
    return note(says`Empty, ${told} of it is on the hitch; packed as planned it is inside ${bothLimits(rules)}.`, {
      rests: ['readings.uvw', 'readings.hitchWeight'],
    })
  const few = unlessSaid(told, says`, ${pounds(short)} short of ${limitText(rules.tongueLeast)}`)
  const much = unlessSaid(told, `, more than ${limitText(rules.tongueMost)}`)
  const words =
    share < rules.tongueLeast
      ? says`Empty, ${told} of it is on the hitch${few}: it may sway. Load forward, and weigh it.`
      : share > rules.tongueMost
        ? says`Empty, ${told} of it is on the hitch${much}: load behind the axles, and weigh it.`
        : says`Empty, ${told} of it is on the hitch, inside ${bothLimits(rules)}.`
  return reason(share < rules.tongueLeast || share > rules.tongueMost ? 'tight' : 'fits', words, {
    brief: `${told} on the hitch`,
    rests: ['readings.uvw', 'readings.hitchWeight'],
  })
}

/** What is on the hitch as they leave, what their gear in the bays does to it, and whether that still pulls straight. */
export function hitchReason(rules: TowRules, { leaving: { total, tongue }, gear }: TowEstimate): Reason[] {
  if (tongue.missing.includes('readings.hitchWeight')) return []
  const { tongueLeast, tongueMost } = rules
  const [least, most] = [tongue.least / total, tongue.most / total]
  const rests = ['readings.hitchWeight', 'readings.axleCenter']
  if (tongue.missing.length && (least < tongueLeast || most > tongueMost)) {
    const between = says`Loaded, ${percent(Math.max(0, least), rules)} to ${percent(most, rules)} of it may be on the hitch`
    return [
      measure(
        says`${between}: that hangs on where things sit, so measure that before anything is promised.`,
        tongue.missing,
      ),
    ]
  }
  const certain = tongue.missing.length === 0
  const onIt = certain ? says`about ${pounds(tongue.least)}` : says`${pounds(tongue.least)} to ${pounds(tongue.most)}`
  const does =
    gear.weight === 0 || !certain
      ? says`As they leave home ${onIt} are on the hitch`
      : gear.least >= 0
        ? says`Their gear, ${pounds(gear.weight)} in its bays, puts about ${pounds(gear.least)} on the hitch`
        : says`Their gear, ${pounds(gear.weight)} in its bays, takes about ${pounds(-gear.least)} off the hitch`
  if (least <= 0) {
    const words = says`${does}: nothing would be left on it. Do not pull it so; move weight forward, and weigh it.`
    return [no(words, { brief: 'nothing on the hitch', rests })]
  }
  const told = percent(least, rules)
  const share = certain ? told : says`${told} to ${percent(most, rules)}`
  const all = gear.weight > 0 && certain ? says`, ${pounds(tongue.least)} in all` : ''
  const of = says`${does}${all}: ${share} of the loaded trailer`
  const brief = `${told} on the hitch`
  if (least < tongueLeast) {
    const short = tongueLeast * total - tongue.least
    return [
      reason(
        'tight',
        says`${of}${unlessSaid(told, says`, ${pounds(short)} less than ${limitText(tongueLeast)}`)}; move weight forward, and weigh it.`,
        { brief, rests },
      ),
    ]
  }
  if (most > tongueMost)
    return [
      reason(
        'tight',
        says`${of}${unlessSaid(told, `, more than ${limitText(tongueMost)}`)}; move weight back, and weigh it.`,
        {
          brief,
          rests,
        },
      ),
    ]
  return [reason('fits', says`${of}. Weigh it before the first trip.`, { rests })]
}
