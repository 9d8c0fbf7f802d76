import { everyNight, type Household } from '../../household/household'
import type { Stance } from '../../household/stances'
import { awningCover } from '../../plan/awning'
import { beforeCounter, counterSpace, type CounterSpace } from '../../plan/counter'
import { nameOnPlan } from '../../plan/naming'
import { listed, says } from '../../quantity/phrase'
import { inches, quantity } from '../../quantity/quantity'
import { figure, word } from '../../readings/reading'
import type { GalleyRules, HouseRules } from '../../rules/houseRules'
import type { Trailer } from '../../trailer/trailer'
import { answerOf, marginOf, verdictOf, type Question, type Reason } from '../question'
import { stanceReason } from '../stance'

/** Absent: not read. A count of 0 means: looked, none there. */
export interface GalleyFacts {
  burners?: number
  oven: boolean
  fridge?: number
  fridgeKinds: string[]
  prepCoversOn: CounterSpace['rectangles']
  prepCoversOff: CounterSpace['rectangles']
  /** All free counter, square inches. */
  counterOn: number
  counterOff: number
  outsideKitchen: boolean
  /** Share of the outside kitchen under an awning; absent without one. */
  kitchenCover?: number
  /** What stands in front of the counters, and how many inches of their front it takes. */
  before: { name: string; takes: number }[]
  unread: string[]
}

export interface GalleyNeed {
  people: number
  days: number
  oven?: Stance
  outsideKitchen?: Stance
  compressorFridge?: Stance
  gasElectricFridge?: Stance
  rules: GalleyRules
}

/** Can they cook in it: burners, oven, refrigerator for the days between shops, and room to work with the covers on. */
export const galley: Question<GalleyFacts, GalleyNeed> = {
  id: 'galley',
  asks: 'Can they cook in it?',
  short: 'Kitchen',
  topic: 'kitchen',
  facts: galleyFacts,
  need: galleyNeed,
  judge: (facts, need) =>
    answerOf([
      burnerReason(facts, need),
      fridgeReason(facts, need),
      prepReason(facts, need),
      ...counterReason(facts),
      ...beforeReason(facts, need),
      ...stanceReason(need.oven, facts.oven, 'an oven'),
      ...stanceReason(need.outsideKitchen, facts.outsideKitchen, 'an outside kitchen'),
      ...rainReason(facts),
      ...stanceReason(need.compressorFridge, facts.fridgeKinds.includes('12 V compressor'), 'a 12 V compressor fridge'),
      ...stanceReason(need.gasElectricFridge, facts.fridgeKinds.includes('gas-electric'), 'a gas-electric fridge'),
    ]),
}

function galleyFacts({ plan }: Trailer): GalleyFacts {
  const [on, off] = [counterSpace(plan, 'on'), counterSpace(plan, 'off')]
  const cooktops = plan.fixtures.filter(({ kind }) => kind === 'cooktop')
  const fridges = plan.fixtures.filter(({ kind }) => kind === 'fridge')
  const unread = [
    ...cooktops.filter(({ readings }) => figure(readings, 'burners') === undefined).map(({ id }) => `plan.fixtures.${id}.burners`),
    ...fridges.filter(({ readings }) => figure(readings, 'capacity') === undefined).map(({ id }) => `plan.fixtures.${id}.capacity`),
  ]
  return {
    burners: sum(cooktops.map(({ readings }) => figure(readings, 'burners'))),
    oven: plan.fixtures.some(({ kind }) => kind === 'oven'),
    fridge: sum(fridges.map(({ readings }) => figure(readings, 'capacity'))),
    fridgeKinds: fridges.flatMap(({ readings }) => word(readings, 'kind') ?? []),
    prepCoversOn: on.flatMap(({ rectangles }) => rectangles),
    prepCoversOff: off.flatMap(({ rectangles }) => rectangles),
    counterOn: on.reduce((sum, { free }) => sum + free, 0),
    counterOff: off.reduce((sum, { free }) => sum + free, 0),
    outsideKitchen: plan.outside.some(({ kind }) => kind === 'outside-kitchen'),
    kitchenCover: awningCover(plan).find(({ what }) => what === 'outside kitchen')?.share,
    before: beforeCounter(plan).map(({ by, takes }) => ({ name: nameOnPlan(plan, by), takes: Math.round(takes) })),
    unread,
  }
}

