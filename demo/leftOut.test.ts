import { describe, expect, it } from 'vitest'
import type { Household } from '../core/src/household/household'
import { factsOn } from '../core/src/match/factSheet'
import { judgeFor } from '../core/src/match/judge'
import type { Verdict } from '../core/src/questions/reason'
import { DEFAULT_HOUSE_RULES } from '../core/src/rules/houseRules'
import type { Trailer } from '../core/src/trailer/trailer'
import { households as demoHouseholds, models } from './testing/files'

const trailers = models()
const households = demoHouseholds()

/** Whether not knowing made an answer better than knowing. */
const isKinder = (known: Verdict | undefined, unknown: Verdict | undefined): boolean =>
  (unknown === 'fits' && known !== 'fits') || (unknown === 'tight' && known === 'no')

/** Each copy of a document with one thing left out. */
function* without<T>(document: T, left: (copy: T) => Iterable<[name: string, leave: () => void]>) {
  const names = [...left(structuredClone(document))].map(([name]) => name)
  for (const [i, name] of names.entries()) {
    const copy = structuredClone(document)
    const leave = [...left(copy)][i]![1]
    leave()
    yield { name, copy }
  }
}

/**
 * What nobody asked. Not in it: what is taken as usual and said so (water on the road, belongings, washing, the kind of
 * country), limits and wishes, which only ask for more, and a dog's crate, without which the dog has a bed.
 */
function* asked(household: Household): Iterable<[string, () => void]> {
  for (const person of household.people)
    for (const key of ['height', 'weight', 'sex'] as const)
      if (person[key] !== undefined) yield [`${person.name}: ${key}`, () => delete person[key]]
  for (const pet of household.pets) if (pet.weight !== undefined) yield [`${pet.name}: weight`, () => delete pet.weight]
  for (const key of Object.keys(household.vehicle.readings))
    yield [`vehicle: ${key}`, () => delete household.vehicle.readings[key]]
  if (household.trip.spreads) yield ['spreads', () => delete household.trip.spreads]
  for (const gear of household.gear) if (gear.size) yield [`${gear.name}: size`, () => delete gear.size]
  if (household.guestsCome !== 'never') yield ['how often guests come', () => (household.guestsCome = 'never')]
}

/** What nobody noted on the plan beside readings. */
function* noted({ plan }: Trailer): Iterable<[string, () => void]> {
  for (const one of plan.compartments) if (one.at !== undefined) yield [`${one.id}: at`, () => delete one.at]
  for (const door of plan.doors) {
    if (door.hinge) yield [`${door.id}: hinge`, () => delete door.hinge]
    if (door.opens) yield [`${door.id}: opens`, () => delete door.opens]
  }
}

describe('what is left out', () => {
  it.each(trailers.map((trailer, i) => [trailer.stock, trailer, i] as const))(
    'makes no answer kinder on %s: of the household, and of the plan',
    (_, trailer, i) => {
      const facts = factsOn(trailer, DEFAULT_HOUSE_RULES)
      const kinder: string[] = []
      for (const household of [0, 1, 2, 3].map((n) => households[(3 * i + n * 5) % households.length]!)) {
        const judge = judgeFor(household, DEFAULT_HOUSE_RULES)
        const known = judge(facts)
        const compare = (name: string, unknown: typeof known) => {
          for (const [id, { verdict }] of Object.entries(known))
            if (isKinder(verdict, unknown[id as keyof typeof known]?.verdict))
              kinder.push(
                `${household.name}, without ${name}: ${id} ${verdict} -> ${unknown[id as keyof typeof known]?.verdict}`,
              )
        }
        for (const { name, copy } of without(household, asked))
          compare(name, judgeFor(copy, DEFAULT_HOUSE_RULES)(facts))
        for (const { name, copy } of without(trailer, noted)) compare(name, judge(factsOn(copy, DEFAULT_HOUSE_RULES)))
      }
      expect(kinder).toEqual([])
    },
  )
})
