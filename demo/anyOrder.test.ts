import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Household } from '../core/src/household/household'
import { factsOn } from '../core/src/match/factSheet'
import { judgeFor, type Answers } from '../core/src/match/judge'
import { phraseText } from '../core/src/quantity/phrase'
import { DEFAULT_HOUSE_RULES } from '../core/src/rules/houseRules'
import type { Trailer } from '../core/src/trailer/trailer'
import { households as demoHouseholds, models } from './testing/files'

const trailers = models()
const households = demoHouseholds()

/** What is a list in order by its meaning: the steps of a conversion, corners of an outline, readings as they were taken. */
const ORDERED = new Set(['steps', 'polygon', 'rect', 'from', 'to', 'size', 'band', 'readings', 'features'])

/** The document with every other list, and the keys of every object, in an order of their own. */
function shuffled<T>(value: T, random: () => number, key = ''): T {
  if (ORDERED.has(key)) return value
  const mixed = <One>(list: readonly One[]): One[] =>
    list
      .map((one) => ({ one, at: random() }))
      .sort((a, b) => a.at - b.at)
      .map(({ one }) => one)
  if (Array.isArray(value)) return mixed(value.map((one: unknown) => shuffled(one, random))) as T
  if (value === null || typeof value !== 'object') return value
  return Object.fromEntries(mixed(Object.entries(value)).map(([name, one]) => [name, shuffled(one, random, name)])) as T
}

const told = (answers: Answers) =>
  Object.entries(answers)
    .map(([id, { verdict, because }]) => [
      id,
      verdict,
      ...because.map((one) => `${one.verdict}: ${phraseText(one.says)}`),
    ])
    .sort(([a], [b]) => (a! < b! ? -1 : 1))

const answersTo = (trailer: Trailer, household: Household) =>
  told(judgeFor(household, DEFAULT_HOUSE_RULES)(factsOn(trailer, DEFAULT_HOUSE_RULES)))

describe('the order in which things are written down', () => {
  it.each(trailers.map((trailer, i) => [trailer.stock, trailer, i] as const))(
    'changes no answer and no word on %s, of the unit or of the household',
    (_, trailer, i) => {
      for (const household of [0, 1, 2].map((n) => households[(3 * i + n * 5) % households.length]!)) {
        const asWritten = answersTo(trailer, household)
        fc.assert(
          fc.property(fc.infiniteStream(fc.double({ min: 0, max: 1, noNaN: true })), (stream) => {
            const random = () => stream.next().value as number
            expect(answersTo(shuffled(trailer, random), shuffled(household, random))).toEqual(asWritten)
          }),
          { numRuns: 3, seed: i },
        )
      }
    },
  )
})
