import { inYears } from '../../household/growth'
import type { Household } from '../../household/household'
import { small } from '../../plan/naming'
import { doing, feet, listed, says, type Phrase } from '../../quantity/phrase'
import { inches, quantity } from '../../quantity/quantity'
import type { Verdict } from '../reason'
import type { NightFacts } from '../../nights/facts'
import { fit } from '../../nights/fit'
import { nightNeed, type Party, type Sleeper } from '../../nights/need'
import type { NightRules } from '../../nights/rules'
import { bestNight, type Night } from '../../nights/night'
import { withId } from '../../plan/withId'

/**
 * One year on the timeline, of an ordinary night. `no`: someone has no berth; `tight`: more beds are made up
 * than today, or a couple lies apart.
 */
export interface YearAhead {
  year: number
  verdict: Verdict
  /** What changes in this year, where anything does. */
  says?: Phrase
}

/** How long it fits: every year to the last, and the first in which someone no longer does. */
export interface Outlook {
  years: YearAhead[]
  until?: { year: number; says: Phrase }
}

/** Ten years ahead: longer than most keep a trailer. */
const YEARS = 10

/** Every year anew, all grown by the table, solved like today. Unknown heights make a year a measure. */
export function yearsAhead(facts: NightFacts, household: Household, rules: NightRules): Outlook {
  const years: YearAhead[] = []
  let until: Outlook['until']
  let before: { party: Party; night: Night } | undefined
  let madeToday = Infinity
  for (let year = 0; year <= YEARS; year++) {
    const { everyNight: party } = nightNeed(inYears(household, year), rules)
    const night = bestNight(facts, party, rules)
    if (year === 0) madeToday = night.made.length
    const verdict = verdictOf(night, madeToday)
    const change = before && changed(facts, before.night, { party, night }, rules)
    years.push({ year, verdict, ...(change && { says: change }) })
    if (verdict === 'no' && !until)
      until = {
        year,
        says:
          change ??
          says`${listed(night.unplaced.map(({ name }) => name))} ${night.unplaced.length > 1 ? 'have' : 'has'} no berth`,
      }
    before = { party, night }
  }
  return { years, ...(until && { until }) }
}

function verdictOf(night: Night, madeToday: number): Verdict {
  if (night.unplaced.length) return 'no'
  if (night.missing.length) return 'measure'
  return night.apart || night.made.length > madeToday ? 'tight' : 'fits'
}

/** Who outgrows what; else what else is new. */
function changed(
  facts: NightFacts,
  last: Night,
  { party, night }: { party: Party; night: Night },
  rules: NightRules,
): Phrase | undefined {
  const outgrown = last.placements.flatMap(({ berth, people }) => {
    const now = people.map(({ id }) => withId(party.sleepers, id))
    const one = fit(now, berth, rules)
    if (!one.can) return [outgrows(now, berth.name, one.why, berth)]
    const together =
      now.length === 1 ||
      party.groups.some(({ members }) => members.length === 2 && now.every((person) => members.includes(person)))
    return together ? [] : [says`${listed(now.map(({ name }) => name))} are too old to share the ${small(berth.name)}`]
  })
  const newcomer = party.sleepers.filter(({ id }) => last.cribs.some(({ sleeper }) => sleeper.id === id))
  const moved = newcomer.map(({ name }) => says`${name} leaves the crib`)
  const consequence = night.unplaced.length
    ? last.unplaced.length < night.unplaced.length
      ? says`no berth is left for ${listed(night.unplaced.map(({ name }) => name))}`
      : undefined
    : made(facts, last, night)
  const parts = [...outgrown, ...moved, ...(consequence ? [consequence] : [])]
  if (parts.length === 0) return undefined
  return parts.reduce((all, one) => says`${all}; ${one}`)
}

function outgrows(
  people: readonly Sleeper[],
  name: string,
  why: string,
  { length, limit }: { length?: number; limit?: number },
): Phrase {
  const who = people.reduce((a, b) => ((b.height ?? 0) > (a.height ?? 0) ? b : a))
  if (why === 'too short' && who.height !== undefined && length !== undefined)
    return says`${who.name} (${feet(Math.round(who.height))}) outgrows the ${small(name)} of ${inches(length)}`
  const names = people.map((one) => one.name)
  if (why === 'over its weight limit' && limit !== undefined)
    return says`${doing(names, 'gets', 'get')} too heavy for the ${small(name)}, which carries ${quantity(limit, 'lb')}`
  return says`the ${small(name)} is ${why} for ${listed(names)}`
}

function made({ conversions }: NightFacts, last: Night, night: Night): Phrase | undefined {
  const names = (ids: readonly string[]) => listed(ids.map((id) => `the ${small(withId(conversions, id).name)}`))
  const [more, fewer] = [
    night.made.filter((id) => !last.made.includes(id)),
    last.made.filter((id) => !night.made.includes(id)),
  ]
  if (night.made.length > last.made.length)
    return says`now ${names(more)} ${more.length > 1 ? 'are' : 'is'} made up every night`
  return night.made.length < last.made.length
    ? says`${names(fewer)} need${fewer.length > 1 ? '' : 's'} no making up any more`
    : undefined
}
