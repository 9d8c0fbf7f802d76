import { everyNight, type Household, type Person } from '../../household/household'
import { nightNeed } from '../../nights/need'
import { bestNight } from '../../nights/night'
import type { NightRules } from '../../nights/rules'
import { says } from '../../quantity/phrase'
import type { CounterfactualRules } from '../counterfactualRules'
import type { Answer } from '../answer'
import { changed, sizeOf, type Change } from '../change'
import type { Helping, Refusal } from '../helping'
import { smallestWish } from '../wishesGivenUp'

/** Nobody puts three of them out. */
const FEW = 2

export const sleepHelping: Helping<unknown, unknown> = {
  turn: 5,
  least({ answer, givenUp, tries, sizes }) {
    const short = shortOf(answer)
    if (short === 0) return givenUp.length ? sizes.wish : Infinity
    return short <= FEW && tries.length ? short * Math.min(sizes.share, sizes.tent) : Infinity
  },
  smallest(of, left, answered) {
    const { answer, givenUp, tries } = of
    const short = shortOf(answer)
    if (short === 0) return smallestWish(givenUp, left, answered)
    // Who is left out of two berths is not let in by one change, and who is left out of one not by two.
    const sets = short > 1 ? pairsOf(tries) : tries.map((one) => [one])
    const slept = sets
      .filter((set) => sizeOf(set) <= left)
      .sort((a, b) => sizeOf(a) - sizeOf(b))
      .find((set) => allSleep(of, set))
    if (!slept || answered(slept)?.verdict !== 'no') return slept
    // They all sleep, and something else they must have is missing.
    return smallestWish(givenUp, left, answered, slept)
  },
  tries: (household, { nights }, sizes) => otherBeds(household, nights, sizes),
}

/** So many have no berth; infinite when a couple lies apart. */
const shortOf = ({ margin, brief }: Answer): number =>
  margin?.unit === 'person' ? -margin.value : brief === 'a couple apart' ? Infinity : 0

/** Whether everybody inside has a berth on an ordinary night: all that a bed shared or a tent can change. */
function allSleep({ rooms, household: start, below }: Refusal<unknown, unknown>, set: readonly Change[]): boolean {
  const { household, tents } = changed({ household: start, tents: [] }, set)
  const inside = { ...household, people: household.people.filter(({ id }) => !tents.includes(id)) }
  const { unplaced, apart } = bestNight(rooms.nights, nightNeed(inside, below.nights).everyNight, below.nights)
  return unplaced.length === 0 && !apart
}

/** Two at a time; but not two tents: then it is another trailer they want. */
const pairsOf = (singles: readonly Change[]): Change[][] =>
  singles.flatMap((a, i) =>
    singles.slice(i + 1).flatMap((b) => (a.id.startsWith('tent:') && b.id.startsWith('tent:') ? [] : [[a, b]])),
  )

/**
 * Two of an age who share who do not yet, children among themselves and grown people among themselves; a tent for
 * one who is neither a small child nor frail nor half of a couple, while somebody grown stays inside, and not in winter.
 */
function otherBeds(household: Household, nights: NightRules, sizes: CounterfactualRules): Change[] {
  const { adultFrom, teenFrom, frailFrom } = nights
  const people = everyNight(household)
  const alone = people.filter(({ partner }) => !people.some(({ id }) => id === partner))
  const never = (a: Person, b: Person) => a.neverBeside?.includes(b.id) || b.neverBeside?.includes(a.id)
  // Small brothers and sisters share unasked.
  const small = ({ age }: Person) => age >= nights.shareFrom && age < nights.shareUnder
  const sharing = alone
    .flatMap((a, i) => alone.slice(i + 1).map((b) => [a, b] as const))
    .filter(([a, b]) => !never(a, b) && !(small(a) && small(b)) && a.age >= adultFrom === b.age >= adultFrom)
    .sort(([a, b], [c, d]) => Math.abs(a.age - b.age) - Math.abs(c.age - d.age))
    .map(([a, b]) => shared(a, b, sizes.share))
  const grown = people.filter(({ age }) => age >= adultFrom)
  const tents = (household.trip.season === 'winter' ? [] : alone)
    .filter((one) => one.age >= teenFrom && one.age < frailFrom && one.climbs !== false)
    .filter((one) => grown.some(({ id }) => id !== one.id))
    .sort((a, b) => a.age - b.age)
    .map((one) => inTent(one, sizes.tent))
  return [...sharing, ...tents]
}

const shared = (a: Person, b: Person, size: number): Change => ({
  id: `share:${[a.id, b.id].sort().join('+')}`,
  size,
  says: says`${a.name} and ${b.name} share a bed`,
  change: (now) => ({
    ...now,
    household: {
      ...now.household,
      people: now.household.people.map((one) =>
        one.id === a.id || one.id === b.id
          ? { ...one, sharesWith: [...(one.sharesWith ?? []), one.id === a.id ? b.id : a.id] }
          : one,
      ),
    },
  }),
})

const inTent = ({ id, name }: Person, size: number): Change => ({
  id: `tent:${id}`,
  size,
  says: says`${name} sleeps in a tent`,
  change: (now) => ({ ...now, tents: [...now.tents, id] }),
})
