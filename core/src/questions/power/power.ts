import { agrees, listed, says } from '../../quantity/phrase'
import { quantity } from '../../quantity/quantity'
import type { Camp } from '../../camping/camp'
import { answerOf } from '../answer'
import type { Question } from '../question'
import { fits, marginOf, measure, tight, type Margin, type Reason } from '../reason'
import { powerFacts, type PowerFacts } from './facts'
import { POWER_RULES, type PowerRules } from './rules'
import { sumOn, SUPPLIES, type Load, type Sum } from './loads'

export interface PowerNeed {
  rules: PowerRules
}

/**
 * What can run at once where there is power: all that runs for long in their season and one thing for minutes, against what
 * its inlet carries. W.
 */
export const power: Question<'power', PowerFacts, PowerNeed, typeof POWER_RULES> = {
  id: 'power',
  words: {
    asks: 'What can run at once?',
    short: 'Runs at once',
    topic: 'power',
    against: 'trip their breaker',
    shownAt: 'off-door',
  },
  version: 1,
  rules: POWER_RULES,
  factRules: [],
  weight: 0.5,
  living: false,
  drawing: [],
  cautions: ['breaker'],
  facts: powerFacts,
  need: ({ trip }, rules) => (trip.hookups === 'full' || trip.hookups === 'electric' ? { rules } : null),
  judge: ({ facts, need: { rules }, shared: { camping } }) => {
    const at = (loads: readonly Load[]) => runsForLong(loads, camping.camp, rules)
    const unsure = facts.unsure.filter((one) => at([one]).length > 0)
    return answerOf([onShore(facts.shore, at(facts.loads), unsure, rules)], ['breaker'])
  },
}

/** What of it runs for hours in their season: an AC in the heat, a fireplace in the cold. */
export function runsForLong(
  loads: readonly Load[],
  { weather }: Pick<Camp, 'weather'>,
  { acFrom, fireplaceTo }: PowerRules,
): Load[] {
  const hot = weather.hottest.high >= acFrom
  const cold = weather.coldest.low <= fireplaceTo
  return loads.filter(({ id, lasting }) => lasting && (id.startsWith('ac-') ? hot : id === 'fireplace' ? cold : true))
}

function onShore(
  shore: PowerFacts['shore'],
  running: readonly Load[],
  unsure: PowerFacts['unsure'],
  rules: PowerRules,
): Reason {
  const briefly: Load = { id: 'minutes', name: 'one thing more', watts: rules.minutes, lasting: false }
  const most = [...running, ...unsure, briefly]
  // What 30 A carries, 50 A carries too.
  const carried = sumOn(shore ?? '30 A', most)
  const names = listed(running.map(({ name }) => (/\d$/.test(name) ? name : `the ${name}`)))
  const least = shore ?? '30 A'
  const draws = sumOn(least, running)
  const verb = agrees(running, 'draws', 'draw')
  const of = says`On ${least}, ${names} ${verb} ${quantity(draws.watts, 'W')} of ${quantity(SUPPLIES[least].va, 'W')}`
  if (carried.spare >= 0)
    return fits(says`${of}, and a microwave or a hair dryer runs beside them.`, { margin: spareOf(carried, rules) })
  const sum = sumOn(least, [...running, briefly])
  if (sum.spare >= 0) {
    const missing = [...unsure.map(({ read }) => read), ...(shore ? [] : ['readings.shorePower'])]
    return measure(says`What runs at once is not certain yet: not all that draws is read.`, missing)
  }
  if (!shore) return measure(says`Whether its inlet is for 30 A or 50 A is not known yet.`, ['readings.shorePower'])
  if (draws.spare < 0)
    return tight(says`${of}: not all of them run at once.`, {
      margin: spareOf(draws, rules),
      brief: 'too much at once',
    })
  const words = says`${of}: a microwave or a hair dryer waits until one of them is off.`
  return tight(words, { margin: spareOf(sum, rules), brief: 'one thing at a time' })
}

const spareOf = ({ spare }: Sum, { plenty }: PowerRules): Margin => marginOf(spare, 'W', plenty)