function galleyNeed(household: Household, { galley: rules }: HouseRules): GalleyNeed {
  const { oven, outsideKitchen, compressorFridge, gasElectricFridge } = household.stances
  return {
    people: everyNight(household).length,
    days: Math.min(household.trip.nights, rules.daysBetweenShops),
    oven,
    outsideKitchen,
    compressorFridge,
    gasElectricFridge,
    rules,
  }
}

function burnerReason({ burners, unread }: GalleyFacts, { people, rules }: GalleyNeed): Reason {
  if (burners === undefined) return { verdict: 'measure', says: says`Count the burners.`, missing: unread.filter((key) => key.endsWith('burners')) }
  const asked = people >= rules.threeBurnersFrom ? 3 : 2
  const spare = burners - asked
  const words = says`${quantity(burners, 'burner')} for ${quantity(people, 'person')}; ${asked} would be right.`
  return { verdict: spare < 0 ? 'tight' : 'fits', says: words, brief: `${burners} of ${asked} burners` }
}

/** Cubic feet per person and day between shops (from memory of household guides, tolerance a quarter). */
function fridgeReason({ fridge, unread }: GalleyFacts, { people, days, rules }: GalleyNeed): Reason {
  if (fridge === undefined) return { verdict: 'measure', says: says`The refrigerator’s size is not known; read its plate.`, missing: unread.filter((key) => key.endsWith('capacity')) }
  const asked = people * days * rules.fridgePerPersonDay
  const spare = fridge - asked
  const verdict = spare < 0 ? 'tight' : verdictOf(spare, rules.fridgeTight)
  const words = says`${quantity(fridge, 'cu ft')} of refrigerator; ${quantity(people, 'person')} over ${days} ${days === 1 ? 'day' : 'days'} between shops ask about ${quantity(asked, 'cu ft')}.`
  return { verdict, says: words, margin: marginOf(spare, 'cu ft', 6) }
}

function prepReason({ prepCoversOn, prepCoversOff }: GalleyFacts, { people, rules }: GalleyNeed): Reason {
  const asked = people >= rules.prepManyFrom ? rules.prepLengthMany : rules.prepLength
  const [on, off] = [longest(prepCoversOn, rules.prepDepth), longest(prepCoversOff, rules.prepDepth)]
  const spare = on - asked
  const words = on === 0 ? says`No clear stretch of counter ${inches(rules.prepDepth)} deep.` : says`Longest clear counter ${inches(on)} with covers on${off === 0 ? ', none while cooking' : off < on ? says`, ${inches(off)} while cooking` : ''}; ${inches(asked)} would be right.`
  return { verdict: spare < 0 ? 'tight' : 'fits', says: words, margin: marginOf(spare, 'in', 36) }
}

function counterReason({ counterOn, counterOff }: GalleyFacts): Reason[] {
  if (counterOn === 0) return []
  return [{ verdict: 'fits', says: says`${quantity(counterOn / 144, 'sq ft')} of counter in all${counterOff < counterOn ? says`, ${quantity(counterOff / 144, 'sq ft')} with the covers off` : ''}.` }]
}

/** A recliner or an island bench in front of the counter: one does not stand where it stands. */
function beforeReason({ before }: GalleyFacts, { rules }: GalleyNeed): Reason[] {
  const worst = before.filter(({ takes }) => takes > rules.blockedFront)
  if (worst.length === 0) return []
  const most = worst.reduce((a, b) => (b.takes > a.takes ? b : a))
  return [{ verdict: 'tight', says: says`In front of the counter ${worst.length > 1 ? 'stand' : 'stands'} ${listed(worst.map(({ name }) => name))}: ${inches(most.takes)} of it cannot be worked at.`, brief: `${most.name.replace(/^the /, '')} before the counter` }]
}

function rainReason({ kitchenCover }: GalleyFacts): Reason[] {
  if (kitchenCover === undefined) return []
  if (kitchenCover >= 0.9) return [{ verdict: 'fits', says: says`The outside kitchen is under the awning.` }]
  return [{ verdict: 'fits', says: kitchenCover < 0.1 ? says`No awning covers the outside kitchen: one cooks in the rain.` : says`The awning covers ${Math.round(kitchenCover * 100)} % of the outside kitchen.` }]
}

function longest(rectangles: CounterSpace['rectangles'], depth: number): number {
  return rectangles.filter((one) => one.depth >= depth).reduce((most, { length }) => Math.max(most, length), 0)
}

function sum(parts: (number | undefined)[]): number | undefined {
  return parts.some((part) => part === undefined) ? undefined : parts.reduce<number>((total, part) => total + part!, 0)
}
