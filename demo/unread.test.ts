import { describe, expect, it } from 'vitest'
import { factsOn } from '../core/src/match/factSheet'
import { judgeFor } from '../core/src/match/judge'
import { provenanceOf } from '../core/src/match/provenance'
import type { Answer } from '../core/src/questions/answer'
import type { Verdict } from '../core/src/questions/reason'
import { DEFAULT_HOUSE_RULES } from '../core/src/rules/houseRules'
import { thingsOf } from '../core/src/trailer/things'
import type { Trailer } from '../core/src/trailer/trailer'
import { households as demoHouseholds, models } from './testing/files'

const trailers = models()
const households = demoHouseholds()

/** Every reading that somebody took on a unit, by its path, and the unit without it. */
function unreadOf(trailer: Trailer): { key: string; without: Trailer }[] {
  return thingsOf(trailer).flatMap(({ path, readings }) =>
    Object.keys(readings ?? {}).map((key) => {
      const without = structuredClone(trailer)
      const thing = thingsOf(without).find((one) => one.path === path)!
      delete thing.readings![key]
      return { key: `${path}.${key}`, without }
    }),
  )
}

/** Whether not knowing a figure made an answer better than knowing it. */
const isKinder = (known: Verdict | undefined, unread: Verdict | undefined): boolean =>
  (unread === 'fits' && known !== 'fits') || (unread === 'tight' && known === 'no')

/** All that an answer says. */
const told = (answer: Answer | undefined): string =>
  JSON.stringify(answer && [answer.verdict, answer.because.map(({ says, verdict }) => [verdict, says])])

describe('a figure that nobody read', () => {
  it.each(trailers.map((trailer, i) => [trailer.stock, trailer, i] as const))(
    'on %s never makes a Fits of what was none, nor a Tight of a No; what it changes rests on it by name',
    (_, trailer, i) => {
      // Each plan through the eyes of a few, all of them over the yard.
      const asking = [0, 1, 2].map((n) => households[(3 * i + n * 5) % households.length]!)
      const judges = asking.map((household) => ({ household, judge: judgeFor(household, DEFAULT_HOUSE_RULES) }))
      const known = judges.map(({ judge }) => judge(factsOn(trailer, DEFAULT_HOUSE_RULES)))
      const rests = asking.map((household) => provenanceOf(trailer, household, DEFAULT_HOUSE_RULES))
      const kinder: string[] = []
      const unnamed: string[] = []
      for (const { key, without } of unreadOf(trailer)) {
        const facts = factsOn(without, DEFAULT_HOUSE_RULES)
        judges.forEach(({ household, judge }, k) => {
          const answers = judge(facts)
          for (const [question, answer] of Object.entries(answers)) {
            const before = known[k]![question as keyof typeof answers]?.verdict
            const named = rests[k]![question as keyof typeof answers]?.includes(key)
            if (!named && told(known[k]![question as keyof typeof answers]) !== told(answer))
              unnamed.push(`${household.name}: ${question} changes without ${key}`)
            if (isKinder(before, answer.verdict))
              kinder.push(`${household.name}: without ${key} ${question} is ${answer.verdict}, with it ${before}`)
          }
        })
      }
      expect(kinder).toEqual([])
      expect(unnamed).toEqual([])
    },
  )
})
