import type { NightRules } from './rules'
import { assign } from './assign'
import type { AssignmentProblem } from './assignment'
import type { BerthFact, NightFacts } from './facts'
import { fit, type Fit } from './fit'
import { nightCosts } from './nightCosts'
import { cribThing } from './floorThings'
import { onFloor, type OnFloor } from './onFloor'
import { bits } from './subsets'
import type { Party, SharingGroup, Sleeper } from './need'

/** Who lies where on one kind of night. */
export interface Night {
  placements: Placement[]
  /** Conversions made, by id. */
  made: string[]
  unplaced: Sleeper[]
  /** Those who sleep in a crib, and the room (by id) in which it stands; `inWay`: only in a walkway; without either nowhere. */
  cribs: { sleeper: Sleeper; room?: string; inWay?: true }[]
  /** Cribs, crates and dog beds on the floor of this night. */
  onFloor: OnFloor
  /** Couples that do not lie together. */
  apart: boolean
  /** Readings this night rests on that nobody took; empty when it is proven. */
  missing: string[]
  /** Readings that nobody took and that could let them lie otherwise, and better: while there are any, where they lie is not certain. */
  unsure: string[]
  /** What it costs in all, of `COST` and the comfort points. */
  cost: number
}

/**
 * Of what was stored for each set of conversions, that of this night's; undefined when nobody looked at so many
 * at once.
 */
export function storedFor<T extends { made: string[] }>(
  stored: readonly T[],
  night: Pick<Night, 'made'>,
): T | undefined {
  return stored.find(({ made }) => made.length === night.made.length && made.every((id) => night.made.includes(id)))
}

export interface Placement {
  berth: BerthFact
  people: readonly Sleeper[]
  /** Inches beyond the least length and the least width; Infinity when not known. */
  spare: number
  widthSpare: number
}

/**
 * Costs in order of weight, so that one sum is lexicographic: nobody without a berth, and if somebody is, a guest
 * before one of the household; couples together, and a bed for both before one for two who lie alone; a way to the
 * toilet; few beds made up; comfort. Comfort stays under a conversion for all but the worst of nights, conversions
 * under a couple apart.
 */
export const COST = {
  unplaced: 80_000_000,
  hostUnplaced: 5_000_000,
  partnerApart: 2_000_000,
  partnerUnplaced: 900_000,
  conversion: 100_000,
  conversionMinute: 200,
}

/**
 * The best night by what is known; when that leaves someone out, the best night there could be, with what to
 * measure.
 */
export function bestNight(facts: NightFacts, party: Party, rules: NightRules): Night {
  const fits = fitsOf(facts, party, rules)
  if (fits.every((inBerth) => inBerth.every(isProven))) return solve(facts, party, fits, rules)
  const proven = fits.map((inBerth) => inBerth.filter(isProven))
  const [known, hoped] = [solve(facts, party, proven, rules), solve(facts, party, fits, rules)]
  const better =
    hoped.unplaced.length < known.unplaced.length ||
    (hoped.unplaced.length === known.unplaced.length && known.apart && !hoped.apart)
  if (better) return { ...hoped, unsure: hoped.missing }
  return hoped.cost < known.cost ? { ...known, unsure: hoped.missing } : known
}

/**
 * The best night in which a group that lay together in a berth does not lie there: what the second choice
 * costs. Undefined when that leaves more people out.
 */
export function secondNight(facts: NightFacts, party: Party, rules: NightRules, first: Night): Night | undefined {
  const fits = fitsOf(facts, party, rules).map((inBerth) => inBerth.filter(isProven))
  // A different night lacks at least one placement of the first.
  const others = first.placements.map(({ berth, people }) => {
    const without = fits.map((inBerth, i) =>
      facts.berths[i]!.id === berth.id
        ? inBerth.filter(
            ({ group }) =>
              !(group.members.length === people.length && people.every((one) => group.members.includes(one))),
          )
        : inBerth,
    )
    return solve(facts, party, without, rules)
  })
  const second = others.reduce<Night | undefined>(
    (best, one) => (!best || one.cost < best.cost ? one : best),
    undefined,
  )
  return second && second.unplaced.length <= first.unplaced.length && second.apart === first.apart ? second : undefined
}

