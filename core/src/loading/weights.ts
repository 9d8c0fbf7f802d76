import type { Stowed } from '../stowing/stowed'
import { weights as inHolds } from '../stowing/stowed'
import type { LoadingFacts, TankKind } from './facts'
import type { LoadingRules } from './rules'
import { withId } from '../plan/withId'

/** Something that rides in or on the trailer, pounds, and between which places along it its middle is, inches from the front wall. */
export interface Weight {
  id: string
  name: string
  pounds: number
  from: number
  to: number
  /** The reading that would tell where it is. */
  unread?: string
}

/** What a household puts into it. Pounds. */
export interface Brought {
  /** Clothes, food, dishes, bedding and camp kit, all together; and how much of it is kit. */
  belongings: number
  kit: number
  /** What rides in the trailer and nobody measured: it may stand anywhere in it. */
  unsized: readonly { id: string; name: string; pounds: number }[]
  /** On racks, each with where it is. */
  racks: readonly Weight[]
  freshShare: number
}

/** The four moments at which a trailer is weighed. */
export const MOMENTS = ['leaving', 'full', 'home', 'empty'] as const
export type MomentId = (typeof MOMENTS)[number]

export interface Weights {
  weights: Weight[]
  /** Readings without which not all that weighs is among them. */
  missing: string[]
}

/**
 * What the empty trailer bears at a moment, each with where it is: water in its tanks, propane on the tongue, food at
 * pantry and refrigerator, clothes at the wardrobes, bedding at the beds, gear where it was stowed. Gear without a size,
 * what lies in a compartment that nobody placed, and all of it while nobody drew the compartments, may be anywhere between
 * the walls. Camp kit, and gear that goes into none of them, is taken at the middle of the floor: that is said.
 */
export function weightsAt(
  moment: MomentId,
  facts: LoadingFacts,
  brought: Brought,
  stowed: Stowed,
  rules: LoadingRules,
): Weights {
  const missing: string[] = []
  const weights: Weight[] = []
  const put = (id: string, name: string, pounds: number, at: number) => {
    if (pounds > 0) weights.push({ id, name, pounds, from: at, to: at })
  }
  const fill = (kind: TankKind, name: string, share: number) => {
    if (share === 0) return
    // A galley tank that nobody noted is a gray tank more than most have.
    if (!facts.tanks[kind] && kind !== 'galley-tank') missing.push(`equipment.${kind}.capacity`)
    for (const { id, gallons, at } of facts.tanks[kind] ?? []) {
      if (gallons === undefined) {
        missing.push(`equipment.${kind}.capacity`)
        continue
      }
      const pounds = gallons * share * rules.waterPerGallon
      const ends = facts.box * rules.tankFromEnds
      if (at !== undefined) put(id, name, pounds, at)
      else weights.push({ id, name, pounds, from: ends, to: facts.box - ends, unread: `equipment.${kind}.at` })
    }
  }
  for (const { id, name, pounds, at } of facts.added) {
    if (pounds === undefined) missing.push(`equipment.${id}.weight`)
    // Whatever is fitted is so between the coupler and the rear wall.
    else if (at === undefined)
      weights.push({ id, name, pounds, from: -facts.coupler, to: facts.box, unread: `equipment.${id}.at` })
    else put(id, name, pounds, at)
  }
  if (facts.propane === undefined) missing.push('equipment.lp-cylinder.size')
  put('propane', 'Propane', facts.propane ?? 0, -Math.min(rules.cylindersAhead, facts.coupler))
  fill('fresh-tank', 'Fresh water', moment === 'leaving' ? brought.freshShare : moment === 'full' ? 1 : 0)
  if (moment === 'empty') return { weights, missing }
  if (moment === 'home') {
    fill('gray-tank', 'Gray tank', 1)
    fill('galley-tank', 'Galley tank', 1)
    fill('black-tank', 'Black tank', 1)
  }
  const { places } = facts
  const own = Math.max(0, brought.belongings - brought.kit)
  const bedding = own * (1 - rules.food - rules.dishes - rules.clothes)
  if (moment !== 'home') put('food', 'Food', own * rules.food, places.food)
  put('dishes', 'Dishes', own * rules.dishes, places.food)
  put('clothes', 'Clothes', own * rules.clothes, places.clothes)
  put('bedding', 'Bedding', bedding, places.beds)
  put('kit', 'Camp kit', Math.min(brought.kit, brought.belongings), places.middle)
  const anywhere = (id: string, name: string, pounds: number, unread: string, [from, to] = [0, facts.box]) => {
    if (pounds > 0) weights.push({ id, name, pounds, from: from!, to: to!, unread })
  }
  for (const [id, pounds] of inHolds(stowed)) {
    const { name, at, between } = withId(stowed.holds, id)
    if (at !== undefined) put(`gear ${id}`, name, pounds, at)
    else anywhere(`gear ${id}`, name, pounds, `plan.compartments.${id}.at`, between)
  }
  weights.push(...brought.racks)
  for (const { id, name, pounds } of brought.unsized) anywhere(`loose ${id}`, name, pounds, `household.gear.${id}.size`)
  for (const { piece, count } of stowed.packing.left) {
    const { name, weight } = withId(stowed.gear, piece)
    if (stowed.facts.looked) put(`loose ${piece}`, name, weight * count, places.middle)
    else anywhere(`loose ${piece}`, name, weight * count, 'plan.compartments')
  }
  return { weights, missing }
}
