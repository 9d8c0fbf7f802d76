import { small } from '../../plan/naming'
import { doing, feet, listed, says, type Phrase } from '../../quantity/phrase'
import { quantity } from '../../quantity/quantity'
import { fits, measure, tight, type Reason } from '../reason'
import { discomfort } from '../../nights/comfort'
import type { NightFacts } from '../../nights/facts'
import { fit } from '../../nights/fit'
import type { Sleeper } from '../../nights/need'
import type { NightRules } from '../../nights/rules'
import { storedFor, type Night } from '../../nights/night'

/** What they asked for that this night does not give: each is a reason of its own. */
export function needReasons(facts: NightFacts, night: Night, rules: NightRules): Reason[] {
  const reasons: Reason[] = []
  for (const { berth, people, spare, widthSpare } of night.placements) {
    discomfort(people, berth, spare, widthSpare, rules, (words, _points, need) => {
      if (need === 'missing')
        reasons.push(tight(says`They asked for it, and it is wanting: ${words}.`, { brief: 'a need unmet' }))
      if (need === 'measure') reasons.push(measure(says`Look ${words}.`, [`plan.berths.${berth.id}.outlet`]))
    })
    for (const sleeper of people) {
      const others = sleeper.ownRoom
        ? night.placements.filter((other) => other.berth !== berth && other.berth.room === berth.room)
        : []
      if (others.length)
        reasons.push(
          tight(
            says`They asked for a room of ${sleeper.name}’s own; ${listed(namesIn(others))} would sleep in it too.`,
            { brief: 'no room of one’s own' },
          ),
        )
    }
  }
  return [...reasons, ...cribReasons(facts, night)]
}

const namesIn = (placements: Night['placements']): string[] =>
  placements.flatMap(({ people }) => people.map(({ name }) => name))

function cribReasons({ berths }: NightFacts, { cribs }: Night): Reason[] {
  return cribs.map(({ sleeper, room }) => {
    if (room === undefined)
      return tight(says`No floor is left at night for ${sleeper.name}’s crib.`, { brief: 'no floor for the crib' })
    const name = berths.find((berth) => berth.room === room)?.roomName
    return fits(
      says`${sleeper.name}’s crib stands ${name ? says`in the ${small(name)}` : 'where nobody sleeps'}, off the ways.`,
    )
  })
}

/** What they would notice though they all fit: passing sleepers, climbing over, sitting up; each in a few words. */
export function noticed(facts: NightFacts, night: Night, rules: NightRules): Phrase[] {
  const ways = storedFor(facts.nights, night)?.ways ?? []
  return night.placements.flatMap(({ berth, people, spare, widthSpare }) => {
    const heard: Phrase[] = []
    discomfort(people, berth, spare, widthSpare, rules, (words, _points, need) => {
      if (!need) heard.push(words)
    })
    const passed = night.placements.filter((other) =>
      ways.find((way) => way.berth === berth.id)?.passes.includes(other.berth.id),
    )
    if (passed.length) {
      const [who, whom] = [people.map(({ name }) => name), listed(passed.map((other) => listed(namesIn([other]))))]
      heard.push(says`${doing(who, 'passes', 'pass')} ${whom} on the way to the toilet`)
    }
    return heard
  })
}

/**
 * Berths too short, and bunks that carry too little, for the one who rules out most of them: `two of the ten
 * berths are too short for Efe (6 ft 1 in)`.
 */
export function ruledOut({ berths }: NightFacts, sleepers: readonly Sleeper[], rules: NightRules): Phrase | undefined {
  const counted = sleepers.map((sleeper) => {
    const reasons = berths.map((berth) => fit([sleeper], berth, rules)).flatMap((one) => (one.can ? [] : [one.why]))
    return {
      sleeper,
      short: reasons.filter((why) => why === 'too short').length,
      heavy: reasons.filter((why) => why === 'over its weight limit').length,
    }
  })
  const most = counted.reduce((a, b) => (b.short + b.heavy > a.short + a.heavy ? b : a), {
    sleeper: sleepers[0]!,
    short: 0,
    heavy: 0,
  })
  const { sleeper, short, heavy } = most
  if (short + heavy === 0) return undefined
  const all = short === berths.length
  const whom = sleeper.height === undefined ? says`${sleeper.name}` : says`${sleeper.name} (${feet(sleeper.height)})`
  const parts: Phrase[] = []
  if (short)
    parts.push(
      says`${all ? 'every one' : short} of ${quantity(berths.length, 'berth')} ${short === 1 || all ? 'is' : 'are'} too short for ${whom}`,
    )
  if (heavy)
    parts.push(
      short
        ? says`${heavy} ${heavy === 1 ? 'carries' : 'carry'} too little`
        : says`${heavy} of ${quantity(berths.length, 'berth')} ${heavy === 1 ? 'carries' : 'carry'} too little for ${whom}`,
    )
  return parts.length > 1 ? says`${parts[0]!}, and ${parts[1]!}` : parts[0]
}
