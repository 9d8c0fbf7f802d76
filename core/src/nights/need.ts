import { couples, guestRhythm, livesInIt, type Household, type NEEDS, type Person } from '../household/household'
import { atMost } from '../household/growth'
import { looseDogs, UNKNOWN_DOG, type Dog, type WithDogs } from './dogs'
import { cribThing, petThings, type FloorThing } from './floorThings'
import type { NightRules } from './rules'

/** Those who need a berth, and who may lie beside whom. */
export interface NightNeed {
  everyNight: Party
  /** The same people with guests, when guests come. */
  withGuests?: Party
  /** Everyone who ever comes, where that is more. */
  mostEver?: Party
  guestsCome: ReturnType<typeof guestRhythm>
  /** It is their home: every night of the year. */
  dwelling: boolean
  rules: NightRules
}

/** Those of one night, and the groups of them that may share a berth. */
export interface Party {
  /** Those who need a berth. */
  sleepers: readonly Sleeper[]
  /** Those who bring their crib. */
  cribs: readonly Sleeper[]
  /** Cribs, crates and dog beds, which share the floor of that night. */
  onFloor: readonly FloorThing[]
  groups: readonly SharingGroup[]
  /** Whether it is a season in which somebody can sleep in a tent beside it. */
  tents: boolean
}

/** Bits over the sleepers; `apart`: someone lies without their partner. */
export interface SharingGroup {
  mask: number
  members: readonly Sleeper[]
  apart: boolean
}

export interface Sleeper extends WithDogs {
  id: string
  name: string
  age: number
  height?: number
  weight?: number
  /** Of a child that was not measured, or not weighed: the most it is taken for. */
  tallest?: number
  heaviest?: number
  climbs: boolean
  /** Does not climb, or is of an age at which nobody should have to. */
  frail: boolean
  guest: boolean
  /** Who comes with whom: the household, its guests, those who come only when everybody does. */
  kin: 'household' | 'guests' | 'seldom'
  partner?: string
  sharesWith: string[]
  neverBeside: string[]
  cpap: boolean
  nightTrips: boolean
  ownRoom: boolean
  /** Sleeps in a crib on the floor, not in a berth; `assumed`: too young for a berth, and nobody asked. */
  crib: boolean
  cribAssumed: boolean
}

export function nightNeed(household: Household, rules: NightRules): NightNeed {
  const { people } = household
  const guestsCome = guestRhythm(household)
  const dogs = looseDogs(household)
  const wanted = people.filter(({ needs }) => needs?.includes('dog on the bed')).length
  const onBeds = dogs.length ? dogs : [UNKNOWN_DOG]
  const share = wanted ? Math.ceil(onBeds.length / wanted) : 0
  const all = people.map((one) => sleeper(one, onBeds, share, rules))
  const pets = petThings(household, wanted > 0, rules)
  const party = (some: readonly Sleeper[]): Party => partyOf(some, pets, household.trip.season !== 'winter', rules)
  const regular = all.filter((_, i) => !people[i]!.guest)
  const usual = all.filter((_, i) => !people[i]!.seldom)
  const guests = guestsCome !== 'never' && usual.length > regular.length
  return {
    everyNight: party(regular.length ? regular : all),
    ...(guests && { withGuests: party(usual) }),
    ...(guestsCome !== 'never' && usual.length < all.length && { mostEver: party(all) }),
    guestsCome,
    dwelling: livesInIt(household, rules),
    rules,
  }
}

export function partyOf(
  all: readonly Sleeper[],
  pets: readonly FloorThing[],
  tents: boolean,
  rules: NightRules,
): Party {
  const sleepers = all.filter(({ crib }) => !crib)
  const cribs = all.filter(({ crib }) => crib)
  return {
    sleepers,
    cribs,
    onFloor: [...cribs.map((one) => cribThing(one, rules)), ...pets],
    groups: groupsOf(sleepers, rules),
    tents,
  }
}

/** Groups that may share one berth: each alone, couples, and pairs that may share. */
function groupsOf(sleepers: readonly Sleeper[], rules: NightRules): SharingGroup[] {
  const paired = new Set(couples(sleepers).flat())
  const alone = sleepers.map((one, i) => ({ mask: 1 << i, members: [one], apart: paired.has(one.id) }))
  const pairs = sleepers.flatMap((a, i) =>
    sleepers
      .slice(i + 1)
      .flatMap((b, k) =>
        mayShare(a, b, rules)
          ? [{ mask: (1 << i) | (1 << (i + 1 + k)), members: [a, b], apart: paired.has(a.id) && a.partner !== b.id }]
          : [],
      ),
  )
  return [...alone, ...pairs]
}

/** Couples; two who both said so; small brothers and sisters unasked, but not the children of two families. */
export function mayShare(a: Sleeper, b: Sleeper, rules: NightRules): boolean {
  if (a.neverBeside.includes(b.id) || b.neverBeside.includes(a.id)) return false
  if (a.partner === b.id) return true
  if (a.sharesWith.includes(b.id) && b.sharesWith.includes(a.id)) return true
  return a.kin === b.kin && [a, b].every(({ age }) => age >= rules.shareFrom && age < rules.shareUnder)
}

function sleeper(
  { id, name, age, sex, height, weight, climbs, partner, sharesWith, neverBeside, needs, guest, seldom }: Person,
  dogs: readonly Dog[],
  dogShare: number,
  { cribUntil, berthFrom, frailFrom }: NightRules,
): Sleeper {
  const has = (need: (typeof NEEDS)[number]) => needs?.includes(need) ?? false
  const cribNoted = has('crib') && age < cribUntil
  return {
    id,
    name,
    age,
    height,
    weight,
    ...(height === undefined && { tallest: atMost({ age, sex }, 'height') }),
    ...(weight === undefined && { heaviest: atMost({ age, sex }, 'weight') }),
    climbs: climbs ?? true,
    frail: climbs === false || age >= frailFrom,
    guest: guest ?? false,
    kin: guest ? (seldom ? 'seldom' : 'guests') : 'household',
    partner,
    sharesWith: sharesWith ?? [],
    neverBeside: neverBeside ?? [],
    cpap: has('cpap') || has('cpap humidifier'),
    nightTrips: has('night trips'),
    ownRoom: has('own room'),
    dogs,
    dogShare: has('dog on the bed') ? dogShare : 0,
    crib: cribNoted || age < berthFrom,
    cribAssumed: age < berthFrom && !cribNoted,
  }
}
