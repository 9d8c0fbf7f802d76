import { usuallyThere, type Household } from '../../household/household'
import type { Stance } from '../../household/wishes/stances'
import type { CounterSpace } from '../../plan/living/counter'
import { listed, says } from '../../quantity/phrase'
import { inches, quantity } from '../../quantity/quantity'
import { cubicFeetOf } from '../../quantity/volume'
import { galleyFacts, type GalleyFacts } from './facts'
import { GALLEY_RULES, type GalleyRules } from './rules'
import { answerOf } from '../answer'
import type { Question } from '../question'
import { fits, marginOf, measure, no, note, reason, tight, verdictOf, type Reason } from '../reason'
import { lookedReason, stanceReason } from '../stance'

export interface GalleyNeed {
  people: number
  days: number
  oven?: Stance
  outsideKitchen?: Stance
  compressorFridge?: Stance
  gasElectricFridge?: Stance
  /** Small children, whom whoever cooks keeps an eye on. */
  small: string[]
  rules: GalleyRules
}

/** Can they cook in it: burners, oven, refrigerator for the days between shops, and room to work with the covers on. */
export const galley: Question<'galley', GalleyFacts, GalleyNeed, typeof GALLEY_RULES, 'pantryHeight' | 'sinkRim'> = {
  id: 'galley',
  words: {
    asks: 'Can they cook in it?',
    short: 'Kitchen',
    topic: 'kitchen',
    against: 'kitchen not right',
    speaksFor: 'they can cook in it',
    shownAt: 'kitchen',
    tryIt: 'Let whoever cooks stand at the counter, covers off.',
  },
  version: 11,
  rules: GALLEY_RULES,
  factRules: ['pantryHeight', 'sinkRim'],
  weight: 2,
  living: true,
  drawing: ['inside'],
  cautions: [],
  facts: galleyFacts,
  need: galleyNeed,
  judge: ({ facts, need }) =>
    answerOf([
      burnerReason(facts, need),
      fridgeReason(facts, need),
      prepReason(facts, need),
      ...counterReason(facts),
      ...potReason(facts, need),
      ...shelfReason(facts, need),
      ...hoodReason(facts),
      ...beforeReason(facts, need),
      ...openedReason(facts, need),
      ...watchReasons(facts, need),
      ...ovenReason(facts, need),
      ...lookedReason(need.outsideKitchen, facts.outsideKitchen, 'an outside kitchen', outsideOf(facts)),
      ...rainReason(facts),
      ...insideReason(facts, need),
      ...fridgeKindReason(need.compressorFridge, facts, '12 V compressor', 'a 12 V compressor fridge'),
      ...fridgeKindReason(need.gasElectricFridge, facts, 'gas-electric', 'a gas-electric fridge'),
    ]),
}

const outsideOf = ({ unnoted: { outside } }: GalleyFacts): string[] => (outside === undefined ? [] : [outside])

function galleyNeed(household: Household, rules: GalleyRules): GalleyNeed {
  const { oven, outsideKitchen, compressorFridge, gasElectricFridge } = household.stances
  return {
    people: usuallyThere(household).length,
    days: Math.min(household.trip.nights, rules.daysBetweenShops),
    oven,
    outsideKitchen,
    compressorFridge,
    gasElectricFridge,
    small: household.people.filter(({ age }) => age < rules.watchedUnder).map(({ name }) => name),
    rules,
  }
}

/** Who would like an oven bakes small in a convection microwave; who must have one has none by it. */
function ovenReason({ oven, convection, unnoted }: GalleyFacts, { oven: stance }: GalleyNeed): Reason[] {
  if (!oven && convection && (stance === 'want' || stance === 'must')) {
    const instead = 'a convection microwave, which bakes what is small'
    return stance === 'want'
      ? [fits(says`It has no oven, and in its place ${instead}.`)]
      : [no(says`They must have an oven; this one has ${instead}.`, { brief: 'no oven' })]
  }
  return lookedReason(stance, oven, 'an oven', unnoted.inside)
}

function burnerReason({ burners, unread, unnoted }: GalleyFacts, { people, rules }: GalleyNeed): Reason {
  if (unnoted.cooktop)
    return measure(says`No cooktop is drawn: draw it, or note that there is none.`, [unnoted.cooktop])
  if (burners === undefined)
    return measure(
      says`Count the burners.`,
      unread.filter((key) => key.endsWith('burners')),
    )
  if (burners === 0) return tight(says`There is no cooktop inside.`, { brief: 'no cooktop' })
  const asked = people >= rules.threeBurnersFrom ? 3 : 2
  const spare = burners - asked
  const enough = spare < 0 ? says`; ${asked} would be right` : ''
  const words = says`${quantity(burners, 'burner')} for ${quantity(people, 'person')}${enough}.`
  return reason(spare < 0 ? 'tight' : 'fits', words, { brief: `${burners} of ${asked} burners` })
}

