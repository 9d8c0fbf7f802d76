import { expect, it } from 'vitest'
import type { Household } from '../core/src/household/household'
import { factsOn } from '../core/src/match/factSheet'
import { judgeFor } from '../core/src/match/judge'
import { DEFAULT_HOUSE_RULES } from '../core/src/rules/houseRules'
import { households as demoHouseholds, models } from './testing/files'

/** Ways in which two families differ by one thing that a name or an id does not tell. */
const VARIANTS: readonly ((who: Household) => Household)[] = [
  (who) => ({ ...who, pets: [{ id: 'rex', name: 'Rex', kind: 'dog', weight: 120 }] }),
  (who) => ({ ...who, pets: [{ id: 'rex', name: 'Rex', kind: 'dog' }] }),
  (who) => ({ ...who, pets: [{ id: 'rex', name: 'Rex', kind: 'dog', weight: 20 }] }),
  (who) => ({ ...who, people: who.people.map((one) => ({ ...one, height: undefined })) }),
  (who) => ({ ...who, people: who.people.map((one) => ({ ...one, weight: undefined })) }),
  (who) => ({ ...who, people: who.people.map((one, i) => (i === 0 ? { ...one, needs: ['night trips'] } : one)) }),
  (who) => ({ ...who, gear: who.gear.map((one) => ({ ...one, size: undefined })) }),
  (who) => ({ ...who, trip: { ...who.trip, nights: 100 } }),
]

/** What is remembered of a unit's facts must follow from all that went into it: else the order of asking would answer. */
it('a family is answered the same on a unit whoever was asked before them', () => {
  const families = demoHouseholds()
  const said = (facts: ReturnType<typeof factsOn>, who: Household) =>
    JSON.stringify(judgeFor(who, DEFAULT_HOUSE_RULES)(facts))
  const otherwise: string[] = []
  for (const [i, trailer] of models().entries()) {
    const family = families[i % families.length]!
    const asked = [family, ...VARIANTS.map((as) => as(family))]
    const alone = asked.map((who) => said(structuredClone(factsOn(structuredClone(trailer), DEFAULT_HOUSE_RULES)), who))
    for (const order of [asked, [...asked].reverse()]) {
      const facts = structuredClone(factsOn(trailer, DEFAULT_HOUSE_RULES))
      for (const who of order) {
        const at = asked.indexOf(who)
        if (said(facts, who) !== alone[at]) otherwise.push(`${trailer.stock} ${family.name} ${at}`)
      }
    }
  }
  expect(otherwise).toEqual([])
})
