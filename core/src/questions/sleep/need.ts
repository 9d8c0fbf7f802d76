import { couples, type Household, type Person } from '../../household/household'
import type { GuestRhythm } from '../../household/household'
import type { Stance } from '../../household/stances'
import type { HouseRules, SleepRules } from '../../rules/houseRules'

/** Those who need a berth, and who may lie beside whom. */
export interface SleepNeed {
  everyNight: Party
  /** The same people with guests, when guests come. */
  withGuests?: Party
  guestsCome: GuestRhythm
  bunks?: Stance
  rules: SleepRules
}

/** Those of one night, and the groups of them that may share a berth. */
export interface Party {
  sleepers: readonly Sleeper[]
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
}

export function sleepNeed(household: Household, { sleep: rules }: HouseRules): SleepNeed {
  const all = household.people.map(sleeper)
  const regular = all.filter((_, i) => !household.people[i]!.guest)
  const guests = household.guestsCome !== 'never' && regular.length < all.length
  return {
    everyNight: party(regular.length ? regular : all, rules),
    ...(guests && { withGuests: party(all, rules) }),
    guestsCome: household.guestsCome,
    bunks: household.stances.bunks,
    rules,
  }
}

export const party = (sleepers: readonly Sleeper[], rules: SleepRules): Party => ({ sleepers, groups: groupsOf(sleepers, rules) })

/** Groups that may share one berth: each alone, couples, and pairs that may share. */
function groupsOf(sleepers: readonly Sleeper[], rules: SleepRules): SharingGroup[] {
  const paired = new Set(couples(sleepers).flat())
  const alone = sleepers.map((one, i) => ({ mask: 1 << i, members: [one], apart: paired.has(one.id) }))
  const pairs = sleepers.flatMap((a, i) =>
    sleepers.slice(i + 1).flatMap((b, k) => (mayShare(a, b, rules) ? [{ mask: (1 << i) | (1 << (i + 1 + k)), members: [a, b], apart: paired.has(a.id) && a.partner !== b.id }] : [])),
  )
  return [...alone, ...pairs]
}

function mayShare(a: Sleeper, b: Sleeper, rules: SleepRules): boolean {
  if (a.partner === b.id) return true
  if (a.sharesWith.includes(b.id) || b.sharesWith.includes(a.id)) return true
  return a.age < rules.shareUnder && b.age < rules.shareUnder && a.age >= 2 && b.age >= 2
}

function sleeper({ id, name, age, height, weight, climbs, partner, sharesWith, needs }: Person): Sleeper {
  return { id, name, age, height, weight, climbs: climbs ?? true, partner, sharesWith: sharesWith ?? [], cpap: needs?.includes('cpap') ?? false }
}
