import { couples, type GuestRhythm, type Household, type NEEDS, type Person } from '../household/household'
import type { NightRules } from './rules'

/** Those who need a berth, and who may lie beside whom. */
export interface NightNeed {
  everyNight: Party
  /** The same people with guests, when guests come. */
  withGuests?: Party
  /** Everyone who ever comes, where that is more. */
  mostEver?: Party
  guestsCome: GuestRhythm
  rules: NightRules
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

export function nightNeed(household: Household, rules: NightRules): NightNeed {
  const { people, guestsCome } = household
  const all = people.map((one) => sleeper(one, rules))
  const regular = all.filter((_, i) => !people[i]!.guest)
  const usual = all.filter((_, i) => !people[i]!.seldom)
  const guests = guestsCome !== 'never' && usual.length > regular.length
  return {
    everyNight: party(regular.length ? regular : all, rules),
    ...(guests && { withGuests: party(usual, rules) }),
    ...(guestsCome !== 'never' && usual.length < all.length && { mostEver: party(all, rules) }),
    guestsCome,
    rules,
  }
}

export function party(all: readonly Sleeper[], rules: NightRules): Party {
  const sleepers = all.filter(({ crib }) => !crib)
  return { sleepers, cribs: all.filter(({ crib }) => crib), groups: groupsOf(sleepers, rules) }
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

function mayShare(a: Sleeper, b: Sleeper, rules: NightRules): boolean {
  if (a.partner === b.id) return true
  if (a.sharesWith.includes(b.id) || b.sharesWith.includes(a.id)) return true
  return [a, b].every(({ age }) => age >= rules.shareFrom && age < rules.shareUnder)
}

function sleeper(
  { id, name, age, height, weight, climbs, partner, sharesWith, needs }: Person,
  { cribUntil }: NightRules,
): Sleeper {
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
    crib: has('crib') && age < cribUntil,
  }
}
