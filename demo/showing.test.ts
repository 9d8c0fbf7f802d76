import { describe, expect, it } from 'vitest'
import { factsOn } from '../core/src/match/factSheet'
import { judgeFor } from '../core/src/match/judge'
import { deciding, ifThereIsTime, showing } from '../core/src/match/showing'
import { badness } from '../core/src/questions/reason'
import { phraseText } from '../core/src/quantity/phrase'
import { DEFAULT_HOUSE_RULES as RULES } from '../core/src/rules/houseRules'
import { stationsOf } from '../core/src/walk/stations'
import { households as demoHouseholds, trailers as demoTrailers } from './testing/files'

const yard = demoTrailers()
const households = demoHouseholds()

describe('what is shown on the walk', () => {
  it.each(yard.map((trailer) => [trailer.stock, trailer] as const))(
    'of %s each point that decides, each that speaks against it or is open and each caution stands at exactly one station',
    (_, trailer) => {
      const stations = stationsOf(trailer)
      const facts = factsOn(trailer, RULES)
      for (const household of households) {
        const answers = judgeFor(household, RULES)(facts)
        const shown = showing(trailer, stations, answers)
        const ids = new Set(stations.map(({ id }) => id))
        expect(
          [...shown.keys()].filter((id) => !ids.has(id)),
          household.name,
        ).toEqual([])
        const all = [...shown.values()].flat()
        for (const [question, answer] of Object.entries(answers)) {
          const points = all.filter((one) => one.question === question).map(({ says }) => phraseText(says))
          const against = answer.because.filter(({ verdict }) => badness(verdict) > badness('fits'))
          const told = new Set([...deciding(answer.because, answer.verdict), ...against])
          expect([...points].sort(), `${household.name}: ${question}`).toEqual(
            [...told].map(({ says }) => phraseText(says)).sort(),
          )
          // None of them looks graver or lighter than it is.
          for (const { verdict, says } of against)
            if (verdict !== answer.verdict && points.length > 1)
              expect(all.find((one) => phraseText(one.says) === phraseText(says))?.verdict).toBe(verdict)
        }
        const cautions = all.flatMap((one) => one.cautions)
        expect(new Set(cautions).size).toBe(cautions.length)
        expect([...new Set(Object.values(answers).flatMap((one) => one.cautions))].sort()).toEqual([...cautions].sort())
      }
    },
  )

  it('within a quarter of an hour what speaks against it comes before what fits, and nothing is left out', () => {
    for (const trailer of yard.slice(0, 12)) {
      const stations = stationsOf(trailer)
      const facts = factsOn(trailer, RULES)
      for (const household of households) {
        const shown = showing(trailer, stations, judgeFor(household, RULES)(facts))
        const all = [...shown.values()].flat()
        expect(new Set(all.map(({ key }) => key)).size).toBe(all.length)
        const later = ifThereIsTime(shown, 15)
        const worst = Math.max(-1, ...all.filter(({ key }) => later.has(key)).map(({ verdict }) => badness(verdict)))
        for (const { key, verdict } of all) if (!later.has(key)) expect(badness(verdict)).toBeGreaterThanOrEqual(worst)
        expect(all.length - later.size).toBe(Math.min(all.length, 7))
        expect(ifThereIsTime(shown, undefined).size).toBe(0)
      }
    }
  })
})
