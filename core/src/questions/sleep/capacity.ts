import { isUpper, type BerthFact, type NightFacts } from '../../nights/facts'
import type { NightRules } from '../../nights/rules'

/** How many it sleeps whoever they are: nobody tall, nobody heavy, everyone willing to share. */
export interface Capacity {
  adults: number
  /** Adults in what needs no making up. */
  adultsAtOnce: number
  /** All children of an age for an upper bunk, two to a berth that is wide enough. */
  children: number
  childrenAtOnce: number
}

/**
 * At the widths of the house rules; conversions that exclude each other count once. Mattress widths not read
 * count one sleeper.
 */
export function capacityOf(facts: NightFacts, rules: NightRules): Capacity {
  const { berths } = facts
  const always = berths.filter(({ conversion }) => !conversion)
  const adults = (berth: BerthFact) => across(berth, rules.pairAdult, rules)
  const children = (berth: BerthFact) => across(berth, rules.pairChild, rules)
  return {
    adults: most(facts, adults),
    adultsAtOnce: always.reduce((sum, berth) => sum + adults(berth), 0),
    children: most(facts, children),
    childrenAtOnce: always.reduce((sum, berth) => sum + children(berth), 0),
  }
}

/** Two side by side at most, and one where it is too narrow for two; nobody counts on two in a single upper bunk. */
function across(berth: BerthFact, each: number, { upperPair }: NightRules): number {
  if (berth.width === undefined || isUpper(berth)) return berth.width !== undefined && berth.width >= upperPair ? 2 : 1
  return Math.max(1, Math.min(2, Math.floor(berth.width / each)))
}

/** The largest sum over berths, of each clash of conversions the better side. */
function most({ berths, conversions }: NightFacts, count: (berth: BerthFact) => number): number {
  const worth = (id: string) =>
    berths.filter(({ conversion }) => conversion === id).reduce((sum, berth) => sum + count(berth), 0)
  const choose = (left: typeof conversions): number => {
    const [first, ...rest] = left
    if (!first) return 0
    const compatible = rest.filter(({ id, excludes }) => !first.excludes.includes(id) && !excludes.includes(first.id))
    return compatible.length === rest.length
      ? worth(first.id) + choose(rest)
      : Math.max(worth(first.id) + choose(compatible), choose(rest))
  }
  return (
    berths.filter(({ conversion }) => !conversion).reduce((sum, berth) => sum + count(berth), 0) + choose(conversions)
  )
}
