import { couples, type Household, type NEEDS, type Person } from '../../household/household'
import type { GuestRhythm } from '../../household/household'
import type { Stance } from '../../household/stances'
import type { HouseRules, SleepRules } from '../../rules/houseRules'

/** Those who need a berth, and who may lie beside whom. */
export interface SleepNeed {
  everyNight: Party
  /** The same people with guests, when guests come. */
  withGuests?: Party
  /** Everyone who ever comes, where that is more. */
  mostEver?: Party
  guestsCome: GuestRhythm
  bunks?: Stance
  rules: SleepRules
}

/** Those of one night, and the groups of them that may share a berth. */
export interface Party {
  /** Those who need a berth. */
  sleepers: readonly Sleeper[]
  /** Those who bring their crib. */
  cribs: readonly Sleeper[]
  groups: readonly SharingGroup[]
}

/** Bits over the sleepers; `apart`: someone lies without their partner. */
export interface SharingGroup {
  mask: number
  members: readonly Sleeper[]
  apart: boolean
}

export interface Sleeper {
  id: string
  name: string
  age: number
  height?: number
  weight?: number
  climbs: boolean
  partner?: string
  sharesWith: string[]
  cpap: boolean
  nightTrips: boolean
  ownRoom: boolean
  dog: boolean
  /** Sleeps in a crib on the floor, not in a berth. */
  crib: boolean
}

export function sleepNeed(household: Household, { sleep: rules }: HouseRules): SleepNeed {
  const { people, guestsCome } = household
  const all = people.map(sleeper)
  const regular = all.filter((_, i) => !people[i]!.guest)
  const usual = all.filter((_, i) => !people[i]!.seldom)
  const guests = guestsCome !== 'never' && usual.length > regular.length
  return {
    everyNight: party(regular.length ? regular : all, rules),
    ...(guests && { withGuests: party(usual, rules) }),
    ...(guestsCome !== 'never' && usual.length < all.length && { mostEver: party(all, rules) }),
    guestsCome,
    bunks: household.stances.bunks,
    rules,
  }
}

export function party(all: readonly Sleeper[], rules: SleepRules): Party {
  const sleepers = all.filter(({ crib }) => !crib)
  return { sleepers, cribs: all.filter(({ crib }) => crib), groups: groupsOf(sleepers, rules) }
}

/** Groups that may share one berth: each alone, couples, and pairs that may share. */
function groupsOf(sleepers: readonly Sleeper[], rules: SleepRules): SharingGroup[] {
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

function mayShare(a: Sleeper, b: Sleeper, rules: SleepRules): boolean {
  if (a.partner === b.id) return true
  if (a.sharesWith.includes(b.id) || b.sharesWith.includes(a.id)) return true
  return a.age < rules.shareUnder && b.age < rules.shareUnder && a.age >= 2 && b.age >= 2
}

function sleeper({ id, name, age, height, weight, climbs, partner, sharesWith, needs }: Person): Sleeper {
  const has = (need: (typeof NEEDS)[number]) => needs?.includes(need) ?? false
  return {
    id,
    name,
    age,
    height,
    weight,
    climbs: climbs ?? true,
    partner,
    sharesWith: sharesWith ?? [],
    cpap: has('cpap'),
    nightTrips: has('night trips'),
    ownRoom: has('own room'),
    dog: has('dog on the bed'),
    crib: has('crib') && age < CRIB_UNTIL,
  }
}

/** From this age on nobody sleeps in a crib, whatever was noted once; years (common practice). */
const CRIB_UNTIL = 3