/** While a refrigerator's kind is unread it may be the one they care about. */
function fridgeKindReason(stance: Stance | undefined, facts: GalleyFacts, kind: string, thing: string): Reason[] {
  const has = facts.fridgeKinds.includes(kind)
  if (facts.unnoted.fridge) return lookedReason(stance, has, thing, [facts.unnoted.fridge])
  if (stance === undefined || has || facts.fridgeKindUnread.length === 0) return stanceReason(stance, has, thing)
  return [measure(says`Look whether it has ${thing}: they care which kind it is.`, facts.fridgeKindUnread)]
}

/** Cubic feet per person and day between shops (from memory of household guides, tolerance a quarter). */
function fridgeReason({ fridge, unread, unnoted }: GalleyFacts, { people, days, rules }: GalleyNeed): Reason {
  if (unnoted.fridge)
    return measure(says`No refrigerator is drawn: draw it, or note that there is none.`, [unnoted.fridge])
  if (fridge === undefined)
    return measure(
      says`The refrigerator’s size is not known; read its plate.`,
      unread.filter((key) => key.endsWith('capacity')),
    )
  if (fridge === 0) return tight(says`There is no refrigerator inside.`, { brief: 'no refrigerator' })
  const asked = people * days * rules.fridgePerPersonDay
  const spare = fridge - asked
  const verdict = spare < 0 ? 'tight' : verdictOf(spare, rules.fridgeTight)
  const often = days === 1 ? 'every day' : `every ${days} days`
  const fills = says`shopping for ${quantity(people, 'person')} ${often} fills about ${quantity(asked, 'cu ft')}`
  const words = says`A refrigerator of ${quantity(fridge, 'cu ft')}; ${fills}.`
  const besides = { margin: marginOf(spare, 'cu ft', 6), ...(spare < 0 && { brief: 'a small refrigerator' }) }
  return reason(verdict, words, besides)
}

function prepReason({ prepCoversOn, prepCoversOff }: GalleyFacts, { people, rules }: GalleyNeed): Reason {
  const asked = people >= rules.prepManyFrom ? rules.prepLengthMany : rules.prepLength
  const [on, off] = [longest(prepCoversOn, rules.prepDepth), longest(prepCoversOff, rules.prepDepth)]
  const spare = on - asked
  const besides = { margin: marginOf(spare, 'in', 36) }
  if (on === 0) return tight(says`No clear stretch of counter ${inches(rules.prepDepth)} deep.`, besides)
  const longestClear = says`Longest clear counter ${inches(on)}`
  if (spare < 0) return tight(says`${longestClear}; ${inches(asked)} would be right.`, besides)
  if (off < rules.prepWhileCooking) {
    const left = off === 0 ? 'none of it' : says`only ${inches(off)} of it`
    const brief = off === 0 ? 'no counter while cooking' : 'little counter while cooking'
    return tight(says`${longestClear} with the covers on, and ${left} while cooking.`, { brief })
  }
  return fits(
    off < on ? says`${longestClear} with the covers on, ${inches(off)} while cooking.` : says`${longestClear}.`,
    besides,
  )
}

function counterReason({ counterOn, counterOff }: GalleyFacts): Reason[] {
  if (counterOn === 0) return []
  const uncovered = counterOff < counterOn ? says`, ${quantity(counterOff / 144, 'sq ft')} with the covers off` : ''
  return [note(says`${quantity(counterOn / 144, 'sq ft')} of counter in all${uncovered}.`)]
}

/** A recliner or an island bench in front of the counter: one does not stand where it stands. */
function beforeReason({ before }: GalleyFacts, { rules }: GalleyNeed): Reason[] {
  const worst = before.filter(({ takes }) => takes > rules.blockedFront)
  if (worst.length === 0) return []
  const names = listed(worst.map(({ name }) => name))
  const most = worst.reduce((a, b) => (b.takes > a.takes ? b : a))
  return [
    tight(says`With ${names} in front of it ${inches(most.takes)} of the counter cannot be worked at.`, {
      brief: `${most.name.replace(/^the /, '')} before the counter`,
    }),
  ]
}

