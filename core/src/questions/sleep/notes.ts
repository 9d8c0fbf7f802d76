import { roomWord, small } from '../../plan/naming'
import { capitalized, doing, feet, listed, says, type Phrase } from '../../quantity/phrase'
import { inches, quantity } from '../../quantity/quantity'
import { fits, measure, no, note, tight, type Reason } from '../reason'
import { discomfort, type Heard } from '../../nights/comfort'
import type { NightFacts } from '../../nights/facts'
import { misfit } from '../../nights/fit'
import type { Sleeper } from '../../nights/need'
import type { FloorThing } from '../../nights/floorThings'
import type { NightRules } from '../../nights/rules'
import { storedFor, type Night, type Placement } from '../../nights/night'

/**
 * What those who all have a berth think of it: what nobody is content with, what they asked for, what is to be
 * read, what they would only notice; and what stands on the floor.
 */
export function contentReasons(facts: NightFacts, night: Night, rules: NightRules): Reason[] {
  const heard = heardOn(facts, night, rules)
  const noticedOnly = heard.filter(({ weight }) => weight === 'noticed').map((one) => one.says)
  return [
    ...heard.flatMap(({ says: words, weight, brief, key }): Reason[] => {
      if (weight === 'tight') return [tight(says`${capitalized(words)}.`, { brief })]
      if (weight === 'unmet') return [tight(says`Not as they asked: ${words}.`, { brief: 'a need unmet' })]
      return weight === 'measure' ? [measure(says`Look ${words}.`, [key!])] : []
    }),
    ...floorReasons(facts, night, rules),
    ...(noticedOnly.length ? [note(says`What they would notice: ${semicolons(noticedOnly)}.`)] : []),
  ]
}

/** The same on a night with guests: a squeeze for a night, but for those who should not be asked to. */
export function guestContent(facts: NightFacts, night: Night, rules: NightRules, often: boolean): Reason[] {
  return heardOn(facts, night, rules)
    .filter(({ weight }) => weight === 'tight')
    .map(({ says: words, frail, brief }) =>
      often || frail ? tight(says`With guests ${words}.`, { brief }) : note(says`With guests ${words}.`),
    )
}

/** What they would notice or not be content with, each in a few words. */
export const noticed = (facts: NightFacts, night: Night, rules: NightRules): Phrase[] =>
  heardOn(facts, night, rules)
    .filter(({ weight }) => weight === 'noticed' || weight === 'tight')
    .map((one) => one.says)

function heardOn(facts: NightFacts, night: Night, rules: NightRules): Heard[] {
  const ways = storedFor(facts.nights, night)?.ways ?? []
  return [
    ...night.placements.flatMap((placement) => {
      const { berth, people, spare, widthSpare } = placement
      const heard: Heard[] = []
      discomfort(people, berth, spare, widthSpare, rules, (one) => heard.push(one))
      for (const sleeper of people) heard.push(...ownRoom(sleeper, placement, night))
      const passed = night.placements.filter((other) =>
        ways.find((way) => way.berth === berth.id)?.passes.includes(other.berth.id),
      )
      if (passed.length)
        heard.push({
          says: says`${doing(namesIn([placement]), 'passes', 'pass')} ${listed(namesIn(passed))} on the way to the toilet`,
          weight: 'noticed',
        })
      return heard
    }),
    ...givenUp(night, rules),
  ]
}

function ownRoom({ ownRoom: asked, name }: Sleeper, { berth }: Placement, night: Night): Heard[] {
  const others = asked
    ? night.placements.filter((other) => other.berth !== berth && other.berth.room === berth.room)
    : []
  if (others.length === 0) return []
  return [{ says: says`${listed(namesIn(others))} would sleep in the room that ${name} wants alone`, weight: 'unmet' }]
}

/** Grown people of the household on what is made up, while a bed that is always there is slept in by others. */
function givenUp({ placements }: Night, { adultFrom }: NightRules): Heard[] {
  const hosts = placements.filter(
    ({ berth, people }) => berth.conversion && people.some(({ guest, age }) => !guest && age >= adultFrom),
  )
  const others = placements.filter(
    ({ berth, people }) => berth.kind === 'bed' && people.every(({ guest, age }) => guest || age < adultFrom),
  )
  if (hosts.length === 0 || others.length === 0) return []
  const [own, bed] = [hosts[0]!, others[0]!]
  const [who, whose] = [namesIn([own]), namesIn([bed])]
  const lie = says`${doing(who, 'sleeps', 'sleep')} on the made-up ${small(own.berth.name)}`
  return [
    {
      says: says`${lie}, while ${doing(whose, 'has', 'have')} the ${small(bed.berth.name)}`,
      weight: 'tight',
      brief: 'their bed given up',
    },
  ]
}

