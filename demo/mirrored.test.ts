import { describe, expect, it } from 'vitest'
import { mirrored } from '../core/src/editing/mirror'
import { factsOn } from '../core/src/match/factSheet'
import { judgeFor, type Answers } from '../core/src/match/judge'
import { phraseText } from '../core/src/quantity/phrase'
import { DEFAULT_HOUSE_RULES } from '../core/src/rules/houseRules'
import { households as demoHouseholds, models } from './testing/files'

const households = demoHouseholds()

/** Verdicts and words, whichever side of the trailer they speak of. */
const eitherSide = (answers: Answers) =>
  Object.entries(answers).map(([id, { verdict, because }]) => [
    id,
    verdict,
    ...because.map(
      (one) => `${one.verdict}: ${phraseText(one.says).replaceAll(/(off-)?door[- ]side|off-door/g, 'side')}`,
    ),
  ])

describe('a unit that was built the other way round', () => {
  it.each(models().map((trailer) => [trailer.stock, trailer] as const))(
    'answers every household on %s the same in the same words',
    (_, trailer) => {
      const image = { ...trailer, plan: mirrored(trailer.plan, 'side to side') }
      const [own, turned] = [trailer, image].map((one) => factsOn(one, DEFAULT_HOUSE_RULES))
      for (const household of households) {
        const judge = judgeFor(household, DEFAULT_HOUSE_RULES)
        expect(eitherSide(judge(turned!)), household.name).toEqual(eitherSide(judge(own!)))
      }
    },
  )
})
