import { couples, type Household, type Person } from '../../household/household'
import type { GuestRhythm } from '../../household/household'
import type { Stance } from '../../household/stances'
import type { HouseRules, SleepRules } from '../../rules/houseRules'

/** Those who need a berth, and who may lie beside whom. */
export interface SleepNeed {
  sleepers: Sleeper[]
  /** The same people with guests, when guests come. */
  withGuests?: Sleeper[]
  guestsCome: GuestRhythm
  bunks?: Stance
  rules: SleepRules
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
    sleepers: regular.length ? regular : all,
    ...(guests && { withGuests: all }),
    guestsCome: household.guestsCome,
    bunks: household.stances.bunks,
    rules,
  }
}

/** Groups that may share one berth, as bit masks over the sleepers: each alone, couples, and pairs that may share. */
export function groupsOf(sleepers: readonly Sleeper[], rules: SleepRules): { mask: number; members: Sleeper[]; apart: boolean }[] {
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