const namesIn = (placements: readonly Placement[]): string[] =>
  placements.flatMap(({ people }) => people.map(({ name }) => name))

const semicolons = (parts: readonly Phrase[]): Phrase => parts.reduce((all, one) => says`${all}; ${one}`)

/** Where cribs, crates and dog beds stand, and what finds no floor. */
export function floorReasons(
  { floorRooms }: NightFacts,
  { cribs, onFloor: { stands, inWay, left, open } }: Night,
  { berthFrom }: NightRules,
): Reason[] {
  const where = (room: string | undefined): string => {
    const name = floorRooms.find(({ id }) => id === room)?.name
    return name === undefined ? '' : ` in the ${roomWord(name)}`
  }
  const sleeperOf = (thing: FloorThing) => cribs.find(({ sleeper: { id } }) => thing.id === `crib ${id}`)?.sleeper
  return [
    ...left.map((thing) => {
      const words = says`No floor is left at night for ${whose(thing)}`
      const brief = `no floor for the ${thing.kind}`
      return thing.infant
        ? no(says`${words}, and a child under ${berthFrom} doesn't sleep in a bed.`, { brief })
        : tight(says`${words}.`, { brief })
    }),
    ...inWay.map((thing) =>
      tight(says`At night ${whose(thing)} only fits in a walkway.`, { brief: `the ${thing.kind} in a walkway` }),
    ),
    ...open.map((thing) =>
      measure(says`Whether there's floor at night for ${whose(thing)} depends on the dog's size: ask its weight.`, [
        thing.asks!,
      ]),
    ),
    ...stands.map(({ thing, room }) => {
      const stood = says`${capitalized(whose(thing))} stands${where(room)} at night, clear of the walkways`
      return sleeperOf(thing)?.cribAssumed
        ? fits(says`${stood}. ${thing.name} is under ${berthFrom}: ask whether they bring a crib.`)
        : fits(says`${stood}.`)
    }),
  ]
}

/** `Rosie’s crib`, `Rex’s crate (42 in by 28 in)`. */
const whose = ({ kind, name, length, width }: FloorThing): Phrase =>
  kind === 'crate' ? says`${name}’s crate (${inches(length)} by ${inches(width)})` : says`${name}’s ${kind}`

/**
 * Berths too short, and bunks that carry too little, for the one who rules out most of them: `two of the ten
 * berths are too short for Efe (6 ft 1 in)`.
 */
export function ruledOut({ berths }: NightFacts, sleepers: readonly Sleeper[], rules: NightRules): Phrase | undefined {
  const counted = sleepers.map((sleeper) => {
    const alone = [sleeper]
    let [short, heavy] = [0, 0]
    for (const berth of berths) {
      const why = misfit(alone, berth, rules)
      if (why === 'too short') short++
      else if (why === 'over its weight limit') heavy++
    }
    return { sleeper, short, heavy }
  })
  const most = counted.reduce((a, b) => (b.short + b.heavy > a.short + a.heavy ? b : a), {
    sleeper: sleepers[0]!,
    short: 0,
    heavy: 0,
  })
  const { sleeper, short, heavy } = most
  if (short + heavy === 0) return undefined
  const all = berths.length
  const whom = sleeper.height === undefined ? says`${sleeper.name}` : says`${sleeper.name} (${feet(sleeper.height)})`
  const parts: Phrase[] = []
  if (short) parts.push(says`${ofThem(short, all)} ${short === 1 ? 'is' : 'are'} too short for ${whom}`)
  if (heavy)
    parts.push(
      short
        ? says`${heavy} ${heavy === 1 ? 'carries' : 'carry'} too little`
        : says`${ofThem(heavy, all)} ${heavy === 1 ? 'carries' : 'carry'} too little for ${whom}`,
    )
  return parts.length > 1 ? says`${parts[0]!}, and ${parts[1]!}` : parts[0]
}

/** `the only berth`, `both berths`, `all 5 berths`, `2 of 5 berths`. */
function ofThem(count: number, all: number): Phrase {
  if (count < all) return says`${count} of ${quantity(all, 'berth')}`
  return all === 1 ? says`the only berth` : all === 2 ? says`both berths` : says`all ${quantity(all, 'berth')}`
}
