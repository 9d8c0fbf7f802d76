import { small } from '../../plan/naming'
import { listed, says, type Phrase } from '../../quantity/phrase'
import { inches, pounds } from '../../quantity/quantity'
import type { BerthFact, NightFacts } from '../../nights/facts'
import { party, type Party, type Sleeper } from '../../nights/need'
import type { NightRules } from '../../nights/rules'
import { bestNight, type Night } from '../../nights/night'

/** One thing that would let everybody lie down. */
export interface Change {
  kind: 'share' | 'berth' | 'tent'
  says: Phrase
}

/** So many ways out of it are told, the smallest first. */
const MOST = 3

/**
 * When someone is left without a berth: what would change that, each change by itself tried on the whole
 * night. Two who would share cost nothing; then a berth that is longer or carries more, by the least that
 * helps; a tent always does.
 */
export function changesFor(facts: NightFacts, need: Party, rules: NightRules, night: Night): Change[] {
  const { unplaced } = night
  if (unplaced.length === 0) return []
  const helps = (changed: NightFacts, who: Party) => bestNight(changed, who, rules).unplaced.length === 0
  const sharing = pairs(need).flatMap(([a, b]): Change[] =>
    helps(facts, willShare(need, a, b, rules))
      ? [{ kind: 'share', says: says`if ${a.name} and ${b.name} would share a bed` }]
      : [],
  )
  const longer = facts.berths
    .flatMap((berth) => longerFor(berth, need, rules))
    .sort((a, b) => a.more - b.more)
    .filter(({ berth }) => helps(withBerth(facts, berth), need))
  const stronger = facts.berths
    .flatMap((berth) => strongerFor(berth, need))
    .sort((a, b) => a.more - b.more)
    .filter(({ berth }) => helps(withBerth(facts, berth), need))
  const berths: Change[] = [
    ...longer.slice(0, 1).map(({ berth, more }): Change => ({
      kind: 'berth',
      says: says`if the ${small(berth.name)} were ${inches(more)} longer`,
    })),
    ...stronger.slice(0, 1).map(({ berth, more }): Change => ({
      kind: 'berth',
      says: says`if the ${small(berth.name)} carried ${pounds(more)} more`,
    })),
  ]
  return [
    ...sharing.slice(0, 1),
    ...berths,
    { kind: 'tent', says: says`with a tent for ${listed(unplaced.map(({ name }) => name))}` } as const,
  ].slice(0, MOST)
}

/** Those who do not share yet and are no child in a crib: of an age, first. */
function pairs({ sleepers, groups }: Party): [Sleeper, Sleeper][] {
  const already = (a: Sleeper, b: Sleeper) =>
    groups.some(({ members }) => members.length === 2 && members.includes(a) && members.includes(b))
  const taken = (one: Sleeper) => sleepers.some(({ id }) => id === one.partner)
  return sleepers
    .flatMap((a, i) =>
      sleepers
        .slice(i + 1)
        .flatMap((b): [Sleeper, Sleeper][] => (already(a, b) || taken(a) || taken(b) ? [] : [[a, b]])),
    )
    .sort(([a, b], [c, d]) => Math.abs(a.age - b.age) - Math.abs(c.age - d.age))
}

function willShare({ sleepers }: Party, a: Sleeper, b: Sleeper, rules: NightRules): Party {
  return party(
    sleepers.map((one) => (one === a ? { ...a, sharesWith: [...a.sharesWith, b.id] } : one)),
    rules,
  )
}

/** A berth made as long as one of them needs, for each that finds it too short. */
function longerFor(
  berth: BerthFact,
  { sleepers }: Party,
  { lengthSpare }: NightRules,
): { berth: BerthFact; more: number }[] {
  return sleepers.flatMap(({ height }) => {
    const more = height === undefined || berth.length === undefined ? 0 : height + lengthSpare - berth.length
    return more > 0 ? [{ berth: { ...berth, length: berth.length! + more }, more }] : []
  })
}

function strongerFor(berth: BerthFact, { sleepers }: Party): { berth: BerthFact; more: number }[] {
  return sleepers.flatMap(({ weight }) => {
    const more = weight === undefined || berth.limit === undefined ? 0 : weight - berth.limit
    return more > 0 ? [{ berth: { ...berth, limit: weight! }, more }] : []
  })
}

const withBerth = (facts: NightFacts, berth: BerthFact): NightFacts => ({
  ...facts,
  berths: facts.berths.map((one) => (one.id === berth.id ? berth : one)),
})