interface GroupInBerth {
  group: SharingGroup
  fit: Extract<Fit, { can: true }>
}

const isProven = ({ fit: { missing } }: GroupInBerth): boolean => missing.length === 0

/** For each berth, the groups that can lie in it. */
function fitsOf({ berths }: NightFacts, { groups }: Party, rules: NightRules): GroupInBerth[][] {
  return berths.map((berth) => {
    const found: GroupInBerth[] = []
    for (const group of groups) {
      const one = fit(group.members, berth, rules)
      if (one.can) found.push({ group, fit: one })
    }
    return found
  })
}

/** Berths that are always there first, then those of each conversion, at the price of making it up. */
function problemOf(
  facts: NightFacts,
  { sleepers, onFloor: things }: Party,
  fits: readonly GroupInBerth[][],
  rules: NightRules,
): { problem: AssignmentProblem; berthAt: number[][] } {
  const { berths, conversions } = facts
  const berthAt: number[][] = [[], ...conversions.map(() => [])]
  berths.forEach(({ conversion }, i) =>
    berthAt[conversion ? 1 + conversions.findIndex(({ id }) => id === conversion) : 0]!.push(i),
  )
  const groupsIn = (berth: number) =>
    fits[berth]!.map(({ group: { mask, apart }, fit: { discomfort } }) => ({
      mask,
      cost: discomfort + (apart ? COST.partnerApart * bits(mask) : 0),
    }))
  const options = berthAt.map((at, k) => ({
    opening: k === 0 ? 0 : COST.conversion + COST.conversionMinute * conversions[k - 1]!.minutes,
    berths: at.map(groupsIn),
  }))
  const exclusions = conversions.flatMap(({ excludes }, a) =>
    excludes.map((id): [number, number] => [a + 1, conversions.findIndex((other) => other.id === id) + 1]),
  )
  return {
    problem: {
      people: sleepers.length,
      unplaced: COST.unplaced,
      unplacedMore: sleepers.map(
        ({ guest, partner }) => (guest ? 0 : COST.hostUnplaced) + (partner ? COST.partnerUnplaced : 0),
      ),
      options,
      exclusions,
      night: (open) => nightCosts(facts, sleepers, things, berthAt, open, rules.comfort),
    },
    berthAt,
  }
}

function solve(facts: NightFacts, party: Party, fits: readonly GroupInBerth[][], rules: NightRules): Night {
  const { sleepers, cribs } = party
  const { problem, berthAt } = problemOf(facts, party, fits, rules)
  const { placements, unplacedMask, cost } = assign(problem)
  const night: Night = {
    placements: [],
    made: [],
    unplaced: [],
    cribs: [],
    onFloor: { stands: [], inWay: [], left: [], open: [] },
    apart: false,
    missing: [],
    unsure: [],
    cost,
  }
  for (const { option, berth, group } of placements) {
    const at = berthAt[option]![berth]!
    const used = fits[at]!.find((one) => one.group.mask === group.mask)!
    const place = facts.berths[at]!
    night.placements.push({
      berth: place,
      people: used.group.members,
      spare: used.fit.spare,
      widthSpare: used.fit.widthSpare,
    })
    if (place.conversion && !night.made.includes(place.conversion)) night.made.push(place.conversion)
    if (used.group.apart) night.apart = true
    for (const key of used.fit.missing) if (!night.missing.includes(key)) night.missing.push(key)
  }
  if (unplacedMask) night.unplaced = sleepers.filter((_, i) => unplacedMask & (1 << i))
  night.onFloor = onFloor(facts, storedFor(facts.nights, night), party.onFloor, parentsRoom(night))
  night.cribs = cribs.map((sleeper) => {
    const { id } = cribThing(sleeper, rules)
    const inWay = night.onFloor.inWay.some((thing) => thing.id === id)
    return {
      sleeper,
      room: night.onFloor.stands.find(({ thing }) => thing.id === id)?.room,
      ...(inWay && { inWay: true as const }),
    }
  })
  return night
}

/** A crib stands by the largest bed in which somebody grown sleeps, where there is floor. */
const parentsRoom = ({ placements }: Night): string | undefined =>
  [...placements]
    .sort((a, b) => b.people.length - a.people.length)
    .find(({ people }) => people.some(({ age }) => age >= 16))?.berth.room
