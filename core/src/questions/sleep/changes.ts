import { small } from '../../plan/naming'
import { listed, says, type Phrase } from '../../quantity/phrase'
import { inches, pounds } from '../../quantity/quantity'
import type { BerthFact, NightFacts } from '../../nights/facts'
import { partyOf, type Party, type Sleeper } from '../../nights/need'
import type { NightRules } from '../../nights/rules'
import { widthFor } from '../../nights/fit'
import { bestNight, type Night } from '../../nights/night'

/** One thing that would let everybody lie down. */
export interface Change {
  kind: 'share' | 'berth' | 'tent'
  says: Phrase
}

/** So many ways out of it are told, the smallest first. */
const MOST = 3

/**
 * When someone is left without a berth, or a couple lies apart: what would change that, each change by itself
 * tried on the whole night. Two who would share cost nothing; then a berth that is longer, wider or carries
 * more, by the least that helps; a tent always helps who is left over.
 */
export function changesFor(facts: NightFacts, need: Party, rules: NightRules, night: Night): Change[] {
  const { unplaced, apart } = night
  if (unplaced.length === 0 && !apart) return []
  const helps = (changed: NightFacts, who: Party) => {
    const tried = bestNight(changed, who, rules)
    return tried.unplaced.length === 0 && !tried.apart
  }
  const sharing = unplaced.length
    ? pairs(need).flatMap(([a, b]): Change[] =>
        helps(facts, willShare(need, a, b, rules))
          ? [{ kind: 'share', says: says`if ${a.name} and ${b.name} would share a bed` }]
          : [],
      )
    : []
  const least = (how: 'longer' | 'wider' | 'stronger') =>
    facts.berths
      .flatMap((berth) => enlarged(berth, need, rules, how))
      .sort((a, b) => a.more - b.more)
      .find(({ berth }) => helps(withBerth(facts, berth), need))
  const larger = (['longer', 'wider', 'stronger'] as const).flatMap((how): Change[] => {
    const found = least(how)
    if (!found) return []
    const bed = `the ${small(found.berth.name)}`
    const words =
      how === 'stronger' ? says`carried ${pounds(found.more)} more` : says`were ${inches(found.more)} ${how}`
    return [{ kind: 'berth', says: says`if ${bed} ${words}` }]
  })
  const tent =
    unplaced.length && campsOutside(need, unplaced, rules)
      ? [{ kind: 'tent', says: says`with a tent for ${listed(unplaced.map(({ name }) => name))}` } as const]
      : []
  return [...sharing.slice(0, 1), ...larger, ...tent].slice(0, MOST)
}

/** A tent takes teenagers and grown people who are not frail, in a season for it, while somebody grown stays inside. */
const campsOutside = ({ tents, sleepers }: Party, unplaced: readonly Sleeper[], rules: NightRules): boolean =>
  tents &&
  unplaced.every(({ age, frail }) => age >= rules.teenFrom && !frail) &&
  sleepers.some((one) => one.age >= rules.adultFrom && !unplaced.includes(one))

/** Those who do not share yet and are no child in a crib: of an age, first. */
function pairs({ sleepers, groups }: Party): [Sleeper, Sleeper][] {
  const never = (a: Sleeper, b: Sleeper) => a.neverBeside.includes(b.id) || b.neverBeside.includes(a.id)
  const already = (a: Sleeper, b: Sleeper) =>
    groups.some(({ members }) => members.length === 2 && members.includes(a) && members.includes(b))
  const taken = (one: Sleeper) => sleepers.some(({ id }) => id === one.partner)
  return sleepers
    .flatMap((a, i) =>
      sleepers
        .slice(i + 1)
        .flatMap((b): [Sleeper, Sleeper][] => (already(a, b) || never(a, b) || taken(a) || taken(b) ? [] : [[a, b]])),
    )
    .sort(([a, b], [c, d]) => Math.abs(a.age - b.age) - Math.abs(c.age - d.age))
}

function willShare({ sleepers, cribs, onFloor, tents }: Party, a: Sleeper, b: Sleeper, rules: NightRules): Party {
  const changed = partyOf(
    sleepers.map((one) =>
      one === a || one === b ? { ...one, sharesWith: [...one.sharesWith, (one === a ? b : a).id] } : one,
    ),
    [],
    tents,
    rules,
  )
  return { ...changed, cribs, onFloor }
}

/** A berth made just as long, wide or strong as one of those groups needs, for each that finds it wanting. */
function enlarged(
  berth: BerthFact,
  { groups }: Party,
  rules: NightRules,
  how: 'longer' | 'wider' | 'stronger',
): { berth: BerthFact; more: number }[] {
  return groups.flatMap(({ members }) => {
    const [has, needs, changed] = {
      longer: () => {
        const length = Math.max(...members.map(({ height }) => height ?? 0)) + rules.lengthSpare
        return [berth.length, length, { ...berth, length }] as const
      },
      wider: () => {
        const width = widthFor(members, rules)
        return [berth.width, width, { ...berth, width }] as const
      },
      stronger: () => {
        const limit = members.reduce((sum, { weight }) => sum + (weight ?? 0), 0)
        return [berth.limit, limit, { ...berth, limit }] as const
      },
    }[how]()
    return has !== undefined && needs > has ? [{ berth: changed, more: needs - has }] : []
  })
}

const withBerth = (facts: NightFacts, berth: BerthFact): NightFacts => ({
  ...facts,
  berths: facts.berths.map((one) => (one.id === berth.id ? berth : one)),
})