/** A chair opened in front of the counter is put upright for the cook, and a lounge is put back. */
function openedReason({ before, openedBefore }: GalleyFacts, { rules }: GalleyNeed): Reason[] {
  const stands = new Map(before.map(({ name, takes }) => [name, takes]))
  return openedBefore
    .filter(({ name, takes }) => takes > rules.blockedFront && takes > (stands.get(name) ?? 0) + 1)
    .map(({ name, takes, set }) =>
      note(
        says`With ${name} ${set ? 'set as a dinette' : 'opened'} ${inches(takes)} of the counter’s front cannot be worked at.`,
      ),
    )
}

/** Whoever cooks keeps an eye on small children, who play where the awning is. */
function watchReasons({ watches: { side, kitchen, outside } }: GalleyFacts, { small }: GalleyNeed): Reason[] {
  if (small.length === 0) return []
  const who = listed(small)
  const camp = says`the ${side === 'off-door' ? 'off-door side' : side === 'door' ? 'door side' : side}`
  return [
    ...(outside === undefined
      ? []
      : [
          note(
            outside
              ? says`At the outside kitchen one has ${who} in sight where one camps, on ${camp}.`
              : says`The outside kitchen is not on ${camp}, where one camps: whoever cooks there does not see ${who}.`,
          ),
        ]),
    ...(kitchen === undefined
      ? []
      : [
          note(
            kitchen
              ? says`From the kitchen one sees ${who} outside through ${kitchen}.`
              : says`From the kitchen no window shows ${camp}, where ${who} ${small.length > 1 ? 'play' : 'plays'}.`,
          ),
        ]),
  ]
}

/** The largest pot lies flat in the sink. */
function potReason({ bowl, unnoted }: GalleyFacts, { people, rules }: GalleyNeed): Reason[] {
  if (unnoted.sink)
    return [measure(says`No kitchen sink is drawn: draw it, or note that there is none.`, [unnoted.sink])]
  if (!bowl) return [tight(says`There is no kitchen sink inside.`, { brief: 'no kitchen sink' })]
  const pot = people >= rules.prepManyFrom ? rules.potMany : rules.pot
  const deep = bowl.depth === undefined ? '' : says`, ${inches(bowl.depth)} deep`
  if (bowl.across < pot)
    return [
      note(
        says`The sink’s bowl is ${inches(Math.round(bowl.across))} across${deep}: their ${inches(pot)} pot does not lie in it.`,
      ),
    ]
  return [fits(says`The sink takes a ${inches(pot)} pot${deep}.`)]
}

/** Where plates and cups go, and what the pantry holds. */
function shelfReason({ overheads, pantry }: GalleyFacts, { rules }: GalleyNeed): Reason[] {
  const deepest = Math.max(0, ...overheads)
  const dishes =
    deepest >= rules.plateDepth
      ? says`plates and cups go in the overheads`
      : deepest >= rules.cupDepth
        ? says`the overheads, ${inches(Math.round(deepest))} deep, hold cups but no plates`
        : says`no overhead holds cups or plates`
  if (pantry > 0) return [fits(says`${quantity(pantry, 'cu ft')} of pantry; ${dishes}.`)]
  if (deepest >= rules.plateDepth) return [fits(says`No pantry; ${dishes}.`)]
  return [note(says`No pantry; ${dishes}, so dishes and food go under the counter.`)]
}

function hoodReason({ hood }: GalleyFacts): Reason[] {
  if (hood === undefined) return []
  if (typeof hood === 'object')
    return [note(says`Whether the hood vents outside, nobody has looked.`, { missing: [hood.read] })]
  return [
    note(
      hood === 'vented'
        ? says`The hood vents outside.`
        : says`The hood only recirculates: steam stays inside, open a window.`,
    ),
  ]
}

/** An outside kitchen is paid for inside, with the space behind its door. */
function insideReason({ outsideLength }: GalleyFacts, { rules: { outsideKitchenTakes: takes } }: GalleyNeed): Reason[] {
  if (outsideLength === undefined) return []
  const taken = cubicFeetOf([outsideLength, takes.depth, takes.height])
  return [note(says`The outside kitchen takes about ${quantity(taken, 'cu ft')} of the inside behind it.`)]
}

function rainReason({ kitchenCover }: GalleyFacts): Reason[] {
  if (kitchenCover === undefined) return []
  if (kitchenCover >= 0.9) return [fits(says`The outside kitchen is under the awning.`)]
  return [
    note(
      kitchenCover < 0.1
        ? says`No awning covers the outside kitchen: in rain the cook gets wet.`
        : says`The awning covers ${Math.round(kitchenCover * 100)} % of the outside kitchen.`,
    ),
  ]
}

function longest(rectangles: CounterSpace['rectangles'], depth: number): number {
  return rectangles.filter((one) => one.depth >= depth).reduce((most, { length }) => Math.max(most, length), 0)
}
