import { says, type Phrase } from '../quantity/phrase'
import { quantity } from '../quantity/quantity'
import type { Camping } from './camping'
import { dayOf } from './day'
import { habitsOf, type Habits } from './habits'
import { limited, reckonedNights, wantedOf } from './lasting'
import { outAt } from './outAt'
import { rigOf, type Resource } from './rig'
import { nightsUntil } from './stayOut'

/** How they would live in it, with what. */
export interface Living extends Camping {
  habits: Habits
}

/** Something they could do or buy, and what it makes of their nights. */
export interface Help {
  says: Phrase
  /** Nights until something runs out, with it; infinite: as long as was reckoned, and longer. */
  nights: number
  /** What then runs out first. */
  first?: Resource
}

interface Step {
  /** Of one kind are those that only differ in how much. */
  kind: string
  says: Phrase
  change(living: Living): Living
}

/** What ends their stay, and after how many nights; all that nobody read as bad as it can be. */
export function endOf({ facts, camp, habits }: Living): { nights: number; first?: Resource } {
  const rig = rigOf(facts, 'least', camp.rules)
  const day = dayOf(rig, camp, habits)
  let [nights, first]: [number, Resource | undefined] = [Infinity, undefined]
  for (const resource of limited(camp)) {
    const lasts = nightsUntil(outAt(resource, rig, camp, day, reckonedNights(camp)))
    // What lasts as long as they want of it ends nothing.
    if (lasts < nights && lasts < wantedOf(resource, camp)) [nights, first] = [lasts, resource]
  }
  return { nights, ...(first && { first }) }
}

/**
 * What would make it last, found by trying each: habits first, then parts, the cheapest first (common practice). Where none
 * alone brings all the nights they want, the first two that do together. Empty when nothing runs out.
 */
export function whatHelps(camping: Camping): Help[] {
  const start: Living = { ...camping, habits: habitsOf(camping.camp) }
  const now = endOf(start)
  if (now.first === undefined) return []
  const steps = stepsFor(start)
  const tried = steps.map((step) => ({ step, ...endOf(step.change(start)) }))
  // Of several of a kind the first is enough: to dump every fourth night, and not every third.
  const better = tried
    .filter(({ nights }) => nights > now.nights)
    .filter(
      ({ step, nights }, i, all) => !all.slice(0, i).some((one) => one.step.kind === step.kind && one.nights >= nights),
    )
  const alone = better.map(({ step, nights, first }): Help => ({ says: step.says, nights, ...(first && { first }) }))
  if (better.some(({ first }) => first === undefined)) return alone
  return [...alone, ...together(start, steps)]
}

function together(start: Living, steps: readonly Step[]): Help[] {
  for (const [i, a] of steps.entries())
    for (const b of steps.slice(i + 1)) {
      if (a.kind === b.kind) continue
      const { nights, first } = endOf(b.change(a.change(start)))
      if (first === undefined) return [{ says: says`${a.says}, and ${b.says}`, nights }]
    }
  return []
}

const PANEL = 200
const HOURS = 2
const LITHIUM = 100

/** From what costs nothing to what costs most; only what they do not do or have already. */
function stepsFor({ camp, habits }: Living): Step[] {
  const more: Step[] = []
  const add = (kind: string, words: Phrase, change: Step['change']) => more.push({ kind, says: words, change })
  if (habits.washing !== 'sparing')
    add('wash', says`washing sparingly`, (one) => ({ ...one, habits: { ...one.habits, washing: 'sparing' } }))
  add('evenings', says`no TV, and ${quantity(camp.rules.sparingWarm, 'F')} at night`, (one) => ({
    ...one,
    habits: { ...one.habits, evenings: false, heatTo: camp.rules.sparingWarm },
  }))
  for (const every of [4, 3, 2])
    if (every < camp.between)
      add('supply', says`dumping and filling every ${every} nights`, (one) => ({
        ...one,
        camp: { ...one.camp, between: every },
      }))
  if (camp.power) return more
  add('generator', says`a generator for ${quantity(HOURS, 'h')} more a day`, (one) => ({
    ...one,
    camp: { ...one.camp, generator: one.camp.generator + HOURS },
  }))
  add('panel', says`a panel of ${quantity(PANEL, 'W')} set up in the sun`, (one) => ({
    ...one,
    camp: { ...one.camp, panel: one.camp.panel + PANEL },
  }))
  add('battery', says`a second battery like the first`, (one) => ({ ...one, facts: withBatteries(one.facts, 1) }))
  add('lithium', says`two LiFePO4 batteries of ${quantity(LITHIUM, 'Ah')} in their place`, (one) => ({
    ...one,
    facts: {
      ...one.facts,
      batteries: { banks: [{ ampHours: 2 * LITHIUM, chemistry: 'LiFePO4' }], unread: [] },
    },
  }))
  return more
}

/** With so many more batteries of the kind it has; less than nothing takes away. */
export function withBatteries(facts: Camping['facts'], more: number): Camping['facts'] {
  const [first] = facts.batteries.banks
  if (!first || more === 0) return facts
  return {
    ...facts,
    batteries: { ...facts.batteries, banks: [...facts.batteries.banks, ...Array.from({ length: more }, () => first)] },
  }
}
