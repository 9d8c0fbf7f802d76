import type { Breeze } from '../../plan/living/breeze'
import { roomWord } from '../../plan/naming'
import { doing, listed, says, type Phrase } from '../../quantity/phrase'
import { pounds, quantity } from '../../quantity/quantity'
import type { Camping } from '../../camping/camping'
import { answerOf } from '../answer'
import type { CautionId } from '../cautions'
import type { Question } from '../question'
import { fits, marginOf, measure, no, note, tight, verdictOf, reason, type Reason } from '../reason'
import { seasonFacts, type SeasonFacts } from './facts'
import { seasonLimits, type SeasonLimits } from './limits'
import { SEASON_RULES, type SeasonRules } from './rules'

export interface SeasonNeed {
  rules: SeasonRules
}

const FREEZES = 32

/**
 * Is it right for their season: the coldest night its furnace holds and its tanks stay above freezing, the hottest day its
 * AC holds, against ordinary nights and days of the months they camp in. F.
 */
export const season: Question<'season', SeasonFacts, SeasonNeed, typeof SEASON_RULES> = {
  id: 'season',
  words: {
    asks: 'Is it right for their season?',
    short: 'Season',
    topic: 'season',
    against: 'too cold or too hot inside',
    speaksFor: 'warm and cool enough for their season',
    shownAt: 'entry',
  },
  version: 3,
  rules: SEASON_RULES,
  factRules: [],
  weight: 1,
  living: false,
  drawing: [],
  cautions: ['frost', 'gas'],
  facts: seasonFacts,
  need: (_, rules) => ({ rules }),
  judge: ({ facts, need: { rules }, shared: { camping } }) => {
    const limits = seasonLimits(facts, camping)
    const reasons = [
      heat(limits, camping, rules),
      ...frost(limits, camping, rules),
      ...heatOfDay(facts, limits, camping, rules),
      ...breeze(facts, camping, rules),
      ...claimed(facts, limits),
    ]
    const { low } = camping.camp.weather.coldest
    const cautions: CautionId[] = [...(low < FREEZES + rules.tight ? (['frost'] as const) : []), 'gas']
    return answerOf(reasons, cautions)
  },
}

const degrees = (value: number) => quantity(Math.round(value), 'F')

function heat({ held, propane }: SeasonLimits, { facts, camp }: Camping, rules: SeasonRules): Reason {
  const { low, month } = camp.weather.coldest
  const { warm } = camp.rules
  const nights = says`nights of ${degrees(low)} in ${month}`
  if (low >= warm) return fits(says`Their coldest nights are ${degrees(low)}: no heat is needed.`)
  if (!held) return measure(says`Nobody read what its furnace gives, for ${nights}.`, facts.furnace.unread)
  if (held.least === Infinity) {
    const words = says`It has no furnace, for ${nights}.`
    return low < warm - rules.mild ? no(words, { brief: 'no furnace' }) : tight(words, { brief: 'no furnace' })
  }
  const margin = marginOf(low - held.least, 'F', rules.plenty)
  const burns = propane.most >= 1 ? says` It burns ${span(propane)} of propane a day then.` : []
  const words = says`The furnace holds ${degrees(warm)} down to ${downTo(held.least)}, for ${nights}.${burns}`
  const verdict = verdictOf(margin.value, rules.tight)
  if (verdict !== 'no') return reason(verdict, words, { margin })
  if (low < held.most) return no(words, { margin, brief: 'furnace' })
  const least = says`Down to ${degrees(held.most)} or only ${degrees(held.least)}, by how well the walls are insulated,`
  return tight(says`${least} its furnace holds ${degrees(warm)}, for ${nights}.${burns}`, { margin, brief: 'furnace' })
}

/** Farther down nothing is certain of an ordinary wall in the wind. */
const downTo = (value: number): Phrase => (value < 0 ? says`${degrees(0)} and colder` : says`${degrees(value)}`)

const span = ({ least, most }: { least: number; most: number }): Phrase =>
  Math.round(least) === Math.round(most)
    ? says`${pounds(Math.round(most))}`
    : Math.round(least) === 0
      ? says`up to ${pounds(Math.round(most))}`
      : says`${Math.round(least)} to ${pounds(Math.round(most))}`

function frost({ frost: at }: SeasonLimits, { camp }: Camping, rules: SeasonRules): Reason[] {
  const { low, month } = camp.weather.coldest
  if (low >= FREEZES + rules.tight) return []
  if (at === undefined)
    return [
      measure(says`Nobody looked whether its underbelly is enclosed and heated, for nights of ${degrees(low)}.`, [
        'readings.underbelly',
      ]),
    ]
  const margin = marginOf(low - at, 'F', rules.plenty)
  const holds = says`Its tanks stay above freezing down to ${downTo(at)} while it is kept warm, for nights of ${degrees(low)} in ${month}`
  const verdict = verdictOf(margin.value, rules.tight)
  if (verdict === 'no') return [no(says`${holds}: they would be drained, not used.`, { margin, brief: 'tanks freeze' })]
  return [reason(verdict, says`${holds}.`, { margin })]
}

function heatOfDay(
  { cooling }: SeasonFacts,
  { cooled }: SeasonLimits,
  { camp }: Camping,
  rules: SeasonRules,
): Reason[] {
  const { high, month } = camp.weather.hottest
  if (high < rules.hot) return []
  const days = says`days of ${degrees(high)} in ${month}`
  if (!camp.power)
    return [tight(says`Without power at the site its AC stands still, on ${days}.`, { brief: 'no power for the AC' })]
  if (!cooled) return [measure(says`Nobody read what its AC gives, for ${days}.`, cooling.unread)]
  if (cooled.least === -Infinity) return [tight(says`It has no AC, for ${days}.`, { brief: 'no AC' })]
  const margin = marginOf(cooled.least - high, 'F', rules.plenty)
  const words = says`The AC holds ${degrees(camp.rules.cool)} up to ${degrees(cooled.least)}, for ${days}.`
  // It is warmer than they like inside, not unsafe: tight at worst.
  return [margin.value < rules.tight ? tight(words, { margin, brief: 'hot days' }) : fits(words, { margin })]
}

/** Where air crosses without AC, on days that ask for it: a word beside the answer. */
function breeze({ breezes }: SeasonFacts, { camp }: Camping, rules: SeasonRules): Reason[] {
  if (camp.weather.hottest.high < rules.hot || breezes.length === 0) return []
  const named = (goes: Breeze['goes']) =>
    breezes.filter((one) => one.goes === goes).map(({ room }) => `the ${roomWord(room)}`)
  const [across, none] = [named('across'), named('none')]
  const first = across.length
    ? says`With the windows open air crosses ${listed(across)}`
    : says`In no room does air cross with the windows open`
  if (none.length === 0) return [note(says`${first}.`)]
  return [note(says`${first}; ${doing(none, 'has', 'have')} no window that opens.`)]
}

/** What a claim has to hold by, F: warm inside, and tanks above freezing (common practice). */
const CRITERIA: Record<string, number> = { 'extended season': 20, 'four-season': 0 }

/** The maker’s word beside what it comes to. */
function claimed({ claim }: SeasonFacts, { held, frost: at }: SeasonLimits): Reason[] {
  const down = claim === undefined ? undefined : CRITERIA[claim]
  if (down === undefined || !held || at === undefined) return []
  const to = Math.max(held.least, at)
  const words = says`The maker calls it ${claim!}, which would be warm inside and nothing frozen at ${degrees(down)}`
  return [note(says`${words}: reckoned, it is so down to ${downTo(to)}.`)]
}
